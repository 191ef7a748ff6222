<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;

/**
 * A reading: what, where, when, by whom, with which instrument.
 */
final class Measurement extends Row
{
    use JobRow;

    public const FILE = [
        'uid' => 'uid',
        'part' => 'part_uid',
        'quantity' => 'quantity',
        'value' => 'value',
        'at' => 'measured_at',
        'by' => 'measured_by',
        'instrument' => 'instrument',
        'terminal' => 'terminal',
        'note' => 'note',
    ];

    protected $table = 'measurements';

    protected $fillable = ['uid', 'part_uid', 'quantity', 'value', 'measured_at', 'measured_by', 'instrument', 'terminal', 'note'];

    protected $casts = ['value' => 'float'];

    protected $attributes = ['measured_by' => '', 'instrument' => '', 'terminal' => '', 'note' => ''];
}
