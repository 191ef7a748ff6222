<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Bank\Battery;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\DayHours;
use Pebblefell\Sun\Plane;
use Pebblefell\Trip\DayLoads;
use Pebblefell\Trip\DaySum;
use Pebblefell\Trip\DriveSource;
use Pebblefell\Trip\Floors;
use Pebblefell\Trip\Heater;
use Pebblefell\Trip\LowVoltage;
use Pebblefell\Trip\MainsSource;
use Pebblefell\Trip\Outcome;
use Pebblefell\Trip\SolarSource;
use Pebblefell\Trip\Store;
use Pebblefell\Trip\Trip;
use Pebblefell\Trip\TripDay;
use Pebblefell\Trip\Weather;
use Pebblefell\Trip\WeatherFile;

/** `trip`: a bank, its sources and its loads, step by step through so many days. Its format is told in docs/format.md. */
final class SimulatedTrip implements Calculation
{
    public static function schema(): array
    {
        $hours = Schema::listOf(Schema::object(['from_h' => Schema::between(0, 24), 'to_h' => Schema::between(0, 24)]));
        $days = Schema::listOf(Schema::whole(1, 366));
        $mains = Schema::object(
            ['input_w' => Schema::notNegative(), 'charger_a' => Schema::notNegative(), 'on' => $hours],
            ['efficiency_pct' => Schema::percent(90), 'supports' => ['type' => 'boolean', 'default' => false], 'days' => $days],
        );

        return Schema::object(
            [
                'bank' => Schema::object(
                    [
                        'chemistry' => Schema::oneOf(...array_column(Chemistry::cases(), 'value')),
                        'capacity_ah' => Schema::positive(),
                        'system_v' => Schema::positive(),
                    ],
                    [
                        'rate_h' => Schema::positive(), 'peukert' => Schema::between(1, 2), 'usable_pct' => Schema::percent(),
                        'age_years' => Schema::notNegative(0), 'soc_pct' => Schema::between(0, 100, 100),
                        'resistance_ohm' => Schema::positive(), 'charge_limit_a' => Schema::positive(),
                        'discharge_limit_a' => Schema::positive(), 'mass_kg' => Schema::positive(),
                        'absorption_v' => Schema::positive(),
                        'charge_min_c' => Schema::between(-60, 40),
                        'heater' => Schema::object(
                            ['watts' => Schema::positive()],
                            [
                                'on_c' => Schema::between(-40, 40, Heater::USUAL_ON_C),
                                'off_c' => Schema::between(-40, 60, Heater::USUAL_OFF_C),
                                'from_sources_only' => ['type' => 'boolean', 'default' => false],
                            ],
                        ),
                        'low_voltage' => Schema::object(['disconnect_v' => Schema::positive(), 'reconnect_v' => Schema::positive()]),
                    ],
                ),
                'loads' => Schema::listOf(LoadBudget::load()),
                'sources' => Schema::object([], [
                    'arrays' => Schema::listOf(Schema::object(['watts' => Schema::notNegative()], [
                        'tilt_deg' => Schema::between(0, 90, 0), 'azimuth_deg' => Schema::between(0, 360, 180),
                        'albedo' => Schema::between(0, 1, 0.2), 'kind' => Schema::oneOf('mppt', 'pwm'),
                        'max_charge_a' => Schema::positive(), 'isc_a' => Schema::positive(),
                        'noct_c' => Schema::between(
                            20,
                            90,
                            SolarSource::USUAL_NOCT_C,
                        ), 'losses' => Schema::between(0, 1, SolarSource::USUAL_LOSSES),
                    ])),
                    'alternator' => Schema::object(['output_a' => Schema::notNegative(), 'on' => $hours], ['days' => $days]),
                    'shore' => $mains,
                    'generator' => $mains,
                ]),
                'site' => Schema::object(['from_day' => Schema::whole(1, 365)], [
                    'latitude_deg' => Schema::between(-90, 90), 'clearness' => Schema::listOf(Schema::between(0, 1)),
                    'min_c' => Schema::listOf(Schema::between(-70, 50)),
                    'seed' => [...Schema::whole(0, 2_000_000_000), 'default' => 1],
                    'shade' => Schema::listOf(Schema::object([
                        'from_h' => Schema::between(0, 24),
                        'to_h' => Schema::between(0, 24),
                        'factor' => Schema::between(0, 1),
                    ])), 'bay_at_least_c' => Schema::between(-70, 40), 'epw' => ['type' => 'string'],
                ]),
                'days' => Schema::whole(1, 366),
            ],
            ['inverter' => LoadBudget::inverter(), 'step_min' => [...Schema::whole(1, 60), 'default' => Trip::USUAL_STEP_MIN]],
        );
    }

