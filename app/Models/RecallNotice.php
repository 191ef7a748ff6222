<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Versioned;
use Illuminate\Support\Carbon;

/**
 * A recall that an owner was told of, and what they answered.
 *
 * @property string  $recall names the recall by what was asked
 * @property string  $way    letter or e-mail
 * @property ?Carbon $answered_at
 * @property Carbon  $created_at
 */
final class RecallNotice extends Row
{
    use Versioned;

    protected $table = 'recall_notices';

    protected $fillable = ['recall', 'job_id', 'way', 'by', 'answered_at', 'note'];

    protected $casts = ['answered_at' => 'datetime'];

    protected $attributes = ['note' => ''];

    /** The day on which its owner was told, where the workshop is. */
    public function toldOn(): string
    {
        return Workshop::current()->local($this->created_at)->format('j M Y');
    }
}
