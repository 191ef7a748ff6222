<?php

declare(strict_types=1);

return ['and' => 'and', 'days' => 'days', 'years' => 'years', 'of-several' => '{name} no. {number}'];
