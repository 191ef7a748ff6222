<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use App\Models\Concerns\Versioned;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * When a vehicle stands where, and with whom.
 *
 * @property int $job_id
 * @property CarbonInterface $starts_at
 * @property CarbonInterface $ends_at as last forecast
 * @property ?CarbonInterface $charges_from when it wants a charger, as last forecast; null: it wants none
 * @property ?CarbonInterface $charges_to
 * @property string $bay
 * @property int $people
 */
final class DayPlan extends Row
{
    use Audited;
    use Versioned;

    protected $table = 'day_plans';

    protected $fillable = ['starts_at', 'ends_at', 'bay', 'people'];

    protected $casts = [
        'starts_at' => 'datetime', 'ends_at' => 'datetime', 'charges_from' => 'datetime', 'charges_to' => 'datetime',
        'people' => 'integer',
    ];

    protected $attributes = ['bay' => '', 'people' => 1, 'lock_version' => 1];

    /**
     * @return BelongsTo<Job, $this>
     */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }
}
