<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;

/**
 * A named choice beside the plan: so many changes more.
 *
 * @property string                     $name
 * @property list<array<string, mixed>> $changes as the job file has them
 */
final class Choice extends Row
{
    use JobRow;

    public const FILE = ['uid' => 'uid', 'name' => 'name', 'group' => 'group', 'changes' => 'changes'];

    protected $table = 'choices';

    protected $fillable = ['uid', 'name', 'group', 'changes'];

    protected $casts = ['changes' => 'array'];

    protected $attributes = ['group' => ''];
}
