<?php

declare(strict_types=1);

namespace Pebblefell\Charging;

use Pebblefell\Quantity\Guard;
use Pebblefell\Sun\PlaneSun;

/**
 * A solar array by its watts and its performance ratio.
 *
 * Yield = W · (kWh/m² a day, which is hours of full sun) · performance ratio. The ratio (0.75 unless known better) takes in heat,
 * dirt, wiring, mismatch and the regulator. Reference: performance ratio as in IEC 61724-1; 0.75 is common practice.
 */
final readonly class SolarArray
{
    public const USUAL_PERFORMANCE_RATIO = 0.75;

    private function __construct(public float $watts, public float $performanceRatio)
    {
    }

    /**
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(float $watts, float $performanceRatio = self::USUAL_PERFORMANCE_RATIO): self
    {
        Guard::positive($performanceRatio, '/performance_ratio');

        return new self(
            Guard::notNegative($watts, '/array_w'),
            Guard::between($performanceRatio, 0.0, 1.0, '/performance_ratio'),
        );
    }

    /** Wh a day into the battery. */
    public function yieldWh(PlaneSun $sun): float
    {
        return $this->watts * $sun->kwh * $this->performanceRatio;
    }

    /** Watts of array that bring $energyWh a day in such sun; infinite where there is none. */
    public static function wattsFor(float $energyWh, PlaneSun $sun, float $performanceRatio = self::USUAL_PERFORMANCE_RATIO): float
    {
        $perWatt = self::of(1.0, $performanceRatio)->yieldWh($sun);

        return $perWatt > 0.0 ? $energyWh / $perWatt : ($energyWh > 0.0 ? INF : 0.0);
    }
}
