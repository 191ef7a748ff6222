<?php

declare(strict_types=1);

namespace App\Actions\DayPlan;

use App\Actions\NoteTick;
use App\Models\Job;
use App\Models\Tick;
use App\Record\DayDesk;
use App\Record\Studies;
use Carbon\CarbonInterface;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Stage\Tick as Noted;

/** Notes what was done at a step of the run sheet, if the step is open. */
final class NoteStep
{
    public function __construct(private readonly NoteTick $note)
    {
    }

    /**
     * @param array{step: string, state: string, value: ?float, amps: ?float, note: string, at: CarbonInterface, by: string,
     *     client_id: ?string} $said
     *
     * @throws InvalidValue at /step for a step that the plan no longer has, or that is closed; at /value where a reading is wanted
     */
    public function __invoke(Job $job, array $said): bool
    {
        return ($this->note)($job, Tick::DAY_PLAN, $said, static function () use ($job, $said): void {
            $rows = DayDesk::of($job, Studies::of($job))->standing->rows;
            $row = array_values(array_filter($rows, static fn(array $r): bool => $r['step']->key === $said['step']))[0]
                ?? throw InvalidValue::at('/step', 'no-step');
            if ($said['state'] === Noted::UNDONE) {
                return;
            }
            if ($row['closed'] !== null) {
                throw InvalidValue::at('/step', $row['closed']->key, $row['closed']->args);
            }
            if ($said['value'] === null && $row['step']->reading?->isGate() === true) {
                throw InvalidValue::at('/value', 'wants-reading');
            }
        }, static fn() => DayDesk::of($job, Studies::of($job))->keepEnd());
    }
}
