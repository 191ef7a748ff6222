<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Models\Conductor;
use App\Models\Job;
use App\Models\Part;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** Deletes a part with everything that hangs on it: conductors, signals, settings, readings. */
final class RemovePart
{
    /**
     * Returns what would go with it.
     *
     * @return array<string, int> rows by kind, only what there is
     */
    public static function hanging(Part $part): array
    {
        $job = $part->job()->firstOrFail();
        $mine = $part->uid . '.%';

        return array_filter([
            'conductor' => self::leads($job, $part)->count(),
            'signal' => $job->signals()->where(
                static fn($q) => $q->where('from_part', $part->uid)->orWhere('to_part', $part->uid),
            )->count(),
            'setting' => $job->settings()->where('part_uid', $part->uid)->count(),
            'reading' => $job->measurements()->where('part_uid', $part->uid)->count(),
            'picture' => $part->photos()->count(),
        ]);
    }

    public function __invoke(Part $part): void
    {
        $job = $part->job()->firstOrFail();
        $mine = $part->uid . '.%';
        self::leads($job, $part)->get()->each->delete();
        $job->conductors()->where('protected_by', $part->uid)->get()->each->changeTo(['protected_by' => '']);
        foreach (['planned_from', 'planned_to'] as $end) {
            $job->conductors()->where($end, 'like', $mine)->get()->each->changeTo([$end => null]);
        }
        $job->appliances()->where('fed_by', $part->uid)->get()->each->changeTo(['fed_by' => '']);
        $job->parts()->where('part_of', $part->uid)->get()->each->changeTo(['part_of' => '']);
        $job->signals()->where(
            static fn($q) => $q->where('from_part', $part->uid)->orWhere('to_part', $part->uid),
        )->get()->each->delete();
        $job->settings()->where('part_uid', $part->uid)->get()->each->delete();
        $job->measurements()->where('part_uid', $part->uid)->get()->each->delete();
        $job->parts()->where('replaces', $part->uid)->get()->each->changeTo(['replaces' => '']);
        $part->photos()->get()->each->delete();
        $part->delete();
    }

    /**
     * @return HasMany<Conductor, Job> that end on a part
     */
    public static function leads(Job $job, Part $part): HasMany
    {
        $mine = $part->uid . '.%';

        return $job->conductors()->where(static fn($q) => $q->where('from_terminal', 'like', $mine)->orWhere('to_terminal', 'like', $mine));
    }
}
