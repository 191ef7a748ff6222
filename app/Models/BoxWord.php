<?php

declare(strict_types=1);

namespace App\Models;

use Pebblefell\Setting\Parameter;

/**
 * A word that stands on a box, and what the trade means by it: the workshop's own, beside those that ship.
 *
 * @property string    $word
 * @property Parameter $parameter
 */
final class BoxWord extends Row
{
    protected $table = 'box_words';

    protected $fillable = ['word', 'parameter'];

    protected $casts = ['parameter' => Parameter::class];
}
