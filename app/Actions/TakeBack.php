<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Job;
use App\Models\Tick;
use App\Record\DayDesk;
use App\Record\Studies;
use Carbon\CarbonImmutable;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Stage\NotedTick as Noted;

/** Takes back what was noted at a step of any sheet, by noting that; what it changed in the plan is put back from its own act. */
final class TakeBack
{
    public function __construct(private readonly NoteTick $note)
    {
    }

    /**
     * @throws InvalidValue at /step where something was noted there since
     */
    public function __invoke(Job $job, Tick $tick, string $by): void
    {
        ($this->note)($job, $tick->sheet, [
            'step' => $tick->step, 'state' => Noted::UNDONE, 'value' => null, 'amps' => null, 'note' => '',
            'at' => CarbonImmutable::now()->utc(), 'by' => $by, 'client_id' => null,
        ], static function () use ($job, $tick): null {
            $last = $job->ticks()->where('sheet', $tick->sheet)->where('step', $tick->step)->get()->last();
            if ($last?->id !== $tick->id || $tick->state === Noted::UNDONE) {
                throw InvalidValue::at('/step', 'noted-since');
            }

            return null;
        }, static function () use ($job, $tick): void {
            if ($tick->sheet === Tick::DAY_PLAN) {
                DayDesk::of($job, Studies::of($job))->keepEnd();
            }
        });
    }
}
