<?php

declare(strict_types=1);

namespace App\Actions\DayPlan;

use App\Models\DayPlan;
use App\Models\Job;
use App\Models\Workshop;
use App\Record\DayDesk;
use App\Record\Fortnight;
use App\Record\Studies;
use Pebblefell\Exception\InvalidValue;

/** Moves the vehicles of the fortnight as the Yard proposes, all or none. */
final class ReorderYard
{
    /**
     * @param string $seen mark of the proposal that was looked at
     *
     * @return int how many were moved
     *
     * @throws InvalidValue at /seen where somebody has planned otherwise since
     */
    public function __invoke(string $seen): int
    {
        // Whoever plans a day meanwhile waits, or is waited for.
        DayPlan::query()->orderBy('id')->lockForUpdate()->get(['id']);
        $yard = new Fortnight(Workshop::current());
        if ($yard->mark() !== $seen) {
            throw InvalidValue::at('/seen', 'planned-since');
        }
        $moves = $yard->moves();
        foreach ($moves as ['plan' => $plan, 'at' => $at, 'bay' => $bay]) {
            $plan->changeTo(['starts_at' => $at, 'bay' => $bay]);
            $job = Job::query()->findOrFail($plan->job_id);
            DayDesk::of($job, Studies::of($job))->keepEnd();
        }

        return count($moves);
    }
}
