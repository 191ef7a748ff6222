<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;
use Pebblefell\System\Conductor as CoreConductor;
use Pebblefell\System\Fate;
use Pebblefell\System\Sheet\FieldList;

/**
 * A conductor of a job, found or planned.
 *
 * @property Fate $fate
 */
final class Conductor extends Row
{
    use JobRow;

    private const COLUMNS = ['from' => 'from_terminal', 'to' => 'to_terminal'];
    private const BESIDE = [];

    protected $table = 'conductors';

    public static function fields(): FieldList
    {
        return CoreConductor::fields();
    }
}
