<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Sun\Shade;

/**
 * A bank, its sources and its loads through so many days, in steps of 1 to 60 minutes.
 *
 * State: charge (in two wells for lead), battery temperature, thermostat, blocked charge, loads cut off. In each step the loads and
 * the heater are fed from sun, alternator, mains and generator in this order, the rest charges the bank as far as the bank takes it, and
 * what is missing comes out of the bank as far as it gives it. V = E(q) − I R(T); charge is limited by the BMS, by absorption volts,
 * by an acceptance that fades near full, by the second well, and by cold. Everything that goes in is served, stored or lost: see
 * Outcome::balanceWh(). Documented with its sources in docs/method.md.
 */
final readonly class Trip
{
    public const USUAL_STEP_MIN = 15;

    /** Charge that must come back before loads that were cut off at the bottom are let on again, % of the capacity. Common practice. */
    private const BACK_PCT = 5.0;

    /**
     * @param list<SolarSource> $arrays
     */
    private function __construct(
        public Store $store,
        public DayLoads $loads,
        public array $arrays,
        public ?DriveSource $drive,
        public ?MainsSource $shore,
        public ?MainsSource $generator,
        public ?LowVoltage $lowVoltage,
        public float $latitudeDeg,
        public Shade $shade,
        public int $stepMin,
        public float $bayAtLeastC,
    ) {
    }

    /**
     * @param DayLoads          $loads cut into the same steps
     * @param list<SolarSource> $arrays
     * @param float             $bayAtLeastC a heated vehicle keeps its bay above this; −273 where nothing does
     *
     * @throws InvalidValue at /step_min
     */
    public static function of(
        Store $store,
        DayLoads $loads,
        float $latitudeDeg,
        array $arrays = [],
        ?DriveSource $drive = null,
        ?MainsSource $shore = null,
        ?MainsSource $generator = null,
        ?LowVoltage $lowVoltage = null,
        ?Shade $shade = null,
        int $stepMin = self::USUAL_STEP_MIN,
        float $bayAtLeastC = -273.0,
    ): self {
        if ($stepMin < 1 || $stepMin > 60 || 1440 % $stepMin !== 0) {
            throw InvalidValue::at('/step_min', 'step');
        }
        if (count($loads->dcW) !== intdiv(1440, $stepMin)) {
            throw InvalidValue::at('/step_min', 'step-of-loads');
        }

        return new self(
            $store,
            $loads,
            $arrays,
            $drive,
            $shore,
            $generator,
            $lowVoltage,
            $latitudeDeg,
            $shade ?? Shade::none(),
            $stepMin,
            $bayAtLeastC,
        );
    }

    /**
     * @param list<TripDay> $days
     * @param float         $startSocPct 0 to 100
     */
    public function through(array $days, float $startSocPct = 100.0): Outcome
    {
        return $this->played($days, $startSocPct, false)->outcome($this->stepMin / 60.0);
    }

    /**
     * Days from a full bank until something is not served for the first time, and not played any further; null: not in these days.
     *
     * @param list<TripDay> $days
     */
    public function untilEmpty(array $days): ?float
    {
        $emptyAtH = $this->played($days, 100.0, true)->emptyAtH;

        return $emptyAtH === null ? null : $emptyAtH / 24.0;
    }

    /**
     * @param list<TripDay> $days
     * @param bool          $untilEmpty no further than the day on which something is not served
     */
    private function played(array $days, float $startSocPct, bool $untilEmpty): State
    {
        $offers = Offers::of($this);
        $pace = Pace::of($this->store, $this->stepMin / 60.0);
        $state = State::at($this->store, $pace, $startSocPct, $this->startC($days));
        foreach ($days as $day) {
            $this->day($state, $pace, $day, $offers->on($day, $state->volts));
            if ($untilEmpty && $state->emptyAtH !== null) {
                break;
            }
        }

        return $state;
    }

    /** One day, step by step. */
    private function day(State $state, Pace $pace, TripDay $day, DayOffer $offer): void
    {
        [$solarW, $clipW, $drives, $shore, $generator] = [
            $offer->solarW,
            $offer->clipW,
            $offer->drives,
            $offer->shore,
            $offer->generator,
        ];
        $store = $this->store;
        [$dt, $rest, $full, $coulombic, $wells, $c, $growth, $absorptionV] = [
            $pace->dt,
            $pace->rest,
            $store->capacityAh,
            $pace->coulombic,
            $pace->twoWells,
            $pace->c,
            $pace->growth,
            $store->absorptionV,
        ];
        [$mostIn, $mostOut, $chargeFloorC, $dischargeFloorC, $heater, $lowVoltage] = [
            $store->chargeLimitA ?? INF,
            $store->dischargeLimitA ?? INF,
            $store->floors->chargeC,
            $store->floors->dischargeC,
            $store->heater,
            $this->lowVoltage,
        ];
        $loads = $day->livedIn ? $this->loads : $this->loads->none();
        [$dcW, $acW, $idleW, $efficiency] = [$loads->dcW, $loads->acW, $loads->idleW, $loads->efficiency];
        [$q1, $q2, $celsius, $volts, $heating, $blocked, $cutOff, $hour] = [
            $state->q1,
            $state->q2,
            $state->celsius,
            $state->volts,
            $state->heating,
            $state->blocked,
            $state->cutOff,
            $state->hour,
        ];
        $driveA = $day->drives && $this->drive !== null ? $this->drive->outputA : 0.0;
        $driveSunA = $day->drives && $this->drive !== null ? $this->drive->besideSunA : 0.0;
        $onShore = $day->hookedUp && $this->shore !== null;
        $onGenerator = $day->generator && $this->generator !== null;
        // The bottom of the bank rises in the cold; within a day it is taken as steady.
        $floorAh = $full * (1.0 - $store->usableShare * $store->chemistry->temperatureFactor($celsius));
        $socLow = 100.0;
        [$solarWh, $driveWh, $shoreWh, $generatorWh, $curtailedWh, $clippedWh] = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
        [$servedWh, $unservedWh, $warmedWh, $blockedH, $coldLostWh] = [0.0, 0.0, 0.0, 0.0, 0.0];
        [$storedWh, $lostR, $lostQ, $lostWell, $lostInverter, $directWh] = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0];

        foreach ($offer->outsideC as $k => $outsideC) {
            $q = $q1 + $q2;
            $x = $q / $full * 1000.0;
            $i = (int) $x;
            $restV = $rest[$i] + ($rest[$i + 1] - $rest[$i]) * ($x - $i);
            $emf = $restV;
            if ($wells) {
                $x = max(0.0, min(1000.0, $q1 / ($c * $full) * 1000.0));
                $i = (int) $x;
                $emf = $rest[$i] + ($rest[$i + 1] - $rest[$i]) * ($x - $i);
            }
            $ohm = $celsius < 25.0 ? $store->ohm * exp($growth * (25.0 - $celsius)) : $store->ohm;

            // Mains first looks after the outlets.
            $acLeft = $acW[$k];
            $acShort = $shoreCould = $generatorCould = 0.0;
            $onMains = false;
            if ($onShore && $shore[$k] >= 0.5 && $this->shore !== null) {
                [$passed, $acLeft, $acShort, $shoreCould] = $this->shore->pass($acLeft, $volts, $solarW[$k] > 0.0);
                $directWh += $passed * $dt;
                $onMains = true;
            }
            if ($onGenerator && $generator[$k] >= 0.5 && $this->generator !== null) {
                [$passed, $acLeft, $short, $generatorCould] = $this->generator->pass($acLeft + $acShort, $volts, $solarW[$k] > 0.0);
                $acShort = $short;
                $directWh += $passed * $dt;
                $onMains = true;
            }
            $atInverter = $acLeft / $efficiency + ($onMains ? 0.0 : $idleW[$k]);
            $wanted = $dcW[$k] + $atInverter;
            $asked = $wanted;

            // What the sources could give.
            $solarCould = $solarW[$k];
            $driveCould = ($solarCould > 0.0 ? $driveSunA : $driveA) * $drives[$k] * $volts;
            $could = $solarCould + $driveCould + $shoreCould + $generatorCould;

            // Thermostat, and the cold that forbids charging.
            $heaterW = 0.0;
            if ($heater !== null) {
                $heating = $celsius < $heater->onC || ($heating && $celsius < $heater->offC);
                $heaterW = $heating ? ($heater->fromSourcesOnly ? min($heater->watts, max(0.0, $could - $wanted)) : $heater->watts) : 0.0;
            }
            $blocked = $celsius < $chargeFloorC || ($blocked && $celsius < $chargeFloorC + Store::UNBLOCK_C);

            // Loads that were cut off wait for charge, and volts, to come back.
            if ($cutOff) {
                if ($q >= $floorAh + self::BACK_PCT / 100.0 * $full && ($lowVoltage === null || $volts >= $lowVoltage->reconnectV)) {
                    $cutOff = false;
                } else {
                    $wanted = 0.0;
                    $heaterW = $heater !== null && $heater->fromSourcesOnly ? $heaterW : 0.0;
                }
            }

            $demand = $wanted + $heaterW;
            $current = 0.0;
            if ($could >= $demand) {
                $amps = 0.0;
                if (!$blocked) {
                    $amps = min($mostIn, ($absorptionV - $emf) / $ohm, ($full - $q) * $pace->acceptPerH);
                    if ($wells) {
                        $amps = min($amps, ($pace->wellFull - $pace->wellE * $q1 - $pace->wellA * $q) / $coulombic);
                    }
                    $amps = max(0.0, $amps);
                } elseif ($could > $demand) {
                    $blockedH += $dt;
                    $coldLostWh += ($could - $demand) * $dt;
                }
                $takenW = min($could - $demand, $amps * ($emf + $amps * $ohm));
                if ($takenW > 0.0) {
                    // V·I = takenW with V = E + I·R.
                    $current = ($emf - sqrt($emf * $emf + 4.0 * $ohm * $takenW)) / (2.0 * $ohm);
                }
                $used = $demand + $takenW;
            } else {
                $used = $could;
                $missing = $demand - $could;
                $amps = $celsius < $dischargeFloorC ? 0.0 : min($mostOut, max(0.0, ($q - $floorAh) / $dt), $emf / (2.0 * $ohm));
                if ($wells) {
                    $amps = max(0.0, min($amps, $pace->wellE * $q1 + $pace->wellA * $q));
                }
                $gotW = min($missing, $amps * ($emf - $amps * $ohm));
                if ($gotW > 0.0) {
                    $current = ($emf - sqrt(max(0.0, $emf * $emf - 4.0 * $ohm * $gotW))) / (2.0 * $ohm);
                }
                if ($gotW < $missing) {
                    // The heater goes first, then the loads.
                    $short = $missing - $gotW;
                    $less = min($heaterW, $short);
                    $heaterW -= $less;
                    if ($short > $less) {
                        $wanted -= $short - $less;
                        $state->empty($hour + $dt * $gotW / $missing);
                        $cutOff = $q - $floorAh < $current * $dt + 1e-9;
                    }
                }
            }
            $volts = $emf - $current * $ohm;
            if ($lowVoltage !== null && $current > 0.0 && $volts < $lowVoltage->disconnectV) {
                $cutOff = true;
                $state->empty($hour + $dt);
            }

            // Who gave it: sun, alternator, mains, generator.
            $fromSun = min($used, $solarCould);
            $fromDrive = min($used - $fromSun, $driveCould);
            $fromShore = min($used - $fromSun - $fromDrive, $shoreCould);
            $solarWh += $fromSun * $dt;
            $driveWh += $fromDrive * $dt;
            $shoreWh += $fromShore * $dt;
            $generatorWh += ($used - $fromSun - $fromDrive - $fromShore) * $dt;
            $clippedWh += $clipW[$k] * $dt;
            $curtailedWh += ($solarCould - $fromSun + $clipW[$k]) * $dt;
            $servedWh += $wanted * $dt;
            $warmedWh += $heaterW * $dt;
            if ($asked > 0.0) {
                $lostInverter += ($atInverter - $acLeft) * $dt * $wanted / $asked;
            }
            $short = $asked - $wanted + $acShort;
            if ($short > 1e-9) {
                $unservedWh += $short * $dt;
                $state->empty($hour);
            }

            // The bank: what flows inside is less than what flows in.
            $heatW = $current * $current * $ohm;
            $inside = $current < 0.0 ? $current * $coulombic : $current;
            $lostR += $heatW * $dt;
            $lostQ += ($inside - $current) * $restV * $dt;
            $lostWell += ($restV - $emf) * $current * $dt;
            if ($wells) {
                $next = $q1 * $pace->e + ($q * $pace->kc - $inside) * $pace->aPerK - $inside * $pace->cbPerK;
                $q2 = $q2 * $pace->e + $q * (1.0 - $c) * $pace->a - $inside * $pace->dbPerK;
                $q1 = $next;
            } else {
                $q1 = min($full, $q1 - $inside * $dt);
            }
            $stood = $pace->fade * ($q1 + $q2);
            $q1 -= $pace->fade * $q1;
            $q2 -= $pace->fade * $q2;
            $storedWh -= ($inside * $dt + $stood) * $restV;
            $lostQ += $stood * $restV;

            $bayC = max($this->bayAtLeastC, $outsideC);
            $celsius += ($bayC + ($heaterW + $heatW) / $pace->lossWPerK - $celsius) * $pace->warmShare;
            $percent = 100.0 * ($q1 + $q2) / $full;
            $socLow = min($socLow, $percent);
            $state->note($percent, $celsius, $volts);
            $hour += $dt;
        }
        [
            $state->q1,
            $state->q2,
            $state->celsius,
            $state->volts,
            $state->heating,
            $state->blocked,
            $state->cutOff,
            $state->hour,
        ] = [$q1, $q2, $celsius, $volts, $heating, $blocked, $cutOff, $hour];
        $state->lost($storedWh, $lostR, $lostQ, $lostWell, $lostInverter, $directWh);
        $state->days[] = new DaySum(
            $day,
            $solarWh,
            $driveWh,
            $shoreWh,
            $generatorWh,
            $curtailedWh,
            $clippedWh,
            $servedWh,
            $unservedWh,
            $warmedWh,
            $socLow,
            $blockedH,
            $coldLostWh,
        );
    }

    /**
     * The battery begins at the mean of its first day.
     *
     * @param list<TripDay> $days
     */
    private function startC(array $days): float
    {
        $weather = $days[0]->weather ?? null;

        return $weather === null ? 15.0 : max($this->bayAtLeastC, ($weather->minC + $weather->maxC) / 2);
    }
}
