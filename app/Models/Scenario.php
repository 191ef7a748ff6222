<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;
use Pebblefell\System\Scenario as CoreScenario;
use Pebblefell\System\Sheet\FieldList;

/**
 * A way of living in the vehicle; one of them sizes the system.
 */
final class Scenario extends Row
{
    use JobRow;

    private const COLUMNS = [];
    private const BESIDE = [];

    protected $table = 'scenarios';

    public static function fields(): FieldList
    {
        return CoreScenario::fields();
    }
}
