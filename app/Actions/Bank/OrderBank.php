<?php

declare(strict_types=1);

namespace App\Actions\Bank;

use App\Models\Job;
use App\Record\JobReader;
use Illuminate\Support\Facades\DB;
use Pebblefell\System\Fate;
use Pebblefell\System\Part;

/** Puts the batteries of the planned bank in another order: each takes the place of another, and with it the conductors that end there. */
final class OrderBank
{
    /**
     * @param list<string> $uids every battery of the planned bank, once
     */
    public function __invoke(Job $job, array $uids): void
    {
        DB::transaction(static function () use ($job, $uids): void {
            $places = array_map(static fn(Part $p): string => $p->uid, JobReader::read($job)->planned()->houseBatteries());
            $taker = array_combine($places, $uids);
            foreach ($job->parts()->whereIn('uid', $uids)->lockForUpdate()->get() as $part) {
                $part->changeTo(['position' => 1 + (int) array_search($part->uid, $uids, true)]);
            }
            $moved = static function (string $terminal) use ($taker): string {
                [$uid, $name] = [...explode('.', $terminal, 2), ''];

                return ($taker[$uid] ?? $uid) . '.' . $name;
            };
            foreach ($job->conductors()->where('fate', '!=', Fate::Remove->value)->lockForUpdate()->get() as $conductor) {
                $conductor->changeTo(['from_terminal' => $moved($conductor->from_terminal), 'to_terminal' => $moved($conductor->to_terminal)]);
            }
        });
    }
}
