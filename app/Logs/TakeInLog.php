<?php

declare(strict_types=1);

namespace App\Logs;

use App\Models\LogFile;
use App\Models\Workshop;
use App\Record\Disk;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/**
 * Reads a log into the database piece by piece. A piece and the place that it reaches are written in one transaction: a reader that is
 * killed leaves no row twice and none out, and the next goes on where it was. One reads a log at a time.
 */
final class TakeInLog
{
    /** Rows a piece, and rows an INSERT. Chosen: a piece takes less than a second, an INSERT stays below a megabyte. */
    private const PIECE = 20_000;
    private const INSERT = 2_000;

    /** A log spans no more on either side of its first row, s: ten years. Chosen; a clock that was never set makes a page of decades. */
    private const SPAN_S = 10 * 365.25 * 86_400;

    /** Goes on until the log is read, or for so many seconds. */
    public static function goOn(LogFile $log, float $seconds = INF): void
    {
        $until = microtime(true) + $seconds;
        while (!$log->isRead() && microtime(true) < $until && !Disk::isNearlyFull()) {
            if (!self::piece($log)) {
                return;
            }
        }
    }

    /** @return bool whether a piece was read; false: somebody else is reading */
    private static function piece(LogFile $log): bool
    {
        return DB::transaction(static function () use ($log): bool {
            $locked = LogFile::query()->whereKey($log->id)->lock('FOR UPDATE SKIP LOCKED')->first();
            if ($locked === null || $locked->columns === null) {
                return false;
            }
            if (!$locked->isRead()) {
                self::take($locked);
                $locked->save();
            }
            $log->setRawAttributes($locked->getAttributes(), true);

            return true;
        });
    }

    private static function take(LogFile $log): void
    {
        $stream = Storage::disk('private')->readStream($log->path);
        assert($stream !== null);
        fseek($stream, $log->read_bytes);
        [$first, $last] = self::between($log);
        $clock = new WallClock(new DateTimeZone(Workshop::current()->timezone), $last);
        $rows = [];
        $n = $taken = 0;
        $place = $log->read_bytes;
        foreach (LogLines::read($stream, $log, $clock) as [$place, $empty, $row]) {
            ++$n;
            $log->read_lines += 1 + $empty;
            $first ??= $row['s'] ?? null;
            if ($row === null || abs($row['s'] - (int) $first) > self::SPAN_S) {
                ++$log->refused;
                $log->first_fault = $log->first_fault === ''
                    ? 'line ' . ($log->read_lines + ($log->form === 'csv' ? 1 : 0))
                    : $log->first_fault;
            } else {
                ++$taken;
                $rows[] = [
                    $log->id, $log->rows + $taken, $row['at'], $row['s'], $row['volts'], $row['amps'], $row['charge'], $row['sun'],
                ];
            }
            if (count($rows) >= self::INSERT) {
                self::insert($rows);
                $rows = [];
            }
            if ($n >= self::PIECE) {
                break;
            }
        }
        self::insert($rows);
        $log->rows += $taken;
        $log->read_bytes = $place;
        if ($n < self::PIECE) {
            $log->read_bytes = $log->bytes;
            $log->finished_at = now();
            $log->days = LogSums::days($log);
        }
        fclose($stream);
    }

    /**
     * Returns the seconds of the first row and of the one that was read last.
     *
     * @return array{?int, ?int}
     */
    private static function between(LogFile $log): array
    {
        $second = static fn(int $n): ?int => DB::table('log_rows')->where('log_file_id', $log->id)->where('n', $n)->value('s');

        return $log->rows === 0 ? [null, null] : [$second(1), $second($log->rows)];
    }

    /**
     * @param list<array{int, int, string, int, ?float, ?float, ?float, ?float}> $rows
     */
    private static function insert(array $rows): void
    {
        if ($rows === []) {
            return;
        }
        // Numbers and a checked time: written out, since two thousand rows of bound values take three times as long.
        $text = static fn(?float $v): string => $v === null ? 'NULL' : (string) round($v, 3);
        DB::unprepared('INSERT INTO log_rows (log_file_id, n, at, s, volts, amps, charge_pct, sun_w) VALUES ' . implode(',', array_map(
            static fn(array $r): string => "($r[0],$r[1],'$r[2]',$r[3],{$text($r[4])},{$text($r[5])},{$text($r[6])},{$text($r[7])})",
            $rows,
        )));
    }
}
