<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use App\Models\Concerns\Versioned;
use App\Words\Show;
use Database\Factories\JobFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Pebblefell\Region\Region;

/**
 * One vehicle's job, from survey to handover.
 *
 * @property int $number
 * @property ?Region $region null: the workshop's
 * @property list<int> $months
 * @property list<array{from_h: float, to_h: float, factor: float}> $shade
 * @property ?array{month: int, days: int, drive: list<int>, hook_up: list<int>} $stay
 * @property ?float $budget
 * @property ?array<string, array<string, bool|float|string>> $details what the brief asks besides, by group
 * @property ?array{states?: array<string, string>, next?: string, stage?: string, stops?: int, fixes?: int, finished?: bool,
 *     then?: ?array<string, mixed>, rules?: string, findings?: list<string>, unreadable?: array{path: string, message: string}} $digest
 */
final class Job extends Row
{
    use Audited;
    /** @use HasFactory<JobFactory> */
    use HasFactory;
    use Versioned;

    protected $table = 'jobs';

    protected $fillable = [
        'title', 'customer_id', 'place_id', 'region', 'target_chemistry',
        'vehicle_kind', 'vehicle_description', 'registration', 'system_v', 'chassis_bonded', 'length_m', 'axles', 'payload_kg',
        'axle_kg', 'roof_m2',
        'bay_length_mm', 'bay_width_mm', 'bay_height_mm',
        'months', 'wish_days', 'hook_up', 'driving_h_day', 'coldest_battery_c', 'shade', 'travel_notes', 'stay', 'budget', 'details',
    ];

    protected $casts = [
        'region' => Region::class,
        'months' => 'array',
        'shade' => 'array',
        'stay' => 'array',
        'budget' => 'float',
        'details' => 'array',
        'digest' => 'array',
        'chassis_bonded' => 'boolean',
        'system_v' => 'float',
        'wish_days' => 'float',
        'driving_h_day' => 'float',
        'length_m' => 'float',
        'payload_kg' => 'float',
        'axle_kg' => 'float',
        'roof_m2' => 'float',
        'bay_length_mm' => 'float',
        'bay_width_mm' => 'float',
        'bay_height_mm' => 'float',
        'coldest_battery_c' => 'float',
    ];

    protected $attributes = [
        'months' => '[]',
        'shade' => '[]',
        'travel_notes' => '',
        'vehicle_description' => '',
        'registration' => '',
        'lock_version' => 1,
        'next_uid' => 1,
    ];

    protected static function booted(): void
    {
        self::creating(static function (self $job): void {
            $job->number ??= Workshop::current()->takeJobNumber();
        });
        self::updated(static function (self $job): void {
            if ($job->wasChanged($job->getFillable())) {
                self::moved($job->id);
            }
        });
        self::created(static function (self $job): void {
            self::$moved[$job->id] = true;
        });
        self::deleted(static function (self $job): void {
            unset(self::$moved[$job->id]);
        });
    }

    /** @var array<int, true> jobs whose model was changed since clearMoved(), by id */
    private static array $moved = [];

    /** Something in the model of a job has changed: whatever was computed from it before counts no more. */
    public static function moved(int $id): void
    {
        self::query()->whereKey($id)->toBase()->increment('revision');
        self::$moved[$id] = true;
        ++self::$writes;
    }

    private static int $writes = 0;

    /** Grows with every change of a model in this process. */
    public static function writes(): int
    {
        return self::$writes;
    }

    /** What several jobs rest on has changed: a place, a customer. */
    public static function restsOn(string $column, ?int $id): void
    {
        self::query()->where($column, $id)->toBase()->increment('revision');
        foreach (self::query()->where($column, $id)->pluck('id') as $job) {
            self::$moved[(int) $job] = true;
        }
    }

    /**
     * This job's row, locked until the transaction ends, as the last one who wrote left it. The lock is a row that is written: on a cluster
     * one that is only read is unknown to the other nodes, and two people there would check what neither has left.
     */
    public static function held(int $id): self
    {
        self::query()->whereKey($id)->toBase()->increment('turn');

        return self::query()->whereKey($id)->lockForUpdate()->firstOrFail();
    }

    /**
     * @return list<int> ids of the jobs whose model has changed, and forgets them
     */
    public static function takeMoved(): array
    {
        [$moved, self::$moved] = [array_keys(self::$moved), []];

        return $moved;
    }

