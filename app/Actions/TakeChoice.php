<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Choice;
use App\Models\Job;
use App\Record\Studies;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\Change\Plan;
use Pebblefell\System\Choice as SystemChoice;

/** Lays a choice that was kept beside the plan on it. */
final class TakeChoice
{
    public function __construct(private readonly ApplyChanges $apply)
    {
    }

    /**
     * Within a transaction of the caller's: the choice is gone then, and so are the others of its group.
     *
     * @throws InvalidValue where it no longer goes with the plan
     */
    public function __invoke(Job $job, Choice $choice): void
    {
        $changes = SystemChoice::fromArray($choice->toFile())->changes;
        $choice->delete();
        // One of a group is taken: the question is answered.
        $job->choices()->where('group', $choice->group)->where('group', '!=', '')->get()->each->delete();
        Plan::with(Studies::now($job->id)->system, $changes);
        ($this->apply)($job, $changes);
    }
}
