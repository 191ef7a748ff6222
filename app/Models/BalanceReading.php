<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonInterface;
use Pebblefell\Balance\BatteryReading;

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
 * @property string $by
 */
final class BalanceReading extends Row
{
    public const UPDATED_AT = null;

    protected $table = 'balance_readings';

    protected $fillable = ['client_id', 'read_at', 'volts', 'amps', 'celsius', 'cells', 'step', 'source', 'by'];

    protected $casts = ['read_at' => 'datetime', 'volts' => 'float', 'amps' => 'float', 'celsius' => 'float', 'cells' => 'array'];

    /** Two that differ by less are one: what the table rounds off, V, A or °C. */
    private const SAME = 1e-3;

    /** Whether it is what somebody says again; what is left out says nothing. */
    public function says(BalanceBattery $battery, BatteryReading $reading, string $by): bool
    {
        $same = static fn(?float $kept, ?float $said): bool => $said === null || ($kept !== null && abs($kept - $said) < self::SAME);

        return $this->balance_battery_id === $battery->id && $this->by === $by && $same($this->volts, $reading->volts)
            && $same($this->amps, $reading->amps) && $same($this->celsius, $reading->celsius);
    }

    public function toReading(): BatteryReading
    {
        return self::ofColumns($this->getAttributes());
    }

    /**
     * The same of a row's columns as they are kept: a log has hundreds.
     *
     * @param array<string, mixed> $columns
     */
    public static function ofColumns(array $columns): BatteryReading
    {
        $cells = is_string($columns['cells'] ?? null) ? json_decode($columns['cells'], true) : null;
        $number = static fn(mixed $of): ?float => $of === null ? null : (float) $of;

        return new BatteryReading(
            (float) strtotime("$columns[read_at] UTC"),
            (float) $columns['volts'],
            $number($columns['amps'] ?? null),
            $number($columns['celsius'] ?? null),
            is_array($cells) ? array_map(floatval(...), array_values($cells)) : null,
        );
    }
}
