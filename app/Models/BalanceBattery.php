<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use App\Models\Concerns\Versioned;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Pebblefell\Balance\BalanceStep;

/**
 * One battery in a balance session: where it is in the process, on which charger, since when.
 *
 * @property int $balance_session_id
 * @property string $part_uid
 * @property BalanceStep $step
 * @property CarbonInterface $since
 * @property string $charger
 * @property ?float $charger_a
 * @property ?string $serial of the battery, as it was when the session passed; null: it has not, or nobody knows
 * @property BalanceSession $session
 * @property ?BalanceReading $lastReading
 */
final class BalanceBattery extends Row
{
    use Audited;
    use Versioned;

    protected $table = 'balance_batteries';

    protected $fillable = ['part_uid', 'step', 'since', 'charger', 'charger_a', 'serial'];

    protected $casts = ['step' => BalanceStep::class, 'since' => 'datetime', 'charger_a' => 'float'];

    protected $attributes = ['charger' => '', 'lock_version' => 1];

    /** The job that it is of. */
    public function getJobIdAttribute(): int
    {
        return (int) BalanceSession::query()->whereKey($this->balance_session_id)->value('job_id');
    }

    /**
     * @return BelongsTo<BalanceSession, $this>
     */
    public function session(): BelongsTo
    {
        return $this->belongsTo(BalanceSession::class, 'balance_session_id');
    }

    /**
     * @return HasMany<BalanceReading, $this>
     */
    public function readings(): HasMany
    {
        return $this->hasMany(BalanceReading::class)->orderBy('read_at')->orderBy('id');
    }

    /**
     * @return HasOne<BalanceReading, $this>
     */
    public function lastReading(): HasOne
    {
        return $this->hasOne(BalanceReading::class)->ofMany(['read_at' => 'max', 'id' => 'max']);
    }
}
