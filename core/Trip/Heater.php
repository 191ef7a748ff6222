<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

use Pebblefell\Quantity\Guard;

/** A heating pad, or a battery's own heater, with its thermostat at the battery. */
final readonly class Heater
{
    /** On at about 1.7 °C and off at about 4.4 °C at the battery. Common practice, no source. */
    public const USUAL_ON_C = 1.7;
    public const USUAL_OFF_C = 4.4;

    private function __construct(public float $watts, public float $onC, public float $offC, public bool $fromSourcesOnly)
    {
    }

    /**
     * @param bool $fromSourcesOnly a self-heating battery warms itself with charge current only, never with its own charge
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(
        float $watts,
        float $onC = self::USUAL_ON_C,
        float $offC = self::USUAL_OFF_C,
        bool $fromSourcesOnly = false,
    ): self {
        Guard::between($onC, -40.0, 40.0, '/on_c');

        return new self(Guard::positive($watts, '/watts'), $onC, Guard::between($offC, $onC, 60.0, '/off_c'), $fromSourcesOnly);
    }
}
