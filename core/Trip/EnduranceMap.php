<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

use Pebblefell\Chemistry\Chemistry;

/**
 * How long many banks with many arrays last: bank Ah × array W.
 *
 * A cell is not a simulation of its own. Hours in which the same side has the upper hand are drawn together into one stretch, and a
 * stretch only fills or empties the bank between its top and its bottom: exact for a bank that takes and gives what it can,
 * with the chemistry's cycle efficiency, its loss of capacity in the cold and a largest charge current. What the step simulation knows
 * beyond that (fading acceptance, volts, warm and cold battery) is left out; docs/method.md says how far the two are apart.
 */
final readonly class EnduranceMap
{
    /** Days after which nobody counts any more. */
    public const MOST_DAYS = 60;

    private const PER_DAY = 24;

    /**
     * @param list<float> $loadW        at the battery, 24 hours
     * @param list<float> $otherW       24 hours of what else charges, W at the battery, on a mean day
     * @param list<float> $besideSunW   of it, what is left while the sun charges
     * @param list<array{day: int, perW: list<float>, coldFactor: float, asked: bool, lived: bool, drives: bool}> $days
     */
    private function __construct(
        private Chemistry $chemistry,
        private float $nominalV,
        private float $usableShare,
        private float $chargeCRate,
        private array $loadW,
        private array $otherW,
        private array $besideSunW,
        private array $days,
    ) {
    }

    /**
     * @param Trip          $trip with at least one array, whose plane and losses stand for every array size, and its loads in hours
     * @param list<TripDay> $days
     * @param float         $chargeCRate largest charge current over capacity, 1/h
     * @param list<int>     $months that count; days of other months are left out of the share of days served
     */
    public static function of(Trip $trip, array $days, float $chargeCRate, array $months = []): self
    {
        $source = $trip->arrays[0] ?? SolarSource::of(1.0);
        $rows = [];
        $driven = array_fill(0, self::PER_DAY, 0.0);
        foreach ($trip->drive->hours->stretches ?? [] as [$from, $to]) {
            for ($k = 0; $k < self::PER_DAY; ++$k) {
                $driven[$k] += max(0.0, min($to, $k + 1.0) - max($from, (float) $k));
            }
        }
        $watts = static fn(float $amps): array => array_map(static fn(float $h): float => $h * $amps * $trip->store->nominalV(), $driven);
        $cold = self::coldFactors($trip, $days);
        foreach ($days as $d => $day) {
            $outside = $day->weather->celsius(self::PER_DAY);
            $perW = [];
            foreach ($day->weather->light($trip->latitudeDeg, $source->plane, $trip->shade, self::PER_DAY) as $k => $kwh) {
                $stands = $source->idleDriving && $day->drives ? 1.0 - $driven[$k] : 1.0;
                $perW[] = $kwh > 0.0 && $source->watts > 0.0
                    ? $stands * $source->powerW($kwh * 1000.0, $outside[$k]) / $source->watts
                    : 0.0;
            }
            $rows[] = [
                'day' => $d,
                'perW' => $perW,
                'coldFactor' => $cold[$day->weather->month],
                'asked' => $day->livedIn && ($months === [] || in_array($day->weather->month, $months, true)),
                'lived' => $day->livedIn,
                'drives' => $day->drives,
            ];
        }
        $loads = $trip->loads->atBatteryW();
        $perHour = intdiv(count($loads), self::PER_DAY);
        $hourly = array_map(static fn(array $chunk): float => array_sum($chunk) / count($chunk), array_chunk($loads, max(1, $perHour)));

        return new self(
            $trip->store->chemistry,
            $trip->store->nominalV(),
            $trip->store->usableShare,
            $chargeCRate,
            $hourly,
            $watts($trip->drive->outputA ?? 0.0),
            $watts($trip->drive->besideSunA ?? 0.0),
            $rows,
        );
    }

    /**
     * Returns what the cold leaves of the capacity, by month. Were it taken by the day, a cold snap would lock away more of a large bank
     * than of a small one, and a larger bank could seem shorter-lived by an hour.
     *
     * @param list<TripDay> $days
     *
     * @return array<int, float>
     */
    private static function coldFactors(Trip $trip, array $days): array
    {
        $celsius = [];
        foreach ($days as $day) {
            $celsius[$day->weather->month][] = max($trip->bayAtLeastC, ($day->weather->minC + $day->weather->maxC) / 2);
        }

        return array_map(static fn(array $c): float => $trip->store->chemistry->temperatureFactor(array_sum($c) / count($c)), $celsius);
    }

    /**
     * A year of hours is kept as one string of numbers: reading back 365 lists takes a quarter of the time that a moved pin has.
     *
     * @return array<string, mixed>
     */
    public function __serialize(): array
    {
        $all = get_object_vars($this);
        $all['days'] = array_map(static fn(array $day): array => ['perW' => count($day['perW'])] + $day, $this->days);
        $all['light'] = pack('e*', ...array_merge(...array_column($this->days, 'perW')));

        return $all;
    }

    /** @param array<string, mixed> $all as __serialize() gives it */
    public function __unserialize(array $all): void
    {
        $light = array_values((array) unpack('e*', (string) $all['light']));
        $from = 0;
        foreach ($all['days'] as &$day) {
            $count = $day['perW'];
            $day['perW'] = array_slice($light, $from, $count);
            $from += $count;
        }
        unset($all['light'], $day);
        foreach ($all as $name => $value) {
            $this->$name = $value;
        }
    }

    /**
     * Days until something is not served, for every bank and array; MOST_DAYS where it never comes to that.
     *
     * @param list<float> $banksAh
     * @param list<float> $arraysW
     *
     * @return list<list<float>> by array, by bank
     */
    public function daysUntilEmpty(array $banksAh, array $arraysW): array
    {
        $map = [];
        foreach ($arraysW as $watts) {
            $stretches = $this->stretches($watts);
            $map[] = array_map(fn(float $ah): float => $this->untilEmpty($stretches, $ah), $banksAh);
        }

        return $map;
    }

    /**
     * Share of the days that count on which all was served, 0 to 100 %.
     *
     * @param list<float> $banksAh
     * @param list<float> $arraysW
     *
     * @return list<list<float>> by array, by bank
     */
    public function servedPct(array $banksAh, array $arraysW): array
    {
        $asked = array_column($this->days, 'asked');
        $count = max(1, count(array_filter($asked)));
        $map = [];
        foreach ($arraysW as $watts) {
            $stretches = $this->stretches($watts);
            $map[] = array_map(fn(float $ah): float => 100.0 * $this->served($stretches, $ah, $asked) / $count, $banksAh);
        }

        return $map;
    }

    /**
     * Hours of one sign drawn together, none longer than a day.
     *
     * @return list<array{float, float, int, float}> Wh (surplus above 0, as it arrives at the bank), hours, day, cold factor
     */
    private function stretches(float $watts): array
    {
        // The loss of a whole cycle is booked when charging.
        $efficiency = $this->chemistry->cycleEfficiency();
        $stretches = [];
        foreach ($this->days as $row) {
            [$wh, $hours] = [0.0, 0];
            foreach ($this->loadW as $k => $load) {
                $sun = $watts * $row['perW'][$k];
                $other = $sun > 0.0 ? $this->besideSunW[$k] : $this->otherW[$k];
                $net = $sun + ($row['drives'] ? $other : 0.0) - ($row['lived'] ? $load : 0.0);
                $net = $net > 0.0 ? $net * $efficiency : $net;
                if ($hours > 0 && ($net > 0.0) !== ($wh > 0.0)) {
                    $stretches[] = [$wh, (float) $hours, $row['day'], $row['coldFactor']];
                    [$wh, $hours] = [0.0, 0];
                }
                $wh += $net;
                ++$hours;
            }
            $stretches[] = [$wh, (float) $hours, $row['day'], $row['coldFactor']];
        }

        return $stretches;
    }

    /**
     * @param list<array{float, float, int, float}> $stretches
     */
    private function untilEmpty(array $stretches, float $ah): float
    {
        $usable = $ah * $this->nominalV * $this->usableShare;
        $mostW = $ah * $this->chargeCRate * $this->nominalV;
        $drawn = 0.0;
        $hours = 0.0;
        foreach ($stretches as [$wh, $h, , $cold]) {
            if ($wh > 0.0) {
                $drawn = max(0.0, $drawn - min($wh, $mostW * $h));
            } else {
                $left = max(0.0, $usable * $cold - $drawn);
                if (-$wh > $left) {
                    return ($hours + $h * $left / -$wh) / 24.0;
                }
                $drawn -= $wh;
            }
            $hours += $h;
        }

        return (float) self::MOST_DAYS;
    }

    /**
     * @param list<array{float, float, int, float}> $stretches
     * @param list<bool>                            $asked
     */
    private function served(array $stretches, float $ah, array $asked): int
    {
        $usable = $ah * $this->nominalV * $this->usableShare;
        $mostW = $ah * $this->chargeCRate * $this->nominalV;
        $drawn = 0.0;
        $served = 0;
        $today = -1;
        $good = false;
        foreach ($stretches as [$wh, $h, $day, $cold]) {
            if ($day !== $today) {
                $served += $good ? 1 : 0;
                [$today, $good] = [$day, $asked[$day]];
            }
            if ($wh > 0.0) {
                $drawn = max(0.0, $drawn - min($wh, $mostW * $h));
            } else {
                $drawn -= $wh;
                $most = $usable * $cold;
                if ($drawn > $most) {
                    $drawn = $most;
                    $good = false;
                }
            }
        }

        return $served + ($good ? 1 : 0);
    }
}
