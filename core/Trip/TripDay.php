<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

/** One day of a trip: its weather, and whether it is driven, hooked up, the generator is run, and anybody lives in it at all. */
final readonly class TripDay
{
    public function __construct(
        public WeatherDay $weather,
        public bool $drives = false,
        public bool $hookedUp = false,
        public bool $generator = false,
        public bool $livedIn = true,
    ) {
    }
}
