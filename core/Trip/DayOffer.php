<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

/** Tells what one day offers a vehicle, step by step. */
final readonly class DayOffer
{
    /**
     * @param list<float> $outsideC  °C
     * @param list<float> $solarW    that the regulators could give
     * @param list<float> $clipW     that they cannot pass on
     * @param list<float> $drives    share of each step with the engine running, on a day that is driven
     * @param list<float> $shore     share with mains, on a day with a hook-up
     * @param list<float> $generator share with the generator, on a day that it is run
     */
    public function __construct(
        public array $outsideC,
        public array $solarW,
        public array $clipW,
        public array $drives,
        public array $shore,
        public array $generator,
    ) {
    }
}
