<?php

declare(strict_types=1);

namespace App\Actions\DayPlan;

use App\Models\Job;
use App\Models\Tick;
use App\Record\DayDesk;
use App\Record\Digest;
use App\Record\Studies;
use Carbon\CarbonInterface;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Stage\DayPlan\Step;
use Pebblefell\Stage\Tick as Noted;

/** Notes what was done at a step of the run sheet, once, if the step is open. */
final class NoteTick
{
    /**
     * @param array{step: string, state: string, value: ?float, note: string} $said
     *
     * @throws InvalidValue at /step for a step that the plan no longer has, or that is closed; at /value where a reading is wanted
     */
    public function __invoke(Job $job, array $said, string $by, CarbonInterface $at, ?string $clientId): bool
    {
        return DB::transaction(function () use ($job, $said, $by, $at, $clientId): bool {
            // One after the other: what one notes may open what the next one notes.
            Job::query()->whereKey($job->id)->lockForUpdate()->firstOrFail();
            if ($clientId !== null && Tick::query()->where('client_id', $clientId)->exists()) {
                return false;
            }
            $before = DayDesk::of($job, Studies::of($job));
            $row = array_values(array_filter($before->standing->rows, static fn(array $r): bool => $r['step']->key === $said['step']))[0]
                ?? throw InvalidValue::at('/step', 'no-step');
            if ($said['state'] !== Noted::UNDONE) {
                if ($row['closed'] !== null) {
                    throw InvalidValue::at('/step', $row['closed']->key, $row['closed']->args);
                }
                self::wantsReading($row['step'], $said['value']);
            }
            $tick = new Tick([...$said, 'sheet' => Tick::DAY_PLAN, 'by' => $by, 'noted_at' => $at, 'client_id' => $clientId ?? (string) Str::uuid()]);
            $tick->forceFill(['job_id' => $job->id])->save();
            $job->unsetRelation('ticks');
            $after = DayDesk::of($job, Studies::of($job));
            $after->keepEnd();
            if ($after->standing->isDone() !== $before->standing->isDone()) {
                Digest::keep($job, Studies::of($job));
            }

            return true;
        });
    }

    private static function wantsReading(Step $step, ?float $value): void
    {
        if ($value === null && $step->reading?->isGate() === true) {
            throw InvalidValue::at('/value', 'wants-reading');
        }
    }
}
