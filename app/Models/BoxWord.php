<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Pebblefell\Setting\Parameter;

/**
 * A word that stands on a box, and what the trade means by it: the workshop's own, beside those that ship.
 *
 * @property string    $word
 * @property Parameter $parameter
 */
final class BoxWord extends Model
{
    protected $fillable = ['word', 'parameter'];

    protected $casts = ['parameter' => Parameter::class];
}
