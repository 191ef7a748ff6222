<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;
use Pebblefell\System\Fate;
use Pebblefell\System\SignalKind;

/**
 * A signal between two parts of a job.
 *
 * @property SignalKind $kind
 * @property Fate       $fate
 */
final class Signal extends Row
{
    use JobRow;

    public const FILE = ['uid' => 'uid', 'kind' => 'kind', 'from' => 'from_part', 'to' => 'to_part', 'fate' => 'fate'];

    protected $table = 'signals';

    protected $fillable = ['uid', 'kind', 'from_part', 'to_part', 'fate'];

    protected $casts = ['kind' => SignalKind::class, 'fate' => Fate::class];

    protected $attributes = ['fate' => 'keep'];
}
