<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** Which column of one kind of monitor log is which. */
final class LogColumns extends Model
{
    protected $table = 'log_columns';

    protected $fillable = ['signature', 'time_column', 'charge_column'];
}
