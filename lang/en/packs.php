<?php

declare(strict_types=1);

// The two ways to build a pack of cells.
return [
    'groups' => '{cells}, one BMS',
    'strings' => '{cells}, a BMS each',
];
