<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** A row of this application's tables. */
abstract class Row extends Model
{
}
