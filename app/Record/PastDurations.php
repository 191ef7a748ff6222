<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Tick;
use Illuminate\Support\Facades\Cache;
use Pebblefell\Schedule\Took;
use Pebblefell\Stage\DayPlan\Standing;

/** How long each thing took on past jobs: from one tick to the next on the same sheet. */
final class PastDurations
{
    /** Ticks that are looked at, the latest. Chosen: some twenty jobs. */
    private const LATEST = 800;

    /** Two ticks further apart are a break, or a night, min. Chosen. */
    private const BREAK_MIN = 150.0;

    /** Keeps what was worked out so long, s. Chosen: a working day. */
    private const KEPT_S = 36_000;

    /** It speaks once so many jobs have done it. Chosen. */
    private const JOBS = 3;

    /**
     * @return array<string, Took> minutes by what is done
     */
    public static function all(): array
    {
        return once(static function (): array {
            // They stand until something more is noted at some run sheet.
            $latest = (int) Tick::query()->toBase()->where('sheet', Tick::DAY_PLAN)
                ->orderByDesc('noted_at')->orderByDesc('id')->value('id');

            return Cache::remember("took.$latest", self::KEPT_S, self::read(...));
        });
    }

    /**
     * @return array<string, Took>
     */
    private static function read(): array
    {
        $ticks = Tick::query()->toBase()->where('sheet', Tick::DAY_PLAN)->whereIn('state', ['done', 'otherwise'])
            ->where('step', 'not like', Standing::FOUND . '.%')->where('step', 'not like', Standing::OTHERS . '.%')
            ->orderByDesc('noted_at')->limit(self::LATEST)->get(['job_id', 'step', 'noted_at'])->reverse()->groupBy('job_id');
        $minutes = [];
        foreach ($ticks as $job => $ofJob) {
            $before = null;
            foreach ($ofJob as $tick) {
                $at = strtotime("$tick->noted_at UTC");
                $does = explode('.', (string) $tick->step)[0];
                $took = $before === null ? null : ($at - $before) / 60.0;
                if ($took !== null && $took > 0.0 && $took < self::BREAK_MIN) {
                    $minutes[$does][$job][] = $took;
                }
                $before = $at;
            }
        }
        $all = [];
        foreach ($minutes as $does => $byJob) {
            if (count($byJob) >= self::JOBS) {
                $all[$does] = Took::of(array_values(array_map(static fn(array $m): float => array_sum($m) / count($m), $byJob)));
            }
        }

        return $all;
    }
}
