<?php

declare(strict_types=1);

namespace Pebblefell\Charging;

use Pebblefell\Quantity\Guard;

/** The limits of a solar regulator. */
final readonly class RegulatorSheet
{
    /** An MPPT regulator wakes when the array stands so much above the battery. Common practice. */
    public const USUAL_START_ABOVE_V = 5.0;

    private function __construct(
        public bool $mppt,
        public float $maxPvV,
        public float $maxChargeA,
        public ?float $maxPvIscA,
        public float $startAboveV,
    ) {
    }

    /**
     * @param ?float $maxPvIscA null: not stated
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(
        bool $mppt,
        float $maxPvV,
        float $maxChargeA,
        ?float $maxPvIscA = null,
        float $startAboveV = self::USUAL_START_ABOVE_V,
    ): self {
        return new self(
            $mppt,
            Guard::positive($maxPvV, '/max_pv_v'),
            Guard::positive($maxChargeA, '/max_charge_a'),
            $maxPvIscA === null ? null : Guard::positive($maxPvIscA, '/max_pv_isc_a'),
            Guard::notNegative($startAboveV, '/start_above_battery_v'),
        );
    }
}
