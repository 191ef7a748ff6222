<?php

declare(strict_types=1);

namespace App\Logs;

use App\Models\LogFile;
use App\Models\Workshop;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Pebblefell\Stage\Aftercare\LogDay;
use Pebblefell\Stage\Aftercare\LogJudge;

/** Tells what a log comes to: by day, and thinned for a chart. The database sums; nothing but the sums is held here. */
final class LogSums
{
    /** A reading holds until the next, at most so long, s: behind it the monitor was off. Chosen. */
    private const HOLDS_S = 900;

    /** Below so many amps a battery's volts tell nearly what they tell at rest. Chosen. */
    private const REST_A = 2.0;

    /** Full counts from here, %. Common practice. */
    private const TOP_PCT = 99.0;

    /** Hours of the night in which only what always runs is on. Chosen. */
    private const NIGHT_FROM_H = 1;
    private const NIGHT_TO_H = 4;

    /**
     * @return list<array<string, mixed>> as LogDay takes them
     */
    public static function days(LogFile $log): array
    {
        $volts = (float) $log->job()->value('system_v');
        $night = 'HOUR(at) >= ' . self::NIGHT_FROM_H . ' AND HOUR(at) < ' . self::NIGHT_TO_H;
        $rows = DB::select('SELECT DATE(at) AS day, SUM(dt) / 3600 AS hours,
            SUM(GREATEST(w, 0) * dt) / 3600 AS in_wh, SUM(GREATEST(-w, 0) * dt) / 3600 AS out_wh, SUM(sun_w * dt) / 3600 AS sun_wh,
            MIN(charge_pct) AS low_pct, MAX(charge_pct) AS high_pct, MIN(volts) AS low_v, MAX(volts) AS high_v,
            MIN(IF(ABS(amps) <= ?, IF(charge_pct >= ?, volts, NULL), NULL)) AS rest_v,
            SUM(IF(charge_pct >= ?, dt, 0)) / 3600 AS top_h,
            SUM(IF(' . $night . ', GREATEST(-w, 0) * dt, 0)) / NULLIF(SUM(IF(' . $night . ', dt, 0)), 0) AS night_w
            FROM (SELECT at, volts, amps, charge_pct, sun_w, amps * COALESCE(volts, ?) AS w,
                LEAST(COALESCE(LEAD(s) OVER (ORDER BY s, n) - s, 0), ?) AS dt
                FROM log_rows WHERE log_file_id = ?) AS held
            GROUP BY DATE(at) ORDER BY day', [self::REST_A, LogJudge::SHRUNK_FROM_PCT, self::TOP_PCT, $volts, self::HOLDS_S, $log->id]);
        $number = static fn(mixed $v): ?float => $v === null ? null : round((float) $v, 3);

        return array_values(array_map(static fn(array $r): array => [
            'day' => $r['day'], 'hours' => $number($r['hours']) ?? 0.0, 'in_wh' => $number($r['in_wh']), 'out_wh' => $number($r['out_wh']),
            'sun_wh' => $number($r['sun_wh']), 'low_pct' => $number($r['low_pct']), 'high_pct' => $number($r['high_pct']),
            'low_v' => $number($r['low_v']),
            'high_v' => $number($r['high_v']),
            'rest_v' => $number($r['rest_v']),
            'top_h' => $number($r['top_h']) ?? 0.0,
            'night_w' => $number($r['night_w']),
        ], array_map(static fn(object $row): array => (array) $row, $rows)));
    }

    /**
     * @return list<LogDay>
     */
    public static function of(LogFile $log): array
    {
        return array_map(LogDay::fromArray(...), $log->days ?? []);
    }

    /**
     * Returns the seconds since 1970 at which a stretch of days begins and ends, by the workshop's clock.
     *
     * @return array{int, int}
     */
    public static function between(string $from, string $to): array
    {
        $zone = new DateTimeZone(Workshop::current()->timezone);

        return [
            (new DateTimeImmutable($from, $zone))->getTimestamp(), (new DateTimeImmutable($to, $zone))->modify('+1 day')->getTimestamp(),
        ];
    }

    /**
     * A stretch of it in so many pieces, for a line.
     *
     * @return list<array{at: float, volts: ?float, amps: ?float, charge: ?float}> at: hours since the stretch began
     */
    public static function thinned(LogFile $log, string $from, string $to, int $pieces): array
    {
        [$first, $end] = self::between($from, $to);
        $seconds = max(1, (int) ceil(($end - $first) / $pieces));
        $rows = DB::select('SELECT FLOOR((s - ?) / ?) AS piece, AVG(volts) AS volts, AVG(amps) AS amps,
            AVG(charge_pct) AS charge FROM log_rows WHERE log_file_id = ? AND at >= ? AND at < ? + INTERVAL 1 DAY
            GROUP BY piece ORDER BY piece', [$first, $seconds, $log->id, $from, $to]);
        $number = static fn(mixed $v): ?float => $v === null ? null : (float) $v;

        return array_values(array_map(static fn(array $r): array => [
            'at' => ((int) $r['piece'] + 0.5) * $seconds / 3600.0, 'volts' => $number($r['volts']), 'amps' => $number($r['amps']),
            'charge' => $number($r['charge']),
        ], array_map(static fn(object $row): array => (array) $row, $rows)));
    }
}
