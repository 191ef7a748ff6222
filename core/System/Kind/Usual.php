<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

/** Tells what is usual for more than one kind of part where its data sheet is silent. Whoever shows it marks it as assumed. */
final class Usual
{
    /** Share of full charge that a charger from the mains loses, and an inverter gives on. Common practice: 85 to 92 %. */
    public const MAINS_EFFICIENCY_PCT = 88.0;

    /** Holds what an inverter takes for itself, W. Common practice: 10 to 24 W (0.8 to 2 A at 12 V). */
    public const IDLE_W = 15.0;

    /** Volts to which a vehicle regulates, and below which an inverter is taken to stop, at 12 V. Common practice: 13.8 to 14.6 V. */
    public const REGULATED_V = 14.2;
    public const LOW_CUTOFF_V = 11.0;

    /** Inverters are rated at this warmth, and lose so much a kelvin above it. Assumed where the sheet is silent. */
    public const INVERTER_FROM_C = 25.0;
    public const DERATE_PCT_PER_K = 1.0;
}
