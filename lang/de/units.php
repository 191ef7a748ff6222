<?php

declare(strict_types=1);

return ['and' => 'und', 'days' => 'Tage', 'years' => 'Jahre', 'of-several' => '{name} Nr. {number}'];
