<?php

declare(strict_types=1);

namespace App\Actions;

use App\Actions\Survey\AddParts;
use App\Models\Choice;
use App\Models\Job;
use Pebblefell\Finding\Change;

/** Keeps changes beside the plan, under a name. */
final class KeepChoice
{
    public function __construct(private readonly AddParts $addParts)
    {
    }

    /**
     * @param array{name: string, group: string} $as
     * @param list<Change>                       $changes
     */
    public function __invoke(Job $job, array $as, array $changes): Choice
    {
        return $this->addParts->row(
            $job,
            Choice::class,
            'o',
            [...$as, 'changes' => array_map(static fn(Change $c): array => $c->toArray(), $changes)],
        );
    }
}
