<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Versioned;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Keeps what an owner wrote by the link of the pack: how a stay or a season went, what ran short, a log or a picture. A question to the
 * workshop.
 *
 * @property string                    $ran_short one of SHORT, or ''
 * @property ?array<string, float>     $readings  arrive, morning, afternoon: % of charge
 * @property string                    $file_kind log, picture or ''
 * @property ?Carbon                   $answered_at
 * @property Carbon                    $created_at
 */
final class Message extends Row
{
    use Versioned;

    public const SHORT = ['nothing', 'evening', 'morning', 'outlets'];

    public const READINGS = ['arrive', 'morning', 'afternoon'];

    protected $table = 'messages';

    protected $fillable = [
        'handover_id', 'text', 'ran_short', 'readings', 'file_name', 'file_path', 'file_kind', 'answered_at', 'answered_by', 'answer',
    ];

    protected $casts = ['readings' => 'array', 'answered_at' => 'datetime'];

    protected $attributes = [
        'ran_short' => '', 'file_name' => '', 'file_path' => '', 'file_kind' => '', 'answered_by' => '', 'answer' => '',
    ];

    /**
     * @return BelongsTo<Job, $this>
     */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }
}
