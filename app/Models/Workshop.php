<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use App\Models\Concerns\Versioned;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Model;
use Pebblefell\Region\Region;

/**
 * The one workshop that this installation serves.
 *
 * @property Region $region
 * @property string $currency three letters, ISO 4217: what every price here is in
 * @property ?float $hourly_rate of labour, in that currency
 * @property ?list<string> $bays their names
 * @property string $timezone IANA name; moments are kept in UTC and said in this one
 */
final class Workshop extends Model
{
    use Audited;
    use Versioned;

    protected $fillable = ['name', 'address', 'phone', 'email', 'region', 'first_terminal', 'timezone', 'currency', 'hourly_rate', 'bays'];

    protected $casts = ['region' => Region::class, 'hourly_rate' => 'float', 'bays' => 'array'];

    /** A moment, or a second since 1970, by the clock on the workshop's wall. */
    public function local(CarbonInterface|float $at): CarbonImmutable
    {
        return ($at instanceof CarbonInterface
            ? CarbonImmutable::instance($at)
            : CarbonImmutable::createFromTimestampUTC((int) $at))->setTimezone($this->timezone);
    }

    public static function current(): self
    {
        return once(static fn(): self => self::query()->firstOr(
            static fn(): self => self::query()->create(['name' => 'Our workshop', 'region' => Region::Europe->value])->refresh(),
        ));
    }
}
