<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Activity;
use App\Models\Job;
use Illuminate\Database\Query\Builder;
use Illuminate\Pagination\Paginator;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** The audit trail of a job by acts: what one person did in one go, newest first. */
final class Acts
{
    /** Acts on one page. Chosen. */
    private const PAGE = 30;

    /** An act goes by the batch of its lines; a line that was written alone, by itself. */
    private const NAME = "COALESCE(CAST(batch_uuid AS CHAR), CONCAT('line-', id))";

    /**
     * @return Paginator<int, HistoryAct>
     */
    public static function page(Job $job): Paginator
    {
        /** @var Paginator<int, covariant object> $page */
        $page = self::named($job)->simplePaginate(self::PAGE);
        $names = array_column($page->items(), 'act');
        $lines = self::read($job, $names)->groupBy(static fn(Activity $a): string => $a->act());

        /** @var Paginator<int, HistoryAct> */
        return $page->setCollection(collect($names)->map(
            static fn(string $name): HistoryAct => new HistoryAct($name, $lines->get($name) ?? collect()),
        ));
    }

    /** The last thing that was done; null where nothing has been. */
    public static function last(Job $job): ?HistoryAct
    {
        $name = self::named($job)->first()->act ?? null;

        return $name === null ? null : new HistoryAct($name, self::lines($job, $name));
    }

    /**
     * @return Collection<int, Activity> lines of one act, in order
     */
    public static function lines(Job $job, string $act): Collection
    {
        return self::read($job, [$act]);
    }

    /**
     * @param list<string> $acts
     *
     * @return Collection<int, Activity> in order
     */
    private static function read(Job $job, array $acts): Collection
    {
        $lines = Activity::query()->where('job_id', $job->id)->whereIn(DB::raw(self::NAME), $acts)->with('causer')->orderBy('id')->get();
        $lines->filter(Telling::asksTheRow(...))->load('subject');

        return $lines;
    }

    private static function named(Job $job): Builder
    {
        return Activity::query()->where('job_id', $job->id)->toBase()->selectRaw(self::NAME
            . ' AS act, MAX(id) AS last_id')->groupBy('act')->orderByDesc('last_id');
    }
}
