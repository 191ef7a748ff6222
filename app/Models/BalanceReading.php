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
        return new Reading(
            (float) $this->read_at->getTimestamp(),
            $this->volts,
            $this->amps,
            $this->celsius,
            $this->cells === null ? null : array_map(floatval(...), $this->cells),
        );
    }
}
