<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;

/**
 * A way of living in the vehicle; one of them sizes the system.
 */
final class Scenario extends Row
{
    use JobRow;

    public const FILE = ['uid' => 'uid', 'name' => 'name', 'sizing' => 'sizing', 'inverter_always_on' => 'inverter_always_on'];

    protected $table = 'scenarios';

    protected $fillable = ['uid', 'name', 'sizing', 'inverter_always_on'];

    protected $casts = ['sizing' => 'boolean', 'inverter_always_on' => 'boolean'];

    protected $attributes = ['sizing' => false, 'inverter_always_on' => false];
}
