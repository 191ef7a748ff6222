<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Job;
use App\Models\Part;

/** A part's row as a page needs it: where its forms go, and the version that they are written on. What stands in it is in the model. */
final readonly class PartRow
{
    private function __construct(public int $id, public int $version)
    {
    }

    /**
     * @return array<string, self> by uid
     */
    public static function all(Job $job): array
    {
        $rows = [];
        foreach (Part::query()->where('job_id', $job->id)->toBase()->get(['uid', 'id', 'lock_version']) as $row) {
            $rows[(string) $row->uid] = new self((int) $row->id, (int) $row->lock_version);
        }

        return $rows;
    }
}
