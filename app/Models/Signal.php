<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;
use Pebblefell\System\Fate;
use Pebblefell\System\Sheet\FieldList;
use Pebblefell\System\Signal as CoreSignal;
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

    private const COLUMNS = ['from' => 'from_part', 'to' => 'to_part'];
    private const BESIDE = [];

    protected $table = 'signals';

    public static function fields(): FieldList
    {
        return CoreSignal::fields();
    }
}
