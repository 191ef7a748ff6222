<?php

declare(strict_types=1);

namespace Pebblefell\Outlook;

use Pebblefell\Circuit\RelayLoop;
use Pebblefell\Circuit\Supply;
use Pebblefell\Circuit\Volts;
use Pebblefell\Load\Budget;
use Pebblefell\Quantity\DayHours;
use Pebblefell\Quantity\HourSpan;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\HouseBank;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Kind\Usual;
use Pebblefell\System\PanelSite;
use Pebblefell\System\Part;
use Pebblefell\System\Place;
use Pebblefell\System\PvArray;
use Pebblefell\System\Stay;
use Pebblefell\System\System;
use Pebblefell\Trip\ClearnessSpread;
use Pebblefell\Trip\DayLoads;
use Pebblefell\Trip\DriveSource;
use Pebblefell\Trip\EnduranceMap;
use Pebblefell\Trip\Floors;
use Pebblefell\Trip\Heater;
use Pebblefell\Trip\LowVoltage;
use Pebblefell\Trip\MainsSource;
use Pebblefell\Trip\SolarSource;
use Pebblefell\Trip\Store;
use Pebblefell\Trip\Trip;
use Pebblefell\Trip\TripDay;
use Pebblefell\Trip\Weather;
use Pebblefell\Trip\WeatherDay;

