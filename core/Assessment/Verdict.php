<?php

declare(strict_types=1);

namespace Pebblefell\Assessment;

use Pebblefell\Finding\Finding;
use Pebblefell\Stage;
use Pebblefell\System\Answer;

/** A finding in its stage, with the person's answer to it, if it still fits. */
final readonly class Verdict
{
    /**
     * @param ?Answer $answer the answer to just these figures
     * @param ?Answer $earlier an answer to other figures: the question is asked again
     */
    public function __construct(public Finding $finding, public Stage $stage, public ?Answer $answer, public ?Answer $earlier)
    {
    }

    public function isOpen(): bool
    {
        return $this->answer === null;
    }
}
