<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Circuit\CableRun;
use Pebblefell\Conductor\Run;
use Pebblefell\Load\LoadMoment;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Study;

/**
 * The bank somewhere else, so many metres of lead nearer or farther: what the main run then wants, what that is in copper, and what it
 * loses. What the lead in the middle of the room costs is why banks are moved; what rules about batteries in the living space cost, too.
 */
final readonly class BankMoved
{
    /** Copper, kg in a metre of a square millimetre: 8.96 g/cm³. CRC Handbook. */
    private const KG = 8.96e-3;

    /** Share of the largest current from which on a run belongs to the main one. Chosen. */
    private const NEARLY_ALL = 0.9;

    /**
     * @param float                        $metres one way, of the main run as it then is
     * @param array{count: int, mm2: float} $wants
     * @param float                        $kg     of copper, out and back
     * @param float                        $lostV  at its current
     * @param float                        $lostWh a day
     */
    private function __construct(
        public float $metres,
        public array $wants,
        public float $kg,
        public float $lostV,
        public float $lostWh,
    ) {
    }

    /**
     * @param list<float> $metres nearer (negative) or farther
     *
     * @return list<self> those that can be; none while the main run is not measured
     */
    public static function by(Study $study, array $metres): array
    {
        $main = self::mainRun($study);
        $length = $main?->lengthM();
        if ($main === null || $length === null) {
            return [];
        }
        $moved = [];
        foreach ($metres as $by) {
            $run = $length + $by < 0.1 ? null : self::lengthened($main, $length + $by);
            $wants = $run === null ? null : $study->cables()->runs()->wantsOf($run, $main);
            if ($run !== null && $wants !== null) {
                $area = $wants['count'] * $wants['mm2'];
                $each = Run::of(ConductorSize::ofArea($wants['mm2']), $length + $by);
                $moved[] = new self(
                    $length + $by,
                    $wants,
                    2.0 * ($length + $by) * $area * self::KG,
                    $each->dropV($run->current()->value / $wants['count'], CableRun::LOADED_C),
                    self::lostWh($study, $each->dropV(1.0, CableRun::LOADED_C) / $wants['count']),
                );
            }
        }

        return $moved;
    }

    /** The longest of the runs in which nearly everything flows: fuse and switch stay at the bank, this one grows. */
    public static function mainRun(Study $study): ?CableRun
    {
        $runs = $study->cables()->runs()->runs;
        $most = max([0.0, ...array_map(static fn(CableRun $r): float => $r->current()->value, $runs)]);
        $main = null;
        foreach ($runs as $run) {
            $carries = $run->current()->value >= self::NEARLY_ALL * $most && $most > 0.0;
            $main = $carries && ($main === null || (float) $run->lengthM() > (float) $main->lengthM()) ? $run : $main;
        }

        return $main;
    }

    private static function lengthened(CableRun $run, float $metres): CableRun
    {
        return new CableRun(
            array_map(static fn($c) => $c->ofLength($metres), $run->conductors),
            $run->near,
            $run->far,
            $run->lasting,
            $run->worst,
            $run->systemV,
            $run->gauges,
        );
    }

    /**
     * Wh a day: the square of the current, moment by moment.
     *
     * @param float $ohm out and back
     */
    private static function lostWh(Study $study, float $ohm): float
    {
        $budget = $study->loads()->budget;

        return array_sum(array_map(
            static fn(LoadMoment $m): float => ($m->meanW / $budget->systemV) ** 2 * $ohm * $m->hours(),
            $budget->moments,
        ));
    }
}
