<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;
use Pebblefell\System\Fate;

/**
 * A conductor of a job, found or planned.
 *
 * @property Fate $fate
 */
final class Conductor extends Row
{
    use JobRow;

    public const FILE = [
        'uid' => 'uid',
        'from' => 'from_terminal',
        'to' => 'to_terminal',
        'fate' => 'fate',
        'size_mm2' => 'size_mm2',
        'length_m' => 'length_m',
        'insulation_c' => 'insulation_c',
        'route' => 'route',
        'protected_by' => 'protected_by',
        'planned_from' => 'planned_from',
        'planned_to' => 'planned_to',
        'ambient_c' => 'ambient_c',
        'grouped' => 'grouped',
    ];

    protected $table = 'conductors';

    protected $fillable = [
        'uid',
        'from_terminal',
        'to_terminal',
        'fate',
        'size_mm2',
        'length_m',
        'insulation_c',
        'route',
        'protected_by',
        'planned_from',
        'planned_to',
        'ambient_c',
        'grouped',
    ];

    protected $casts = [
        'fate' => Fate::class,
        'size_mm2' => 'float',
        'length_m' => 'float',
        'insulation_c' => 'float',
        'ambient_c' => 'float',
        'grouped' => 'integer',
    ];

    protected $attributes = ['fate' => 'keep', 'route' => '', 'protected_by' => ''];
}
