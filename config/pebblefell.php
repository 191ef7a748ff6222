<?php

declare(strict_types=1);

return [
    // Demo mode: the sign-in page shows the demo accounts.
    'demo' => (bool) env('PEBBLEFELL_DEMO', false),
    // Photographs: longest side in pixels after re-encoding, JPEG quality, largest upload in kB.
    'photo' => ['longest_px' => 1600, 'quality' => 82, 'max_kb' => 15_360],
    // Sign-in attempts a minute, per address and per account.
    'sign_in_attempts' => 5,
    // Rows on one page of the Yard and of other long lists.
    'page' => 20,
];
