<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;
use Pebblefell\System\Measurement as CoreMeasurement;
use Pebblefell\System\Sheet\FieldList;

/**
 * A reading: what, where, when, by whom, with which instrument.
 */
final class Measurement extends Row
{
    use JobRow;

    private const COLUMNS = ['part' => 'part_uid', 'at' => 'measured_at', 'by' => 'measured_by'];
    private const BESIDE = [];

    protected $table = 'measurements';

    public static function fields(): FieldList
    {
        return CoreMeasurement::fields();
    }
}
