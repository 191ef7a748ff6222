<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use App\Models\Concerns\Versioned;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Pebblefell\Balance\Protocol;

/**
 * Batteries on their way to being joined.
 *
 * @property int $job_id
 * @property Protocol $protocol
 * @property float $link_ohm
 * @property ?float $lead_a
 * @property list<array{name: string, amps: float}> $chargers that there are
 * @property \Illuminate\Database\Eloquent\Collection<int, BalanceBattery> $balanceBatteries
 * @property CarbonInterface $started_at
 * @property ?CarbonInterface $joined_at
 * @property ?CarbonInterface $ended_at
 * @property bool $passed
 * @property ?CarbonInterface $clock of the simulated bench
 * @property ?array{speed: float, charger: string, at?: float, states: array<string, array<string, mixed>>, sheets: array<string,
 *     array<string, mixed>>} $bench
 * @property ?list<array{id: string, words: string, at: ?int, now: bool}> $waits what they wait for, as App\Record\YardWaits keeps it
 */
final class BalanceSession extends Row
{
    use Audited;
    use Versioned;

    protected $table = 'balance_sessions';

    protected $fillable = ['protocol', 'link_ohm', 'lead_a', 'chargers', 'started_at', 'joined_at', 'ended_at', 'passed', 'note'];

    protected $casts = [
        'protocol' => Protocol::class,
        'link_ohm' => 'float',
        'lead_a' => 'float',
        'started_at' => 'datetime',
        'joined_at' => 'datetime',
        'ended_at' => 'datetime',
        'clock' => 'datetime',
        'passed' => 'boolean',
        'bench' => 'array',
        'chargers' => 'array',
        'waits' => 'array',
    ];

    protected $attributes = ['note' => '', 'lock_version' => 1, 'passed' => false, 'chargers' => '[]'];

    /**
     * @return BelongsTo<Job, $this>
     */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /**
     * @return HasMany<BalanceBattery, $this>
     */
    public function balanceBatteries(): HasMany
    {
        return $this->hasMany(BalanceBattery::class)->orderBy('id');
    }

    /** It ran on the simulated bench: nothing of it says anything of the batteries. */
    public function isPractice(): bool
    {
        return $this->bench !== null;
    }

    public function isOpen(): bool
    {
        return $this->ended_at === null;
    }

    /** Returns what time it is for these batteries: by the simulated bench, or by the clock on the wall. */
    public function time(): CarbonInterface
    {
        return $this->clock ?? now();
    }
}
