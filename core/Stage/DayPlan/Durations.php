<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

/** How long the steps of a day take as long as the workshop has not noted better. Minutes of work, assumed; hours of waiting by source. */
final class Durations
{
    /** Adhesive for panels on a roof carries after a day. Common practice: the tube says 24 h at 20 °C, longer in the cold. */
    public const CURE_H = 24.0;

    /**
     * Below this much one person lifts a battery. HSE guideline figure for lifting close to the body at knuckle height (INDG143, from
     * memory), kg.
     */
    public const ONE_LIFTS_KG = 25.0;

    /** By what is done. Assumed. */
    private const MINUTES = [
        'guard' => 10.0, 'pictures' => 15.0, 'as-found-volts' => 10.0, 'glue-panels' => 45.0,
        'cover-panels' => 15.0, 'prove-dead' => 5.0, 'lift-plus' => 8.0, 'lift-minus' => 8.0,
        'take-sensors' => 5.0, 'take-leads' => 20.0, 'take-out' => 20.0, 'take-panel' => 40.0, 'take-battery' => 15.0, 'leave-in' => 10.0,
        'mount' => 35.0, 'mount-small' => 12.0, 'move' => 45.0, 'set-battery' => 20.0, 'sensors-on' => 8.0, 'relabel' => 5.0,
        'lay-returns' => 15.0, 'lay-plus' => 15.0, 'lay-mains' => 25.0, 'lay-panels' => 20.0, 'link-batteries' => 10.0,
        'own-volts' => 5.0, 'join-minus' => 10.0, 'join-plus' => 10.0, 'precharge' => 5.0, 'close-main' => 3.0, 'close-string' => 5.0,
        'regulator-awake' => 3.0, 'program' => 60.0, 'sun-on' => 10.0, 'engine-on' => 10.0, 'loads-on' => 15.0, 'shore-on' => 10.0,
        'labels' => 20.0, 'test' => 45.0, 'tidy' => 20.0,
    ];

    /** Everything else: a switch, a look, a reading. Assumed. */
    private const SHORT_MIN = 3.0;

    /**
     * @param int $count of what is done so often
     */
    public static function minutes(string $does, int $count = 1): float
    {
        return (self::MINUTES[$does] ?? self::SHORT_MIN) * max(1, $count);
    }
}
