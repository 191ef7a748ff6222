<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;
use Pebblefell\System\Choice as CoreChoice;
use Pebblefell\System\Sheet\FieldList;

/**
 * A named choice beside the plan: so many changes more.
 *
 * @property string                     $name
 * @property list<array<string, mixed>> $changes as the job file has them
 */
final class Choice extends Row
{
    use JobRow;

    private const COLUMNS = [];
    private const BESIDE = [];

    protected $table = 'choices';

    public static function fields(): FieldList
    {
        return CoreChoice::fields();
    }
}
