<?php

declare(strict_types=1);

return ['a' => ['office' => 'the office', 'planner' => 'a planner', 'technician' => 'a technician']];
