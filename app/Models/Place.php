<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use App\Models\Concerns\InFile;
use App\Models\Concerns\Versioned;
use Pebblefell\System\Climate;
use Pebblefell\System\Place as CorePlace;
use Pebblefell\System\Sheet\FieldList;

/**
 * Where vehicles are used, with its sky and its cold by month.
 *
 * @property list<float> $clearness
 * @property list<float> $min_c
 * @property ?float $record_low_c
 * @property ?Climate $climate
 */
final class Place extends Row
{
    use Audited;
    use InFile;
    use Versioned;

    protected $table = 'places';

    private const COLUMNS = [];
    private const BESIDE = [];

    public static function fields(): FieldList
    {
        return CorePlace::fields();
    }
}
