<?php

declare(strict_types=1);

namespace Pebblefell\System\Graph;

use Pebblefell\System\Conductor;
use Pebblefell\System\Part;

/** What a walk from some points has reached, and by which way. */
final readonly class Reach
{
    /**
     * @param array<string, ?Step> $steps by the point reached: the step that led there; null at a beginning
     * @param Graph                $graph
     */
    public function __construct(private Graph $graph, private array $steps)
    {
    }

    public function has(Point $point): bool
    {
        return array_key_exists((string) $point, $this->steps);
    }

    /**
     * @return list<Point> in the order in which they were reached
     */
    public function points(): array
    {
        return array_map(Point::read(...), array_map(strval(...), array_keys($this->steps)));
    }

    /**
     * @return array<string, Part> with a terminal that was reached, by uid
     */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->points() as $point) {
            $parts[$point->uid] = $this->graph->parts[$point->uid];
        }

        return $parts;
    }

    /**
     * The way to a point.
     *
     * @return ?list<Step> from a beginning on; empty at a beginning; null where it was not reached
     */
    public function wayTo(Point $point): ?array
    {
        if (!$this->has($point)) {
            return null;
        }
        $way = [];
        while (($step = $this->steps[(string) $point]) !== null) {
            $way[] = $step;
            $point = $step->from;
        }

        return array_reverse($way);
    }

    /**
     * @return list<Part> that the way to a point leads through
     */
    public function passed(Point $point): array
    {
        return array_values(array_filter(array_map(static fn(Step $s): ?Part => $s->part(), $this->wayTo($point) ?? [])));
    }

    /**
     * @return list<Conductor> that the way to a point runs along
     */
    public function along(Point $point): array
    {
        return array_values(array_filter(array_map(static fn(Step $s): ?Conductor => $s->conductor(), $this->wayTo($point) ?? [])));
    }
}
