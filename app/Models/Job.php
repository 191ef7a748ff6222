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
use Pebblefell\System\Sheet\FieldList;
use Pebblefell\System\Travel;
use Pebblefell\System\Vehicle;

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

    /**
     * Columns of the brief's own, by group: file key => column. What else the lists of fields name stands in `details`, the bay in three
     * columns.
     */
    public const COLUMNS = [
        'vehicle' => [
            'kind' => 'vehicle_kind', 'description' => 'vehicle_description', 'registration' => 'registration', 'system_v' => 'system_v',
            'chassis_bonded' => 'chassis_bonded', 'length_m' => 'length_m', 'axles' => 'axles', 'payload_kg' => 'payload_kg',
            'roof_m2' => 'roof_m2', 'axle_kg' => 'axle_kg',
        ],
        'travel' => [
            'months' => 'months', 'wish_days' => 'wish_days', 'hook_up' => 'hook_up', 'driving_h_day' => 'driving_h_day',
            'coldest_battery_c' => 'coldest_battery_c', 'shade' => 'shade', 'notes' => 'travel_notes', 'stay' => 'stay',
            'budget' => 'budget',
        ],
    ];

    private const BAY = ['bay_length_mm', 'bay_width_mm', 'bay_height_mm'];

    protected $fillable = [
        'title', 'customer_id', 'place_id', 'region', 'target_chemistry',
        'vehicle_kind', 'vehicle_description', 'registration', 'system_v', 'chassis_bonded', 'length_m', 'axles', 'payload_kg',
        'axle_kg', 'roof_m2', ...self::BAY,
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

    /** Renews the jobs that rest on what has changed: a place, a customer. */
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

    /**
     * @return array<string, FieldList> the brief's fields by group
     */
    public static function briefFields(): array
    {
        return ['vehicle' => Vehicle::fields(), 'travel' => Travel::fields()];
    }

    /**
     * Gives one group of the brief as the job file has it.
     *
     * @return array<string, mixed>
     */
    public function noted(string $group): array
    {
        $noted = $this->details[$group] ?? [];
        foreach (self::COLUMNS[$group] as $key => $column) {
            $noted[$key] = $this->getAttribute($column);
        }
        if ($group === 'vehicle') {
            $bay = array_map($this->getAttribute(...), self::BAY);
            $noted['bay_mm'] = in_array(null, $bay, true) ? null : $bay;
        }

        return $noted;
    }

    /**
     * Gives the columns that keep a brief.
     *
     * @param array<string, array<string, mixed>> $brief by group, as the job file has it; what is left out of a group is let be, but for
     *     what stands in `details`
     *
     * @return array<string, mixed>
     */
    public static function columnsOf(array $brief): array
    {
        $columns = ['details' => []];
        foreach ($brief as $group => $noted) {
            foreach (array_intersect_key(self::COLUMNS[$group], $noted) as $key => $column) {
                $columns[$column] = $noted[$key];
            }
            if (array_key_exists('bay_mm', $noted)) {
                $columns += array_combine(self::BAY, $noted['bay_mm'] ?? [null, null, null]);
            }
            $columns['details'][$group] = array_diff_key($noted, self::COLUMNS[$group], ['bay_mm' => true]);
        }

        return $columns;
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
