<?php

declare(strict_types=1);

namespace Pebblefell\Sun;

use Pebblefell\Quantity\Guard;

/** How a panel lies. */
final readonly class Plane
{
    private function __construct(public float $tiltDeg, public float $azimuthDeg, public float $albedo)
    {
    }

    /**
     * @param float $tiltDeg    0 flat to 90 upright
     * @param float $azimuthDeg where it faces, from north through east: 180 is south
     * @param float $albedo     light thrown back by the ground, 0 to 1
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(float $tiltDeg = 0.0, float $azimuthDeg = 180.0, float $albedo = 0.2): self
    {
        return new self(
            Guard::between($tiltDeg, 0.0, 90.0, '/tilt_deg'),
            Guard::between($azimuthDeg, 0.0, 360.0, '/azimuth_deg'),
            Guard::between($albedo, 0.0, 1.0, '/albedo'),
        );
    }

    /**
     * Cosine of the angle between the sun and the panel's normal; never below 0 (the sun behind it gives nothing).
     *
     * Reference: Duffie & Beckman equation 1.6.2, surface azimuth γ counted from south, west positive.
     *
     * @param float $hourAngleRad 0 at solar noon, afternoon positive
     */
    public function cosIncidence(SolarDay $day, float $hourAngleRad): float
    {
        [$phi, $delta, $beta] = [$day->latitudeRad, $day->declinationRad, deg2rad($this->tiltDeg)];
        $gamma = deg2rad($this->azimuthDeg - 180.0);

        return max(0.0, sin($delta) * sin($phi) * cos($beta)
            - sin($delta) * cos($phi) * sin($beta) * cos($gamma)
            + cos($delta) * cos($phi) * cos($beta) * cos($hourAngleRad)
            + cos($delta) * sin($phi) * sin($beta) * cos($gamma) * cos($hourAngleRad)
            + cos($delta) * sin($beta) * sin($gamma) * sin($hourAngleRad));
    }
}
