<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonInterface;

/**
 * When nobody works on a vehicle: read from a calendar file.
 *
 * @property CarbonInterface $from
 * @property CarbonInterface $to
 * @property string $what
 * @property string $source name of the file
 */
final class BusyTime extends Row
{
    public $timestamps = false;

    protected $table = 'busy_times';

    protected $fillable = ['from', 'to', 'what', 'source'];

    protected $casts = ['from' => 'datetime', 'to' => 'datetime'];
}
