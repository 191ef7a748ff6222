<?php

declare(strict_types=1);

namespace App\Actions;

use App\Actions\Survey\RemovePart;
use App\Models\Job;
use App\Models\Setting;
use Illuminate\Support\Facades\DB;
use Pebblefell\Finding\Change;
use Pebblefell\Finding\Finding;
use Pebblefell\System\Fate;

/** Does to the plan what a finding's remedy proposes. */
final class ApplyRemedy
{
    public function __invoke(Job $job, Finding $finding): void
    {
        DB::transaction(static function () use ($job, $finding): void {
            foreach ($finding->changes as $change) {
                match ($change->kind) {
                    'part' => self::part($job, $change),
                    'setting' => self::setting($job, $change),
                    default => null,
                };
            }
        });
    }

    private static function part(Job $job, Change $change): void
    {
        $part = $job->parts()->where('uid', $change->uid)->lockForUpdate()->firstOrFail();
        // A part that was only planned does not get taken out: it is not bought.
        if ($change->value === Fate::Remove->value && $part->fate === Fate::Add) {
            (new RemovePart())($part);

            return;
        }
        $part->changeTo(['fate' => Fate::from($change->value)]);
    }

    private static function setting(Job $job, Change $change): void
    {
        $row = $job->settings()->where('part_uid', $change->uid)->where('parameter', $change->field)->lockForUpdate()->first() ?? new Setting();
        $row->job()->associate($job);
        $row->changeTo(['part_uid' => $change->uid, 'parameter' => $change->field, 'planned' => $change->value]);
    }
}
