<?php

declare(strict_types=1);

namespace Pebblefell\Assessment;

use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\BankDrawing;
use Pebblefell\Sizing\Sums;

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
     * @param bool $handedOver whether a pack has been issued
     * @param bool $balanced   whether the planned batteries have been through Balance, or need not
     */
    public static function of(Assessment $assessment, bool $handedOver, bool $balanced): self
    {
        $states = [];
        foreach (Stage::cases() as $stage) {
            $states[$stage->value] = match (true) {
                $assessment->count(Severity::Stop, $stage) > 0 => StageState::Stopped,
                self::isDone($stage, $assessment, $handedOver, $balanced) => StageState::Done,
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

        return new self($states, null, Stage::Handover, true);
    }

    /** One string needs no drawing; more are drawn, with sizes. */
    private static function isWired(Sums $sums): bool
    {
        $bank = $sums->banks->planned->bank;
        if ($bank === null || $bank->parallel < 2) {
            return $bank !== null;
        }
        $drawing = BankDrawing::asDrawn($sums);

        return $drawing !== null && $drawing->problem === '' && !$drawing->assumed;
    }

    private static function isDone(Stage $stage, Assessment $assessment, bool $handedOver, bool $balanced): bool
    {
        $sums = $assessment->sums;

        return match ($stage) {
            Stage::Survey => $sums->system->place !== null && $sums->system->travel->months !== [] && $sums->system->parts !== [],
            Stage::Loads => $sums->loads->budget->energyWhDay > 0.0,
            Stage::Size => $sums->banks->planned->exists(),
            Stage::Sources => $sums->planned->chargers() !== [] && $sums->banks->planned->exists(),
            Stage::Bank => self::isWired($sums),
            Stage::Balance => $balanced && $sums->banks->planned->exists(),
            Stage::Settings => $sums->settings->devices !== [] && $sums->settings->open() === 0,
            Stage::Handover => $handedOver,
        };
    }
}
