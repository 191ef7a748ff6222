<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\BalanceSession;
use App\Models\Job;
use Illuminate\Support\Facades\DB;
use Pebblefell\Stage\Balance\Alike;
use Pebblefell\Study;

/** Asks of a job whether its planned batteries have been made alike. One on the simulated bench is practice, and counts for nothing. */
final class Balanced
{
    /** Selects, of job j: session, part and serial of each battery in sessions that passed. */
    public const ASKED = '(SELECT JSON_ARRAYAGG(JSON_ARRAY(s.id, b.part_uid, b.serial) ORDER BY s.id) FROM balance_sessions s'
        . ' JOIN balance_batteries b ON b.balance_session_id = s.id WHERE s.job_id = j.id AND s.passed = 1 AND s.bench IS NULL)';

    /** One battery has nobody to be alike with. */
    public static function of(Job $job, Study $study): bool
    {
        return self::isSo(DB::scalar('SELECT ' . self::ASKED . ' FROM jobs j WHERE j.id = ?', [$job->id]), $study);
    }

    /** @param mixed $told what ASKED answers */
    public static function isSo(mixed $told, Study $study): bool
    {
        return $study->judged()->alone || self::covering($told, $study) !== null;
    }

    /** The last session that made the planned batteries alike; null: none did. */
    public static function by(Job $job, Study $study): ?BalanceSession
    {
        $told = DB::scalar('SELECT ' . self::ASKED . ' FROM jobs j WHERE j.id = ?', [$job->id]);
        $id = self::covering($told, $study);

        return $id === null ? null : BalanceSession::query()->find($id);
    }

    private static function covering(mixed $told, Study $study): ?int
    {
        $sessions = [];
        foreach ((array) json_decode(is_string($told) ? $told : '[]', true) as [$session, $uid, $serial]) {
            $sessions[(int) $session][(string) $uid] = $serial === null ? null : (string) $serial;
        }

        return Alike::covering($sessions, array_values($study->planned()->houseBatteries()));
    }
}
