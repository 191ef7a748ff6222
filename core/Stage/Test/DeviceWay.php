<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Test;

use Pebblefell\Circuit\CableRun;
use Pebblefell\Conductor\Run;
use Pebblefell\Joint\Chain;
use Pebblefell\Joint\Segment;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Study;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Graph\WalkStep;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** The way of the current from the bank to one device and back, as points at which a meter is held. */
final readonly class DeviceWay
{
    /**
     * @param list<Point>          $points  in order; the pieces lie between them. One is null where the way back begins: that is the device
     * @param list<Conductor|Part> $pieces  what lies between
     * @param int                  $device  place of the device's own terminal on the way out
     */
    private function __construct(public Part $part, public array $points, public array $pieces, public int $device, public Chain $chain)
    {
    }

    /**
     * @return list<self> to each device that draws or gives much: inverters first, then by name
     */
    public static function all(Study $study): array
    {
        $ways = [];
        $ends = $study->planned()->of(
            Family::Inverter,
            Family::DistributionBox,
            Family::Dcdc,
            Family::MainsCharger,
            Family::SolarRegulator,
        );
        foreach ($ends as $part) {
            $way = self::to($study, $part);
            if ($way !== null) {
                $ways[] = $way;
            }
        }
        usort(
            $ways,
            static fn(self $a, self $b): int => [
                !$a->part->kind->isInverter(),
                $a->part->uid,
            ] <=> [!$b->part->kind->isInverter(), $b->part->uid],
        );

        return $ways;
    }

    /** Null where no way out is drawn. */
    public static function to(Study $study, Part $part): ?self
    {
        $graph = $study->planned();
        $out = $back = null;
        foreach (array_keys($part->kind->terminals()) as $terminal) {
            if (str_starts_with($terminal, 'input') || str_starts_with($terminal, 'pv')) {
                continue;
            }
            foreach ($graph->houseBatteries() as $battery) {
                if (str_ends_with($terminal, 'plus')) {
                    $out = self::shorter($out, self::steps($graph, Point::of($battery->uid, 'plus'), Point::of($part->uid, $terminal)));
                } elseif (str_ends_with($terminal, 'minus')) {
                    $back = self::shorter($back, self::back($graph, Point::of($part->uid, $terminal), $battery));
                }
            }
        }
        if ($out === null) {
            return null;
        }
        $back ??= [];
        $points = [$out[0]->from];
        $pieces = $segments = [];
        foreach ([...$out, ...$back] as $k => $step) {
            if ($k === count($out)) {
                // From here it is the way back: the device lies between, and no joint of ours.
                $points[] = $step->from;
                $pieces[] = $part;
                $segments[] = Segment::of("device $part->uid", 0.0, 1e-9, 1e-6);
            }
            $points[] = $step->to;
            $pieces[] = $step->by;
            $segments[] = self::segment($step->by);
        }

        return new self($part, $points, $pieces, count($out), Chain::of($segments));
    }

    /** The chain without the way back, or without the way out: a meter is held along one of them at a time. */
    public function hasBack(): bool
    {
        return count($this->points) > $this->device + 1;
    }

    /**
     * Of two ways the one with fewer pieces: from the post where the bank is taken off.
     *
     * @param ?list<WalkStep> $a
     * @param ?list<WalkStep> $b
     *
     * @return ?list<WalkStep>
     */
    private static function shorter(?array $a, ?array $b): ?array
    {
        return $a === null || ($b !== null && count($b) < count($a)) ? $b : $a;
    }

    /**
     * @return ?list<WalkStep>
     */
    private static function steps(Graph $graph, Point $from, Point $to): ?array
    {
        $steps = $graph->path($from, $to, Passage::closed());

        return $steps === [] ? null : $steps;
    }

    /**
     * Through the shunt of the monitor where there is one.
     *
     * @return ?list<WalkStep>
     */
    private static function back(Graph $graph, Point $from, Part $battery): ?array
    {
        $post = Point::of($battery->uid, 'minus');
        foreach ($graph->of(Family::Monitor) as $monitor) {
            [$outer, $inner] = [Point::of($monitor->uid, 'system_minus'), Point::of($monitor->uid, 'battery_minus')];
            [$a, $b] = [self::steps($graph, $from, $outer), self::steps($graph, $inner, $post)];
            if ($a !== null && $b !== null) {
                return [...$a, new WalkStep($outer, $inner, $monitor), ...$b];
            }
        }

        return self::steps($graph, $from, $post);
    }

    private static function segment(Conductor|Part $by): Segment
    {
        if ($by instanceof Conductor) {
            return Segment::lead(
                $by->uid,
                $by->sizeMm2 === null || $by->lengthM === null ? null : Run::of(ConductorSize::ofArea($by->sizeMm2), $by->lengthM),
                CableRun::LOADED_C,
            );
        }
        // The sheet of a thing that was never looked up: the middle of what is fitted.
        $rating = array_values(array_filter([$by->data->number('rating_a'), $by->data->number('shunt_a')]))[0] ?? null;

        return match (true) {
            $rating === null => Segment::lead($by->uid, null),
            $by->is(Family::Fuse) => Segment::fuse($by->uid, $rating),
            default => Segment::switched($by->uid, $rating),
        };
    }
}
