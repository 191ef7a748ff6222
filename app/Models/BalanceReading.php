<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonInterface;
use Pebblefell\Balance\Reading;

/**
 * One line of the log.
 *
 * @property int $balance_battery_id
 * @property string $client_id
 * @property CarbonInterface $read_at
 * @property float $volts
 * @property ?float $amps
 * @property ?float $celsius
 * @property ?list<float> $cells
 * @property string $source hand, file, feed or bench
 */
final class BalanceReading extends Row
{
    public const UPDATED_AT = null;

    protected $table = 'balance_readings';

    protected $fillable = ['client_id', 'read_at', 'volts', 'amps', 'celsius', 'cells', 'step', 'source', 'by'];

    protected $casts = ['read_at' => 'datetime', 'volts' => 'float', 'amps' => 'float', 'celsius' => 'float', 'cells' => 'array'];

    public function toReading(): Reading
    {
        return self::ofColumns($this->getAttributes());
    }

    /**
     * The same of a row's columns as they are kept: a log has hundreds.
     *
     * @param array<string, mixed> $columns
     */
    public static function ofColumns(array $columns): Reading
    {
        $cells = is_string($columns['cells'] ?? null) ? json_decode($columns['cells'], true) : null;
        $number = static fn(mixed $of): ?float => $of === null ? null : (float) $of;

        return new Reading(
            (float) strtotime("$columns[read_at] UTC"),
            (float) $columns['volts'],
            $number($columns['amps'] ?? null),
            $number($columns['celsius'] ?? null),
            is_array($cells) ? array_map(floatval(...), array_values($cells)) : null,
        );
    }
}
