<?php

declare(strict_types=1);

namespace Pebblefell\System\Graph;

use Pebblefell\System\Conductor;
use Pebblefell\System\Part;

/** Tells what a walk from some points has reached, and by which way. */
final readonly class Reach
{
    /**
     * @param array<string, ?WalkStep> $steps by the point reached: the step that led there; null at a beginning
     * @param Graph                $graph
     * @param ?list<string>        $gone  points that the walk it was made from had reached and it does not; null: it was walked by itself
     */
    public function __construct(private Graph $graph, private array $steps, private ?array $gone = null)
    {
    }

    /**
     * Parts that the walk it was made from had reached, and of which it reaches no terminal.
     *
     * @return ?list<string> uids, sorted as bytes; null: it was walked by itself
     */
    public function lost(): ?array
    {
        if ($this->gone === null) {
            return null;
        }
        $lost = [];
        foreach ($this->gone as $point) {
            $uid = Point::uidOf($point);
            $lost[$uid] ??= array_filter(
                array_keys($this->graph->parts[$uid]->kind->terminals()),
                fn(int|string $terminal): bool => array_key_exists("$uid.$terminal", $this->steps),
            ) === [];
        }
        $uids = array_map(strval(...), array_keys(array_filter($lost)));
        sort($uids, SORT_STRING);

        return $uids;
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
        foreach (array_keys($this->steps) as $point) {
            $uid = Point::uidOf((string) $point);
            $parts[$uid] = $this->graph->parts[$uid];
        }

        return $parts;
    }

    /**
     * Conductors that end on what was reached, those between the same two points together.
     *
     * @return list<non-empty-list<Conductor>>
     */
    public function leads(): array
    {
        $groups = [];
        foreach ($this->points() as $point) {
            foreach ($this->graph->at($point) as $conductor) {
                $ends = [(string) $conductor->from, (string) $conductor->to];
                sort($ends);
                $groups[implode(' ', $ends)][$conductor->uid] = $conductor;
            }
        }

        return array_values(array_map(array_values(...), $groups));
    }

    /**
     * The way to a point.
     *
     * @return ?list<WalkStep> from a beginning on; empty at a beginning; null where it was not reached
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
        return array_values(array_filter(array_map(static fn(WalkStep $s): ?Part => $s->part(), $this->wayTo($point) ?? [])));
    }

    /**
     * @return list<Conductor> that the way to a point runs along
     */
    public function along(Point $point): array
    {
        return array_values(array_filter(array_map(static fn(WalkStep $s): ?Conductor => $s->conductor(), $this->wayTo($point) ?? [])));
    }

    /**
     * The same walk where some parts carry nothing through any more: only what lay behind them is walked again. What is reached is the same
     * as if all were; the ways need not be the shortest.
     *
     * @param array<string, mixed> $open    parts by uid
     * @param Passage              $passage in which they are open
     */
    public function without(array $open, Passage $passage): self
    {
        $lost = [];
        foreach ($this->steps as $key => $step) {
            // Nearest first: what leads there has been looked at before.
            if ($step !== null && (isset($lost[(string) $step->from]) || ($step->by instanceof Part && isset($open[$step->by->uid])))) {
                $lost[$key] = true;
            }
        }
        $steps = array_diff_key($this->steps, $lost);
        $queue = [];
        foreach (array_keys($lost) as $key) {
            $step = $this->stepTo(Point::read((string) $key), $steps, $passage);
            if ($step !== null) {
                $steps[$key] = $step;
                $queue[] = $step->to;
            }
        }
        for ($i = 0; $i < count($queue); ++$i) {
            foreach ($this->graph->neighbours($queue[$i], $passage) as $step) {
                if (!array_key_exists((string) $step->to, $steps)) {
                    $steps[(string) $step->to] = $step;
                    $queue[] = $step->to;
                }
            }
        }

        return new self($this->graph, $steps, array_map(strval(...), array_keys(array_diff_key($lost, $steps))));
    }

    /**
     * A step to a point from one that is still reached.
     *
     * @param array<string, ?WalkStep> $reached
     */
    private function stepTo(Point $point, array $reached, Passage $passage): ?WalkStep
    {
        $beside = array_map(static fn(Conductor $c): Point => $c->otherEnd($point), $this->graph->at($point));
        foreach (array_keys($this->graph->parts[$point->uid]->kind->terminals()) as $terminal) {
            $beside[] = Point::of($point->uid, (string) $terminal);
        }
        foreach ($beside as $from) {
            foreach (array_key_exists((string) $from, $reached) ? $this->graph->neighbours($from, $passage) : [] as $step) {
                if ($step->to->is($point)) {
                    return $step;
                }
            }
        }

        return null;
    }
}
