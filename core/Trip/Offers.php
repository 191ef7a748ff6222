<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

use Pebblefell\Quantity\DayHours;

/** Tells what each day of a trip offers, in its steps: light on the arrays, the engine's hours, mains and generator. */
final readonly class Offers
{
    /**
     * @param list<float> $drives    share of each step, on a day that is driven, and so on
     * @param list<float> $shore
     * @param list<float> $generator
     */
    private function __construct(
        private Trip $trip,
        private int $perDay,
        private array $drives,
        private array $shore,
        private array $generator,
    ) {
    }

    public static function of(Trip $trip): self
    {
        $perDay = intdiv(1440, $trip->stepMin);

        return new self(
            $trip,
            $perDay,
            self::shares($trip->drive?->hours, $perDay),
            self::shares($trip->shore?->hours, $perDay),
            self::shares($trip->generator?->hours, $perDay),
        );
    }

    /** @param float $volts of the bank, the evening before */
    public function on(TripDay $day, float $volts): DayOffer
    {
        $outside = $day->weather->celsius($this->perDay);
        [$solarW, $clipW] = $this->sun($day, $outside, $volts);

        return new DayOffer($outside, $solarW, $clipW, $this->drives, $this->shore, $this->generator);
    }

    /**
     * Returns what the arrays could give in each step of a day, and what their regulators cannot pass on, W.
     *
     * A regulator's amps and a PWM panel work at battery volts, which are taken from the evening before: they move by a few per cent.
     *
     * @param list<float> $outside °C in each step
     *
     * @return array{list<float>, list<float>} by step
     */
    private function sun(TripDay $day, array $outside, float $volts): array
    {
        $could = $clip = array_fill(0, $this->perDay, 0.0);
        $perStep = $this->perDay / 24.0;
        $light = [];
        foreach ($this->trip->arrays as $array) {
            $own = $array->shade === null ? '' : spl_object_id($array->shade);
            $key = $array->plane->tiltDeg . '/' . $array->plane->azimuthDeg . '/' . $array->plane->albedo . '/' . $own;
            $light[$key] ??= $day->weather->light(
                $this->trip->latitudeDeg,
                $array->plane,
                $array->shade ?? $this->trip->shade,
                $this->perDay,
            );
            $most = $array->maxChargeA === null ? INF : $array->maxChargeA * $volts;
            $idle = $this->idle($array, $day);
            foreach ($light[$key] as $k => $kwh) {
                if ($kwh > 0.0) {
                    $g = $kwh * 1000.0 * $perStep;
                    $watts = $array->mppt ? $array->powerW($g, $outside[$k]) : $array->pwmA($g) * $volts;
                    $watts *= 1.0 - ($idle[$k] ?? 0.0);
                    $could[$k] += min($watts, $most);
                    $clip[$k] += max(0.0, $watts - $most);
                }
            }
        }

        return [array_values($could), array_values($clip)];
    }

    /**
     * Share of each step in which an array brings nothing, whatever shines on it.
     *
     * @return list<float> empty: in none
     */
    private function idle(SolarSource $array, TripDay $day): array
    {
        $shares = array_values(array_filter([
            $array->idleDriving && $day->drives ? $this->drives : [],
            $array->idleOnMains && $day->hookedUp ? $this->shore : [],
            $array->idleOnMains && $day->generator ? $this->generator : [],
        ]));

        return count($shares) < 2 ? $shares[0] ?? [] : array_map(static fn(float ...$all): float => max([0.0, ...$all]), ...$shares);
    }

    /**
     * Which share of each step of a day falls into some hours.
     *
     * @return list<float> 0 to 1
     */
    private static function shares(?DayHours $hours, int $perDay): array
    {
        $stepH = 24.0 / $perDay;
        $shares = [];
        for ($k = 0; $k < $perDay; ++$k) {
            $share = 0.0;
            foreach ($hours->stretches ?? [] as [$from, $to]) {
                $share += max(0.0, min($to, ($k + 1) * $stepH) - max($from, $k * $stepH));
            }
            $shares[] = $share / $stepH;
        }

        return $shares;
    }
}
