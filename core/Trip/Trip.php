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
        $perDay = intdiv(1440, $this->stepMin);
        $pace = Pace::of($this->store, $this->stepMin / 60.0);
        $state = State::at($this->store, $pace, $startSocPct, $this->startC($days));
        $drives = $this->shareOfSteps($this->drive->hours->stretches ?? [], $perDay);
        $shore = $this->shareOfSteps($this->shore->hours->stretches ?? [], $perDay);
        $generator = $this->shareOfSteps($this->generator->hours->stretches ?? [], $perDay);
        foreach ($days as $day) {
            $outside = $day->weather->celsius($perDay);
            $idle = [
                $day->drives ? $drives : [],
                $day->hookedUp ? $shore : ($day->generator ? $generator : []),
            ];
            [$solarW, $clipW] = $this->sun($day->weather, $outside, $perDay, $pace->dt, $state->volts, $idle);
            $this->day($state, $pace, $day, $outside, $solarW, $clipW, $drives, $shore, $generator);
        }

        return $state->outcome($pace->dt);
    }

    /**
     * One day, step by step.
     *
     * @param list<float> $outside   °C in each step
     * @param list<float> $solarW    that the regulators could give
     * @param list<float> $clipW     that they cannot pass on
     * @param list<float> $drives    share of each step with the engine running, on a day that is driven
     * @param list<float> $shore     share with mains, on a day with a hook-up
     * @param list<float> $generator share with the generator, on a day that it is run
     */
    private function day(
        State $state,
        Pace $pace,
        TripDay $day,
        array $outside,
        array $solarW,
        array $clipW,
        array $drives,
        array $shore,
        array $generator,
    ): void {
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
            $store->chargeFloorC,
            $pace->dischargeFloorC,
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

        foreach ($outside as $k => $outsideC) {
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
                [$passed, $acLeft, $acShort, $shoreCould] = $this->shore->pass($acLeft, $volts);
                $directWh += $passed * $dt;
                $onMains = true;
            }
            if ($onGenerator && $generator[$k] >= 0.5 && $this->generator !== null) {
                [$passed, $acLeft, $short, $generatorCould] = $this->generator->pass($acLeft + $acShort, $volts);
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
     * What the arrays could give in each step of a day, and what their regulators cannot pass on, W.
     *
     * A regulator's amps and a PWM panel work at battery volts, which are taken from the evening before: they move by a few per cent.
     *
     * @param list<float> $outside °C in each step
     * @param array{list<float>, list<float>} $idle share of each step that is driven, and on mains: some arrays bring nothing then
     *
     * @return array{list<float>, list<float>} by step
     */
    private function sun(WeatherDay $weather, array $outside, int $perDay, float $dt, float $volts, array $idle): array
    {
        $could = $clip = array_fill(0, $perDay, 0.0);
        $light = [];
        foreach ($this->arrays as $array) {
            $own = $array->shade === null ? '' : spl_object_id($array->shade);
            $key = $array->plane->tiltDeg . '/' . $array->plane->azimuthDeg . '/' . $array->plane->albedo . '/' . $own;
            $light[$key] ??= $weather->light($this->latitudeDeg, $array->plane, $array->shade ?? $this->shade, $perDay);
            $most = $array->maxChargeA === null ? INF : $array->maxChargeA * $volts;
            foreach ($light[$key] as $k => $kwh) {
                if ($kwh > 0.0) {
                    $g = $kwh * 1000.0 / $dt;
                    $watts = $array->mppt ? $array->powerW($g, $outside[$k]) : $array->pwmA($g) * $volts;
                    $watts *= 1.0 - max($array->idleDriving ? $idle[0][$k] ?? 0.0 : 0.0, $array->idleOnMains ? $idle[1][$k] ?? 0.0 : 0.0);
                    $could[$k] += min($watts, $most);
                    $clip[$k] += max(0.0, $watts - $most);
                }
            }
        }

        return [array_values($could), array_values($clip)];
    }

    /**
     * Which share of each step of a day falls into the stretches.
     *
     * @param list<array{float, float}> $stretches
     *
     * @return list<float> 0 to 1
     */
    private function shareOfSteps(array $stretches, int $perDay): array
    {
        $stepH = 24.0 / $perDay;
        $shares = [];
        for ($k = 0; $k < $perDay; ++$k) {
            $share = 0.0;
            foreach ($stretches as [$from, $to]) {
                $share += max(0.0, min($to, ($k + 1) * $stepH) - max($from, $k * $stepH));
            }
            $shares[] = $share / $stepH;
        }

        return $shares;
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
