<?php

declare(strict_types=1);

return ['and' => 'und', 'of-several' => ':name Nr. :number'];
