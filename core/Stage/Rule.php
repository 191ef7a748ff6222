<?php

declare(strict_types=1);

namespace Pebblefell\Stage;

use Pebblefell\Finding\Finding;
use Pebblefell\Study;

/** One rule of the trade. It looks at the sums and says what it finds; it never changes anything. */
interface Rule
{
    /**
     * @return list<Finding> empty when all is well
     */
    public function judge(Study $study): array;
}
