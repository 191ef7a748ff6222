<?php

declare(strict_types=1);

// Limits on the endurance map.
return [
    'roof' => 'the roof holds one such panel|the roof holds :count such panels',
    'bay' => 'the bay holds one such battery|the bay holds :count such batteries',
    'payload' => ':left are left for batteries and panels',
    'money' => ':money to spend on batteries and panels',
];