    public static function run(array $in): array
    {
        if (1440 % $in['step_min'] !== 0) {
            throw InvalidValue::at('/step_min', 'divide-day');
        }
        $sources = $in['sources'];
        $weather = self::weather($in['site']);
        $trip = Trip::of(
            self::under('/bank', static fn(): Store => self::store($in['bank'])),
            DayLoads::of(LoadBudget::budget($in, $in['bank']['system_v']), intdiv(1440, $in['step_min'])),
            $weather->latitudeDeg,
            array_map(static fn(array $a): SolarSource => self::array($a, $in['bank']['system_v']), array_values($sources['arrays'] ?? [])),
            isset($sources['alternator']) ? DriveSource::of(
                $sources['alternator']['output_a'],
                DayHours::of(LoadBudget::spans($sources['alternator']['on'], '/sources/alternator/on')),
            ) : null,
            self::mains($sources['shore'] ?? null, 'shore'),
            self::mains($sources['generator'] ?? null, 'generator'),
            isset($in['bank']['low_voltage']) ? self::under(
                '/bank/low_voltage',
                static fn(): LowVoltage => LowVoltage::of(
                    $in['bank']['low_voltage']['disconnect_v'],
                    $in['bank']['low_voltage']['reconnect_v'],
                ),
            ) : null,
            SunMonthSum::shade($in['site'], '/site'),
            $in['step_min'],
            $in['site']['bay_at_least_c'] ?? -273.0,
        );
        $on = static fn(string $source, int $day): bool => isset($sources[$source]) && in_array(
            $day,
            $sources[$source]['days'] ?? [$day],
            true,
        );
        $days = [];
        foreach ($weather->from($in['site']['from_day'], $in['days']) as $i => $day) {
            $days[] = new TripDay($day, $on('alternator', $i + 1), $on('shore', $i + 1), $on('generator', $i + 1));
        }

        return self::told($trip->through($days, $in['bank']['soc_pct']));
    }

    /**
     * @param array<string, mixed> $site
     */
    private static function weather(array $site): Weather
    {
        if (isset($site['epw'])) {
            return self::under('/site', static fn(): Weather => WeatherFile::read($site['epw'])->weather);
        }
        foreach (['latitude_deg', 'clearness'] as $key) {
            if (!isset($site[$key])) {
                throw InvalidValue::at("/site/$key", 'or-epw');
            }
        }
        $twelve = static fn(array $list, string $key): array => match (count($list)) {
            1 => array_fill(0, 12, (float) $list[0]),
            12 => array_map(floatval(...), array_values($list)),
            default => throw InvalidValue::at("/site/$key", 'one-or-twelve'),
        };

        return Weather::ofMeans(
            $site['latitude_deg'],
            $twelve($site['clearness'], 'clearness'),
            $twelve($site['min_c'] ?? [10.0], 'min_c'),
            $site['seed'],
        );
    }

