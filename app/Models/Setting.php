<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;
use Pebblefell\Setting\Parameter;

/**
 * One box of one device: found, planned otherwise than the profile, as set, read back.
 *
 * @property Parameter $parameter
 */
final class Setting extends Row
{
    use JobRow;

    public const FILE = [
        'part' => 'part_uid',
        'parameter' => 'parameter',
        'found' => 'found',
        'planned' => 'planned',
        'as_set' => 'as_set',
        'read_back' => 'read_back',
        'by' => 'entered_by',
        'at' => 'entered_at',
    ];

    protected $table = 'settings';

    protected $fillable = ['part_uid', 'parameter', 'found', 'planned', 'as_set', 'read_back', 'entered_by', 'entered_at'];

    protected $casts = ['parameter' => Parameter::class];

    protected $attributes = ['entered_by' => '', 'entered_at' => ''];
}
