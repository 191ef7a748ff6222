<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Sun\SolarDay;

/** `sun-day`: the sun outside the atmosphere on one day. FAO-56 equations 21 to 25 and 34. */
final class SunDay implements Calculation
{
    public static function schema(): array
    {
        return Schema::object(['latitude_deg' => Schema::between(-90, 90), 'day_of_year' => Schema::whole(1, 366)]);
    }

    public static function run(array $in): array
    {
        $day = SolarDay::at($in['latitude_deg'], $in['day_of_year']);

        return [
            'declination_deg' => rad2deg($day->declinationRad),
            'day_length_h' => $day->lengthH(),
            'extraterrestrial_mj_m2' => $day->extraterrestrialMj(),
        ];
    }
}
