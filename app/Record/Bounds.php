<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Job;
use Illuminate\Support\Facades\DB;
use Pebblefell\Exception\InvalidValue;

/** Tells what one job holds at most, by kind of row. */
final class Bounds
{
    /**
     * @throws InvalidValue at the kind of row of which there are too many
     */
    public static function check(Job $job): void
    {
        $tables = array_keys(self::most());
        $counts = DB::selectOne(
            'SELECT ' . implode(
                ', ',
                array_map(static fn(string $t): string => "(SELECT COUNT(*) FROM `$t` WHERE job_id = :$t) AS `$t`", $tables),
            ),
            array_fill_keys($tables, $job->id),
        );
        self::checkCounts(array_map(intval(...), (array) $counts));
    }

    /**
     * @param array<string, int> $counts rows by kind
     *
     * @throws InvalidValue
     */
    public static function checkCounts(array $counts): void
    {
        foreach (self::most() as $kind => $most) {
            if (($counts[$kind] ?? 0) > $most) {
                throw InvalidValue::at("/$kind", 'would-be', ['count' => (string) $counts[$kind], 'most' => (string) $most]);
            }
        }
    }

    /**
     * @return array<string, int>
     */
    public static function most(): array
    {
        return config('pebblefell.most');
    }
}
