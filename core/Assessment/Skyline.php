<?php

declare(strict_types=1);

namespace Pebblefell\Assessment;

use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage;
use Pebblefell\Stage\Progress;

/** How far a job is: the state of each stage, and what to do next. */
final readonly class Skyline
{
    /**
     * @param array<string, StageState> $states by Stage value, in order
     * @param ?Finding $next what is to be settled first; null: the next stage's own work
     * @param Stage $nextStage where
     */
    private function __construct(public array $states, public ?Finding $next, public Stage $nextStage, public bool $finished)
    {
    }

    /**
     * @return list<array{Stage, StageState}> in order
     */
    public function stages(): array
    {
        return array_map(fn(Stage $s): array => [$s, $this->states[$s->value]], Stage::cases());
    }

    public static function of(Assessment $assessment, Progress $progress): self
    {
        $states = [];
        foreach (Stage::cases() as $stage) {
            $states[$stage->value] = match (true) {
                $assessment->count(Severity::Stop, $stage) > 0 => StageState::Stopped,
                $assessment->study->judged()->isDone($stage, $progress) => StageState::Done,
                default => StageState::ToDo,
            };
        }
        foreach ($assessment->verdicts as $verdict) {
            if ($verdict->isOpen() && $verdict->finding->severity === Severity::Stop) {
                return new self($states, $verdict->finding, $verdict->stage, false);
            }
        }
        foreach (Stage::cases() as $stage) {
            if ($states[$stage->value] === StageState::ToDo) {
                return new self($states, null, $stage, false);
            }
        }

        return new self($states, null, Stage::Aftercare, true);
    }

}
