<?php

declare(strict_types=1);

// Limits on the endurance map.
return [
    'roof' => '{count, plural, one {the roof holds one such panel} other {the roof holds # such panels}}',
    'bay' => '{count, plural, one {the bay holds one such battery} other {the bay holds # such batteries}}',
    'payload' => '{left} are left for batteries and panels',
    'money' => '{money} to spend on batteries and panels',
];
