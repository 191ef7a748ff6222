<?php

declare(strict_types=1);

namespace Pebblefell\Assessment;

use Pebblefell\Finding\Finding;
use Pebblefell\Sizing\Sums;

/** One rule of the trade. It looks at the sums and says what it finds; it never changes anything. */
interface Rule
{
    /** Where its findings are shown. */
    public function stage(): Stage;

    /**
     * @return list<Finding> empty when all is well
     */
    public function judge(Sums $sums): array;
}
