<?php

declare(strict_types=1);

namespace App\Logs;

use App\Models\LogFile;
use App\Models\Workshop;
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

    /** Goes on until the log is read, or for so many seconds. */
    public static function goOn(LogFile $log, float $seconds = INF): void
    {
        $until = microtime(true) + $seconds;
        while (!$log->isRead() && microtime(true) < $until) {
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
        $zone = new DateTimeZone(Workshop::current()->timezone);
        $rows = [];
        $n = $taken = 0;
        $place = $log->read_bytes;
        foreach (LogLines::read($stream, $log, $zone) as [$place, $row]) {
            ++$n;
            if ($row === null) {
                ++$log->refused;
                $log->first_fault = $log->first_fault === ''
                    ? 'line ' . ($log->rows + $taken + $log->refused + ($log->form === 'csv' ? 1 : 0))
                    : $log->first_fault;
            } else {
                ++$taken;
                $rows[] = [$log->id, $log->rows + $taken, $row['at'], $row['volts'], $row['amps'], $row['charge'], $row['sun']];
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
     * @param list<array{int, int, string, ?float, ?float, ?float, ?float}> $rows
     */
    private static function insert(array $rows): void
    {
        if ($rows === []) {
            return;
        }
        // Numbers and a checked time: written out, since two thousand rows of bound values take three times as long.
        $text = static fn(?float $v): string => $v === null ? 'NULL' : (string) round($v, 3);
        DB::unprepared('INSERT INTO log_rows (log_file_id, n, at, volts, amps, charge_pct, sun_w) VALUES ' . implode(',', array_map(
            static fn(array $r): string => "($r[0],$r[1],'$r[2]',{$text($r[3])},{$text($r[4])},{$text($r[5])},{$text($r[6])})",
            $rows,
        )));
    }
}
