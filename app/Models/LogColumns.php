<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Which column of one kind of monitor log is which: as somebody said it of the last one with the same first line, else guessed by its
 * names.
 */
final class LogColumns extends Row
{
    /** Lists what columns are usually called. What is more telling is taken first: "solar current" is not the battery's. */
    private const NAMES = [
        'time' => '/time|date|when|^ts$/i',
        'charge' => '/soc|state.of.charge|charge.*%|ladezustand|%/i',
        'sun' => '/solar|pv|sun|panel/i',
        'volts' => '/volt|spannung|(^|[^a-z])u( |_|\(|$)|\[v\]|\(v\)/i',
        'amps' => '/amp|current|strom|(^|[^a-z])i( |_|\(|$)|\[a\]|\(a\)/i',
    ];

    protected $table = 'log_columns';

    protected $fillable = ['signature', 'time_column', 'charge_column', 'volts_column', 'amps_column', 'sun_column', 'out_is_positive'];

    protected $casts = ['out_is_positive' => 'boolean'];

    /**
     * @param list<string> $header
     *
     * @return ?array<string, string|bool> column by meaning, and out_is_positive; null where no such log was seen before
     */
    public static function remembered(array $header): ?array
    {
        $known = self::query()->where('signature', self::signature($header))->first();
        if ($known === null) {
            return null;
        }
        $columns = ['out_is_positive' => $known->out_is_positive];
        foreach (array_keys(self::NAMES) as $meaning) {
            $columns[$meaning] = $known->getAttribute("{$meaning}_column");
        }

        return array_filter($columns, static fn(mixed $c): bool => $c !== null);
    }

    /**
     * Only what is given is changed.
     *
     * @param list<string>               $header
     * @param array<string, string|bool|null> $columns
     */
    public static function remember(array $header, array $columns): void
    {
        $row = [];
        foreach ($columns as $meaning => $column) {
            $row[$meaning === 'out_is_positive' ? $meaning : "{$meaning}_column"] = $column;
        }
        self::query()->updateOrCreate(['signature' => self::signature($header)], $row);
    }

    /**
     * @param list<string> $header
     *
     * @return array<string, string> column by meaning, each column once
     */
    public static function guess(array $header): array
    {
        $columns = [];
        foreach (self::NAMES as $meaning => $looksLike) {
            foreach ($header as $name) {
                if (!in_array($name, $columns, true) && preg_match($looksLike, $name) === 1) {
                    $columns[$meaning] = $name;
                    break;
                }
            }
        }

        return $columns;
    }

    /**
     * @param list<string> $header
     */
    private static function signature(array $header): string
    {
        return hash('sha256', implode("\n", $header));
    }
}