/** Makes a trip to simulate out of a system, found or planned. */
final readonly class TripSetup
{
    /** A bright day is one that nine in ten of the month's fall short of, a grey one is passed by nine in ten. Chosen. */
    private const BRIGHT = 0.9;
    private const GREY = 0.1;

    /** The day's drive begins at this hour. Chosen. */
    private const DRIVE_FROM_H = 9.0;

    /**
     * Holds what a relay lets through into a fairly full bank of 12 V, where copper does not let through less. Common practice: 10 to 30
     * A.
     */
    private const RELAY_A = 20.0;

    /** Of its rating a second alternator of the house bank gives on the road. Common practice: about 190 A from 280 A. */
    private const HOUSE_ALTERNATOR_SHARE = 0.68;

    private function __construct(public Trip $trip, public Weather $weather)
    {
    }

    /** Null as long as there is no place, or no bank that makes the volts. */
    public static function of(System $system, Graph $graph, HouseBank $case, Budget $loads, int $stepMin = Trip::USUAL_STEP_MIN): ?self
    {
        if ($system->place === null || $case->bank === null) {
            return null;
        }
        $sheet = $case->parts[0]->data;
        $store = Store::ofBank(
            $case->bank,
            ($mohm = $sheet->number('internal_mohm')) === null ? null : $mohm / 1000.0,
            $sheet->number('charge_limit_a'),
            $sheet->number('absorption_v'),
            Floors::of($case->bank->chemistry(), $sheet->number('charge_min_c'), $sheet->number('discharge_min_c')),
            self::heater($graph, $case),
        );

        return self::around($system, $graph, $store, $loads, self::arrays($system, $graph, $case->bank->systemV), $stepMin);
    }

    /**
     * The same vehicle with another bank and other arrays.
     *
     * @param list<SolarSource> $arrays
     */
    public static function around(
        System $system,
        Graph $graph,
        Store $store,
        Budget $loads,
        array $arrays,
        int $stepMin = Trip::USUAL_STEP_MIN,
    ): self {
        $place = $system->place ?? new Place('', 50.0);
        $trip = Trip::of(
            $store,
            DayLoads::of($loads, intdiv(1440, $stepMin)),
            $place->latitudeDeg,
            $arrays,
            self::drive($system, $graph, $store),
            self::shore($system, $graph),
            null,
            self::disconnect($graph),
            $system->travel->shade(),
            $stepMin,
            $system->travel->coldestBatteryC ?? -273.0,
        );

        return new self($trip, Weather::ofMeans($place->latitudeDeg, $place->clearnessByMonth(), $place->minCByMonth()));
    }

    /**
     * The days of the typical stay, in its month: the sky as it comes, except where a day was set bright or grey.
     *
     * @return list<TripDay>
     */
    public function stay(Stay $stay, int $month): array
    {
        $days = [];
        $sky = ClearnessSpread::about($this->weather->meanClearness($month));
        foreach ($this->weather->ofMonth($month, $stay->days) as $i => $day) {
            $day = match (true) {
                in_array($i + 1, $stay->bright, true) => $day->underClearness($sky->at(self::BRIGHT)),
                in_array($i + 1, $stay->grey, true) => $day->underClearness($sky->at(self::GREY)),
                default => $day,
            };
            $days[] = new TripDay($day, in_array($i + 1, $stay->drive, true), in_array($i + 1, $stay->hookUp, true));
        }

        return $days;
    }

    /**
     * Days of a month as they are lived: the sky as it comes, driven as in the brief, nowhere hooked up.
     *
     * @return list<TripDay>
     */
    public function lived(int $month, int $count, float $drivingHDay): array
    {
        return array_map(
            static fn(WeatherDay $day): TripDay => new TripDay($day, $drivingHDay > 0.0),
            $this->weather->ofMonth($month, $count),
        );
    }

    /** Days from a full bank through a month as it is lived, until something is not served; `EnduranceMap::MOST_DAYS` at most. */
    public function livedDays(int $month, float $drivingHDay): float
    {
        return $this->trip->untilEmpty($this->lived($month, EnduranceMap::MOST_DAYS, $drivingHDay)) ?? (float) EnduranceMap::MOST_DAYS;
    }

    /**
     * The whole year, driven and hooked up as the brief has it, standing still with everything off in the other months.
     *
     * @param list<int> $months travelled
     *
     * @return list<TripDay>
     */
    public function year(array $months, float $drivingHDay, string $hookUp): array
    {
        return array_map(static fn(WeatherDay $day): TripDay => new TripDay(
            $day,
            $drivingHDay > 0.0 && in_array($day->month, $months, true),
            in_array($day->month, $months, true) && Stay::usuallyHookedUp($hookUp, $day->dayOfYear),
            false,
            in_array($day->month, $months, true),
        ), $this->weather->year);
    }

    /**
     * @return list<SolarSource>
     */
    private static function arrays(System $system, Graph $graph, float $systemV): array
    {
        $sources = [];
        $shut = self::shut($graph);
        foreach (PvArray::allOf($graph) as $array) {
            $regulator = $array->regulator;
            $others = $shut[$regulator->uid ?? ''] ?? [];
            $mppt = $regulator?->data->text('technology') !== 'pwm';
            $planes = [];
            foreach ($array->panels as $panel) {
                $site = PanelSite::of($panel, $system->travel);
                if ($site->isUp) {
                    $planes[$site->key][] = $panel;
                }
            }
            foreach ($planes as $panels) {
                $site = PanelSite::of($panels[0], $system->travel);
                $watts = array_sum(array_map(static fn(Part $p): float => $p->data->known('pmax_w'), $panels));
                $limit = $regulator?->data->number('max_charge_a');
                $sources[] = SolarSource::of(
                    $watts,
                    $site->plane,
                    $mppt,
                    // Panels that lie differently share their regulator by watts.
                    $limit === null ? null : max(0.1, $limit * $watts / max(1.0, $array->watts())),
                    ($isc = $panels[0]->data->number('isc_a')) === null ? null : $isc * count($panels) / $array->series(),
                    $panels[0]->data->orUsual('noct_c'),
                    $panels[0]->data->orUsual('vmp_tempco_pct_per_c') / 100.0,
                    SolarSource::USUAL_LOSSES,
                    $systemV,
                    $site->shade,
                    $site->portable || self::holds($others, Family::Dcdc, Family::Alternator),
                    self::holds($others, Family::MainsCharger),
                );
            }
        }

        return $sources;
    }

    /**
     * Sources that reach the bank's volts; the others bring nothing.
     *
     * @return list<Part>
     */
    private static function reaching(System $system, Graph $graph, Family ...$families): array
    {
        return array_values(array_filter(
            $graph->of(...$families),
            static fn(Part $p): bool => !$graph->isApart($p->uid) && Volts::brings($p, $graph, $system->vehicle->systemV),
        ));
    }

    private static function drive(System $system, Graph $graph, Store $store): ?DriveSource
    {
        $hours = $system->travel->drivingHDay;
        $shut = self::shut($graph);
        $amps = $sunShutsA = 0.0;
        foreach (self::reaching($system, $graph, Family::Dcdc) as $charger) {
            $amps += $charger->data->known('output_a');
            $sunShutsA += self::holds($shut[$charger->uid] ?? [], Family::SolarRegulator) ? $charger->data->known('output_a') : 0.0;
        }
        $relay = $graph->of(Family::SplitRelay)[0] ?? null;
        if ($amps <= 0.0 && $relay !== null) {
            $systemV = $system->vehicle->systemV;
            $amps = min(self::RELAY_A * 12.0 / $systemV, RelayLoop::current(
                $graph,
                $system->vehicle,
                $relay,
                $store->chemistry,
                $store->cells,
                $store->ohm,
                $systemV,
                array_map(static fn(Part $p): Point => Point::of($p->uid, 'plus'), $graph->houseBatteries()),
            )->value);
        }
        foreach (self::reaching($system, $graph, Family::Alternator) as $alternator) {
            if ($alternator->data->flag('for_house') === true) {
                $amps += self::HOUSE_ALTERNATOR_SHARE * $alternator->data->known('rated_a');
            }
        }
        if ($hours <= 0.0 || $amps <= 0.0) {
            return null;
        }

        $driven = DayHours::of([HourSpan::of(self::DRIVE_FROM_H, fmod(self::DRIVE_FROM_H + min(23.9, $hours), 24.0))]);

        return DriveSource::of($amps, $driven, $amps - $sunShutsA);
    }

    /**
     * Inputs that are shut while another one of their box charges.
     *
     * @return array<string, list<Part>> by the uid of what is shut: those that shut it
     */
    private static function shut(Graph $graph): array
    {
        return Supply::givingWay(array_column($graph->chargers(), null, 'uid'));
    }

    /** @param list<Part> $parts */
    private static function holds(array $parts, Family ...$families): bool
    {
        return array_filter($parts, static fn(Part $p): bool => $p->is(...$families)) !== [];
    }

    private static function shore(System $system, Graph $graph): ?MainsSource
    {
        $shut = self::shut($graph);
        $amps = $sunShutsA = 0.0;
        $supports = false;
        $efficiency = Usual::MAINS_EFFICIENCY_PCT;
        foreach (self::reaching($system, $graph, Family::MainsCharger) as $charger) {
            $own = $charger->data->chargeCurrent()->value ?? 0.0;
            $amps += $own;
            $sunShutsA += self::holds($shut[$charger->uid] ?? [], Family::SolarRegulator) ? $own : 0.0;
            $supports = $supports || $charger->data->flag('supports_supply') === true;
            $efficiency = $charger->data->orUsual('efficiency_pct');
        }
        if ($amps <= 0.0) {
            return null;
        }

        return MainsSource::of(
            self::hookUpA($system, $graph) * $system->region->mainsV(),
            $amps,
            DayHours::of([HourSpan::of(0.0, 24.0)]),
            $efficiency,
            $supports,
            $amps - $sunShutsA,
        );
    }

    /** The post that is counted on: the smallest usual one, or the inlet if that is smaller still. */
    public static function hookUpA(System $system, Graph $graph): float
    {
        $posts = $system->region->hookUpsA();
        $usual = $posts[count($posts) > 2 ? 1 : 0];
        $inlet = $graph->of(Family::ShoreInlet)[0] ?? null;

        return $inlet === null ? $usual : min($usual, $inlet->data->known('rating_a'));
    }

    private static function heater(Graph $graph, HouseBank $case): ?Heater
    {
        $own = array_sum(array_map(static fn(Part $p): float => $p->data->orUsual('heater_w'), $case->parts));
        if ($own > 0.0) {
            return Heater::of($own, Heater::USUAL_ON_C, Heater::USUAL_OFF_C, true);
        }
        $pads = $graph->of(Family::HeatingPad);
        $watts = array_sum(array_map(static fn(Part $p): float => $p->data->known('heater_w'), $pads));
        if ($watts <= 0.0) {
            return null;
        }
        $on = $pads[0]->data->orUsual('on_c');

        return Heater::of($watts, $on, max($on, $pads[0]->data->orUsual('off_c')));
    }

    private static function disconnect(Graph $graph): ?LowVoltage
    {
        foreach ($graph->of(Family::LowVoltageDisconnect) as $part) {
            [$off, $on] = [$part->data->number('disconnect_v'), $part->data->number('reconnect_v')];
            if ($off !== null && $on !== null && $on > $off) {
                return LowVoltage::of($off, $on);
            }
        }

        return null;
    }

    /** Amps at the bank while the engine runs; 0 where nothing charges on the road. */
    public function driveA(): float
    {
        return $this->trip->drive->outputA ?? 0.0;
    }
}