    /**
     * @param array<string, mixed> $bank
     */
    private static function store(array $bank): Store
    {
        $chemistry = Chemistry::from($bank['chemistry']);
        $heater = isset($bank['heater']) ? self::under(
            '/heater',
            static fn(): Heater => Heater::of(
                $bank['heater']['watts'],
                $bank['heater']['on_c'],
                $bank['heater']['off_c'],
                $bank['heater']['from_sources_only'],
            ),
        ) : null;
        $battery = Battery::of(
            'bank',
            $chemistry,
            $bank['system_v'],
            $bank['capacity_ah'],
            $bank['rate_h'] ?? null,
            $bank['peukert'] ?? null,
            isset($bank['usable_pct']) ? $bank['usable_pct'] / 100 : null,
            $bank['age_years'],
        );

        return Store::of(
            $chemistry,
            $chemistry->cellsFor($bank['system_v']),
            $battery->deliverableAh(0.0, 25.0),
            $battery->usableShare,
            max(1.01, $battery->exponent),
            $bank['resistance_ohm'] ?? null,
            $bank['charge_limit_a'] ?? null,
            $bank['discharge_limit_a'] ?? null,
            $bank['mass_kg'] ?? null,
            $bank['absorption_v'] ?? null,
            Floors::of($chemistry, $bank['charge_min_c'] ?? null),
            $heater,
        );
    }

    /**
     * @param array<string, mixed> $a
     */
    private static function array(array $a, float $systemV): SolarSource
    {
        return SolarSource::of(
            $a['watts'],
            Plane::of($a['tilt_deg'], $a['azimuth_deg'], $a['albedo']),
            ($a['kind'] ?? 'mppt') === 'mppt',
            $a['max_charge_a'] ?? null,
            $a['isc_a'] ?? null,
            $a['noct_c'],
            SolarSource::USUAL_POWER_PER_C,
            $a['losses'],
            $systemV,
        );
    }

    /**
     * @param ?array<string, mixed> $mains
     */
    private static function mains(?array $mains, string $name): ?MainsSource
    {
        return $mains === null ? null : MainsSource::of(
            $mains['input_w'],
            $mains['charger_a'],
            DayHours::of(LoadBudget::spans($mains['on'], "/sources/$name/on")),
            $mains['efficiency_pct'],
            $mains['supports'],
        );
    }

    /**
     * @return array<string, mixed>
     */
    private static function told(Outcome $o): array
    {
        return [
            'soc_pct' => $o->socPct,
            'empty_at_h' => $o->emptyAtH,
            'unserved_wh' => $o->sum(static fn(DaySum $d): float => $d->unservedWh),
            'sources' => [
                'solar_wh' => $o->sum(static fn(DaySum $d): float => $d->solarWh),
                'alternator_wh' => $o->sum(static fn(DaySum $d): float => $d->alternatorWh),
                'shore_wh' => $o->sum(static fn(DaySum $d): float => $d->shoreWh),
                'generator_wh' => $o->sum(static fn(DaySum $d): float => $d->generatorWh),
            ],
            'curtailed_wh' => $o->sum(static fn(DaySum $d): float => $d->curtailedWh),
            'served_wh' => $o->sum(static fn(DaySum $d): float => $d->servedWh),
            'heater_wh' => $o->sum(static fn(DaySum $d): float => $d->heaterWh),
            'stored_wh' => $o->storedWh,
            'losses_wh' => $o->lossesWh(),
            'inverter_loss_wh' => $o->inverterWh,
            'mains_direct_wh' => $o->acDirectWh,
            'balance_wh' => $o->balanceWh(),
            'lowest_soc_pct' => $o->lowestSocPct(),
            'days_served' => $o->daysServed(),
            'cold_blocked_h' => $o->sum(static fn(DaySum $d): float => $d->coldBlockedH),
        ];
    }

    /**
     * @template T
     *
     * @param callable(): T $make
     *
     * @return T
     */
    private static function under(string $path, callable $make): mixed
    {
        try {
            return $make();
        } catch (InvalidValue $e) {
            throw $e->under($path);
        }
    }
}
