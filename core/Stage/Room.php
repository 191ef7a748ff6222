<?php

declare(strict_types=1);

namespace Pebblefell\Stage;

use Pebblefell\Study;

/** The room of one stage: what is judged there, and when its work is done. */
interface Room
{
    /**
     * @return list<Rule> in the order in which their findings are read
     */
    public function rules(): array;

    public function isDone(Study $study, Progress $progress): bool;
}