    /** The last time that it was read, its rows made no model. */
    public function isUnreadable(): bool
    {
        return isset($this->digest['unreadable']);
    }

    /** Numbers and units as its readers read them. */
    public function show(): Show
    {
        return new Show($this->effectiveRegion()->units(), Workshop::current()->currency);
    }

    public function effectiveRegion(): Region
    {
        return $this->region ?? Workshop::current()->region;
    }

    /** The next free name of a row: "p12". */
    public function takeUid(string $letter): string
    {
        return $letter . $this->takeUids(1);
    }

    /** The first of so many free numbers. The row is written before it is read, so no two people get the same. */
    public function takeUids(int $count): int
    {
        $row = self::query()->whereKey($this->id)->toBase();
        $row->increment('next_uid', $count);

        return (int) $row->value('next_uid') - $count;
    }

    /**
     * @return BelongsTo<Customer, $this>
     */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }

    /**
     * @return BelongsTo<Place, $this>
     */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }

    /**
     * @return HasMany<Part, $this>
     */
    public function parts(): HasMany
    {
        return $this->hasMany(Part::class)->orderBy('position')->orderBy('id');
    }

    /**
     * @return HasMany<Conductor, $this>
     */
    public function conductors(): HasMany
    {
        return $this->hasMany(Conductor::class)->orderBy('id');
    }

    /**
     * @return HasMany<Signal, $this>
     */
    public function signals(): HasMany
    {
        return $this->hasMany(Signal::class)->orderBy('id');
    }

    /**
     * @return HasMany<Scenario, $this>
     */
    public function scenarios(): HasMany
    {
        return $this->hasMany(Scenario::class)->orderBy('id');
    }

    /**
     * @return HasMany<Appliance, $this>
     */
    public function appliances(): HasMany
    {
        return $this->hasMany(Appliance::class)->orderBy('id');
    }

    /**
     * @return HasMany<Secret, $this>
     */
    public function secrets(): HasMany
    {
        return $this->hasMany(Secret::class)->orderBy('id');
    }

    /**
     * @return HasMany<Setting, $this>
     */
    public function settings(): HasMany
    {
        return $this->hasMany(Setting::class)->orderBy('id');
    }

    /**
     * @return HasMany<Measurement, $this>
     */
    public function measurements(): HasMany
    {
        return $this->hasMany(Measurement::class)->orderBy('id');
    }

    /**
     * @return HasMany<Answer, $this>
     */
    public function answers(): HasMany
    {
        return $this->hasMany(Answer::class)->orderBy('id');
    }

    /**
     * @return HasMany<Choice, $this>
     */
    public function choices(): HasMany
    {
        return $this->hasMany(Choice::class)->orderBy('group')->orderBy('id');
    }

    /**
     * @return HasMany<BalanceSession, $this>
     */
    public function balanceSessions(): HasMany
    {
        return $this->hasMany(BalanceSession::class);
    }

    /**
     * @return HasMany<Message, $this>
     */
    public function messages(): HasMany
    {
        return $this->hasMany(Message::class)->orderByDesc('id');
    }

    /**
     * @return HasMany<LogFile, $this>
     */
    public function logFiles(): HasMany
    {
        return $this->hasMany(LogFile::class)->orderByDesc('id');
    }

    /**
     * @return HasMany<Signature, $this>
     */
    public function signatures(): HasMany
    {
        return $this->hasMany(Signature::class)->orderBy('signed_at')->orderBy('id');
    }

    /**
     * @return HasMany<Tick, $this> in the order in which they arrived
     */
    public function ticks(): HasMany
    {
        return $this->hasMany(Tick::class)->orderByRaw('nth IS NULL')->orderBy('nth')->orderBy('id');
    }

    /**
     * @return HasMany<Offer, $this>
     */
    public function offers(): HasMany
    {
        return $this->hasMany(Offer::class);
    }

    /**
     * @return HasOne<DayPlan, $this>
     */
    public function dayPlan(): HasOne
    {
        return $this->hasOne(DayPlan::class);
    }

    /**
     * @return HasMany<Handover, $this>
     */
    public function handovers(): HasMany
    {
        return $this->hasMany(Handover::class)->orderBy('number');
    }
}
