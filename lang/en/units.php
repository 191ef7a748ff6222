<?php

declare(strict_types=1);

return ['and' => 'and', 'of-several' => ':name no. :number'];
