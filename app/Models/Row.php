<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use App\Models\Concerns\ReadsPlainly;
use Illuminate\Database\Eloquent\Model;

/** A row of this application's tables. */
abstract class Row extends Model
{
    use BootsByName;
    use ReadsPlainly;
}
