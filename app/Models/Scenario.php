<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;
use Illuminate\Database\Eloquent\Model;

/**
 * A way of living in the vehicle; one of them sizes the system.
 */
final class Scenario extends Model
{
    use JobRow;

    public const FILE = ['uid' => 'uid', 'name' => 'name', 'sizing' => 'sizing', 'inverter_always_on' => 'inverter_always_on'];

    protected $fillable = ['uid', 'name', 'sizing', 'inverter_always_on'];

    protected $casts = ['sizing' => 'boolean', 'inverter_always_on' => 'boolean'];

    protected $attributes = ['sizing' => false, 'inverter_always_on' => false];
}
