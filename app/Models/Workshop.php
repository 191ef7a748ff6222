<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use App\Models\Concerns\Versioned;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Support\Facades\DB;
use Pebblefell\Region\Region;
use Pebblefell\Schedule\Order;
use WeakMap;

/**
 * The one workshop that this installation serves.
 *
 * @phpstan-import-type Shared from Order
 *
 * @property Region $region
 * @property string $currency three letters, ISO 4217: what every price here is in
 * @property ?int $chargers that charge batteries on the bench at one time; null: not said
 * @property ?int $crew people who work on vehicles at one time; null: not said
 * @property string $label_sheet the sheet of labels that is at hand, as LabelSheet reads it; '' for the usual ones
 * @property ?float $hourly_rate of labour, in that currency
 * @property ?list<string> $bays their names
 * @property bool $bench whether balance sessions may run on the simulated bench, to practise
 * @property float $opens_h hours by the clock on the wall
 * @property float $closes_h
 * @property ?list<int> $work_days 1 Monday to 7 Sunday; null: Monday to Friday
 * @property string $timezone IANA name; moments are kept in UTC and said in this one
 */
final class Workshop extends Row
{
    use Audited;
    use Versioned;

    protected $table = 'workshops';

    protected $fillable = [
        'name',
        'address',
        'phone',
        'email',
        'region',
        'first_terminal',
        'timezone',
        'currency',
        'label_sheet',
        'hourly_rate',
        'crew',
        'chargers',
        'bays',
        'opens_h',
        'closes_h',
        'work_days',
        'bench',
    ];

    protected $casts = [
        'region' => Region::class,
        'hourly_rate' => 'float',
        'crew' => 'integer',
        'chargers' => 'integer',
        'bays' => 'array',
        'opens_h' => 'float',
        'closes_h' => 'float',
        'work_days' => 'array',
        'bench' => 'boolean',
    ];

    /** @var ?WeakMap<Application, self> by the application that asked: a page asks for each moment that it tells */
    private static ?WeakMap $current = null;

    private ?DateTimeZone $zone = null;

    /** A moment, or a second since 1970, by the clock on the workshop's wall. */
    public function local(CarbonInterface|float $at): CarbonImmutable
    {
        return ($at instanceof CarbonInterface
            ? CarbonImmutable::instance($at)
            : CarbonImmutable::createFromTimestampUTC((int) $at))->setTimezone($this->timezone);
    }

    /** Today's date on that wall: "2026-11-26". What is good until a day is good as long as it is that day here. */
    public function today(): string
    {
        return $this->local(CarbonImmutable::now())->format('Y-m-d');
    }

    /** The same as text, for the many that stand on one page: without an object of its own for each. */
    public function told(int $at, string $format): string
    {
        return (new DateTimeImmutable("@$at"))->setTimezone($this->zone ??= new DateTimeZone($this->timezone))->format($format);
    }

    /** "08:30" of 8.5 hours. */
    public static function clock(float $hours): string
    {
        return sprintf('%02d:%02d', (int) floor($hours), (int) round(($hours - floor($hours)) * 60.0));
    }

    /**
     * Lists what the jobs of a day share: bays, people and chargers at one time.
     *
     * @return Shared
     */
    public function shared(): array
    {
        return ['places' => $this->bays ?? [], 'crew' => $this->crew, 'chargers' => $this->chargers];
    }

    /** The next number of a job: none is given twice, though its job be deleted. */
    public function takeJobNumber(): int
    {
        $row = self::query()->whereKey($this->id)->toBase();
        // The release before this one, which may run beside it, counts from the jobs alone.
        $row->update(['last_job_number' => DB::raw('1 + GREATEST(last_job_number, (SELECT COALESCE(MAX(number), 0) FROM jobs))')]);

        return (int) $row->value('last_job_number');
    }

    public static function current(): self
    {
        self::$current ??= new WeakMap();

        return self::$current[app()] ??= self::query()->firstOr(
            static fn(): self => self::query()->create(['name' => 'Our workshop', 'region' => Region::Europe->value])->refresh(),
        );
    }
}
