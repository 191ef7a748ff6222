<?php

declare(strict_types=1);

namespace Pebblefell\Circuit;

use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** The outlets, followed back to each source that can feed them: does a device stand between that protects people? */
final readonly class AcSide
{
    /** A device that opens at this or less protects people. IEC 61008-1, HD 60364-4-41 (from memory): 30 mA. */
    public const PEOPLE_MA = 30.0;

    public function __construct(private Graph $graph)
    {
    }

    /** An earth-leakage device stands in the plan, or is built into an inverter, and opens early enough. */
    public static function protects(Part $device): bool
    {
        $opens = $device->data->number($device->is(Family::EarthLeakage) ? 'residual_ma' : 'earth_leakage_ma');

        return $opens !== null && $opens <= self::PEOPLE_MA;
    }

    /**
     * Sources of mains whose outlets nobody protects, as far as it is drawn.
     *
     * @return list<Part>
     */
    public function uncovered(): array
    {
        return array_values(array_filter(
            $this->sources(),
            fn(Part $source): bool => !self::protects($source) && $this->isDrawnFrom($source) && $this->reachesOutlet($source),
        ));
    }

    /**
     * Sources behind which nothing is drawn yet, and which have no device of their own. The inlet is one only where it is the only source.
     *
     * @return list<Part>
     */
    public function undrawn(): array
    {
        $open = array_values(array_filter(
            $this->sources(),
            fn(Part $source): bool => !self::protects($source) && !$this->isDrawnFrom($source),
        ));
        $inverters = array_values(array_filter($open, static fn(Part $p): bool => $p->kind->isInverter()));

        return array_filter($this->sources(), static fn(Part $p): bool => $p->kind->isInverter()) === [] ? $open : $inverters;
    }

    /**
     * Earth-leakage devices that a source feeds, as it is drawn, itself among them where one is built in; none stands as open load side.
     *
     * @return list<Part>
     */
    public function devicesBehind(Part $source): array
    {
        $own = $source->data->number('earth_leakage_ma') === null ? [] : [$source];
        $behind = $this->isDrawnFrom($source)
            ? array_values(array_filter(
                $this->graph->reach([self::out($source)], Passage::closed())->parts(),
                static fn(Part $p): bool => $p->is(Family::EarthLeakage),
            ))
            : [];

        return [...$own, ...$behind];
    }

    /**
     * Returns what stands between a source and people. Guarded is only what a device that protects people is seen to guard.
     *
     * @return string none, guarded, no-outlets (it feeds none that is drawn), or undrawn
     */
    public function guard(Part $source): string
    {
        return match (true) {
            self::protects($source) => 'guarded',
            !$this->isDrawnFrom($source) => 'undrawn',
            $this->reachesOutlet($source) => 'none',
            array_filter($this->devicesBehind($source), self::protects(...)) !== [] => 'guarded',
            default => 'no-outlets',
        };
    }

    /**
     * @return list<Part> inverters, the inlet of the hook-up, a generator
     */
    public function sources(): array
    {
        return $this->graph->of(Family::Inverter, Family::ShoreInlet, Family::Generator);
    }

    private function isDrawnFrom(Part $source): bool
    {
        return $this->graph->at(self::out($source)) !== [];
    }

    /**
     * Walks from a source, not past a device that protects, to where outlets hang: the open load side of a breaker or device, or the open
     * end of a source of its own.
     *
     * @param list<string> $passed uids of sources that the walk came through: a drawn circle ends
     */
    private function reachesOutlet(Part $source, array $passed = []): bool
    {
        $passed[] = $source->uid;
        $out = self::out($source);
        $blocked = static fn(Part $p): bool => $p->is(Family::EarthLeakage) && self::protects($p);
        $reach = $this->graph->reach([$out], Passage::closed($blocked));
        foreach ($reach->points() as $point) {
            $part = $this->graph->parts[$point->uid];
            // Mains that an inverter-charger passes on comes to its outlets.
            if ($part->is(Family::Inverter) && $part->is(Family::MainsCharger)
                && $point->terminal === 'ac_in'
                && !self::protects($part)
                && !in_array($part->uid, $passed, true)
                && $this->isDrawnFrom($part)
                && $this->reachesOutlet($part, $passed)) {
                return true;
            }
            $isEnd = $part->kind->kind()->joins() !== [] && $this->graph->at($point) === [];
            if ($isEnd && !($part->is(Family::EarthLeakage) && self::protects($part))) {
                return true;
            }
        }

        return false;
    }

    private static function out(Part $source): Point
    {
        return Point::of($source->uid, 'ac_out');
    }
}
