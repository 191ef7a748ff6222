<?php

declare(strict_types=1);

namespace Tests\Live;

use App\Models\Activity;
use App\Models\Job;
use App\Record\Digest;
use App\Record\JobReader;
use App\Record\UnreadableJob;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Pebblefell\Assessment\Judged;
use Pebblefell\Study;
use Pebblefell\System\JobFile;

/** The rows of the server under test, read beside it: what is kept must be what they say, and each change must rest on the one before. */
final class Rows
{
    private static bool $open = false;

    public static function open(): void
    {
        if (!self::$open) {
            $app = require getenv('PEBBLEFELL_ROOT') . '/bootstrap/app.php';
            $app->make(Kernel::class)->bootstrap();
            restore_error_handler();
            restore_exception_handler();
            self::$open = true;
        }
    }

    public static function newestAct(): int
    {
        return (int) DB::table('activity_log')->max('id');
    }

    /**
     * What is kept of a job under the revision that it has, and does not follow from its rows.
     *
     * @return list<string>
     */
    public static function untrue(int $id): array
    {
        $job = Job::query()->find($id);
        if ($job === null) {
            return [];
        }
        try {
            $study = Study::of(JobReader::read($job));
        } catch (UnreadableJob $e) {
            return ["job $id cannot be read: " . $e->getMessage()];
        }
        $untrue = [];
        $kept = DB::table('kept_studies')->where('job_id', $id)->first();
        if ($kept !== null && $kept->state === \App\Record\Studies::state($job)) {
            [$system, $judged] = (array) unserialize((string) gzinflate($kept->model));
            if (JobFile::toArray($system) != JobFile::toArray($study->system)) {
                $untrue[] = "job $id: the kept model is not that of its rows: " . self::difference(
                    JobFile::toArray($system),
                    JobFile::toArray($study->system),
                );
            } elseif (!$judged instanceof Judged || serialize($judged) !== serialize($study->judged())) {
                $untrue[] = "job $id: what is kept of its judgement is not what core says";
            }
        }
        if (!Digest::isFresh($job)) {
            $untrue[] = "job $id: the Yard's digest is of revision $job->digest_revision, the job of $job->revision";
        }

        return $untrue;
    }

    /**
     * Changes that do not rest on what stood there: somebody's was overwritten without a word.
     *
     * @return list<string>
     */
    public static function lost(int $sinceAct): array
    {
        $lost = [];
        $now = [];
        foreach (Activity::query()->where('id', '>', $sinceAct)->orderBy('id')->get() as $line) {
            $row = "$line->subject_type #$line->subject_id";
            foreach ($line->before() as $column => $was) {
                if (array_key_exists("$row.$column", $now) && $now["$row.$column"] != $was) {
                    $lost[] = "$row.$column was " . json_encode($now["$row.$column"]) . ', and was changed as if it were ' . json_encode($was);
                }
            }
            foreach ($line->after() as $column => $is) {
                $now["$row.$column"] = $is;
            }
        }

        return $lost;
    }

    /**
     * How many rows there are, by table: what is not in the history is counted here.
     *
     * @return array<string, int>
     */
    public static function counts(): array
    {
        $counts = [];
        foreach (self::tables() as $table) {
            $counts[$table] = DB::table($table)->count();
        }

        return $counts;
    }

    /** Tables that hold what people wrote. */
    private const NOT = [
        'migrations', 'cache', 'cache_locks', 'sessions', 'receipts', 'kept_studies', 'log_rows', 'activity_log', 'users',
    ];

    /** @return list<string> */
    private static function tables(): array
    {
        return array_values(array_diff(DB::getSchemaBuilder()->getTableListing(schemaQualified: false), self::NOT));
    }

    /** @var array<string, list<array<array-key, mixed>>> */
    private static array $remembered = [];

    public static function remember(): void
    {
        foreach (self::tables() as $table) {
            self::$remembered[$table] = array_values(array_map(static fn(object $r): array => (array) $r, DB::table($table)->get()->all()));
        }
    }

    /** Puts every table back as it was when it was remembered. */
    public static function putBack(): void
    {
        DB::statement('SET FOREIGN_KEY_CHECKS = 0');
        DB::transaction(static function (): void {
            foreach (['kept_studies', ...self::tables()] as $table) {
                DB::table($table)->delete();
                foreach (array_chunk(self::$remembered[$table] ?? [], 100) as $some) {
                    DB::table($table)->insert($some);
                }
            }
        });
        DB::statement('SET FOREIGN_KEY_CHECKS = 1');
    }

    /**
     * @param array<array-key, mixed> $a
     * @param array<array-key, mixed> $b
     */
    private static function difference(array $a, array $b): string
    {
        foreach ($a as $key => $value) {
            if (($b[$key] ?? null) != $value) {
                return is_array($value) && is_array($b[$key] ?? null)
                    ? "$key." . self::difference($value, $b[$key])
                    : "$key: " . json_encode($value) . ', rows say ' . json_encode($b[$key] ?? null);
            }
        }

        return 'rows say more: ' . json_encode(array_diff_key($b, $a));
    }
}
