<?php

declare(strict_types=1);

// Die zwei Arten, aus Zellen eine Batterie zu bauen.
return [
    'groups' => '{cells}, ein BMS',
    'strings' => '{cells}, je ein BMS',
];
