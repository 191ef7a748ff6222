<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Model;
use Pebblefell\System\Sheet\DataField;

/** A moment as the job file has it: UTC, to the second. */
final class MomentField
{
    /**
     * Declares one that a column keeps.
     *
     * @param string $else column that stands in where it is empty
     */
    public static function field(string $key, string $column, string $else = ''): DataField
    {
        return DataField::shape(
            $key,
            ['type' => 'string', 'pattern' => '^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}:\\d{2}Z$'],
            static fn(string $text): CarbonImmutable => CarbonImmutable::parse($text)->utc(),
            static fn(Model $row): ?string => self::text($row->getAttribute($column) ?? $row->getAttribute($else)),
        )->as($column)->required();
    }

    /** Writes one. */
    public static function text(?CarbonInterface $moment): ?string
    {
        return $moment?->copy()->utc()->format('Y-m-d\\TH:i:s\\Z');
    }
}
