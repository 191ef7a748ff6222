<?php

declare(strict_types=1);

namespace Pebblefell\System\Graph;

use Pebblefell\System\Conductor;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\Signal;
use Pebblefell\System\SignalKind;

/** The system in one of its two states: the parts that are there, and what joins them. Indexed once, walked as often as one asks. */
final readonly class Graph
{
    /** @var array<string, list<Conductor>> by the point where they end */
    private array $ending;

    /** @var array<string, true> parts on which a conductor ends, by uid */
    private array $drawn;

    /** @var array<string, list<Part>> by the name of a family */
    private array $families;

    private Sides $sides;

    /** @var array<string, true> parts of a DC system of its own, by uid */
    private array $apart;

    /**
     * @param array<string, Part>      $parts      by uid
     * @param array<string, Conductor> $conductors by uid; both ends are in $parts
     * @param array<string, Signal>    $signals    by uid
     */
    public function __construct(public array $parts, public array $conductors, public array $signals)
    {
        $ending = $drawn = [];
        foreach ($conductors as $conductor) {
            $ending[(string) $conductor->from][] = $conductor;
            $ending[(string) $conductor->to][] = $conductor;
            $drawn[$conductor->from->uid] = $drawn[$conductor->to->uid] = true;
        }
        $this->ending = $ending;
        $this->drawn = $drawn;
        $families = [];
        foreach ($parts as $part) {
            foreach ($part->kind->kind()->families() as $family) {
                $families[$family->name][] = $part;
            }
        }
        $this->families = $families;
        $this->sides = new Sides();
        $this->apart = $this->onlyOf($this->of(Family::Battery));
    }

    /**
     * Parts that only batteries of a system of their own reach through closed parts, with whatever feeds them.
     *
     * @param list<Part> $batteries
     *
     * @return array<string, true> by uid
     */
    private function onlyOf(array $batteries): array
    {
        $posts = static fn(bool $apart): array => array_values(array_map(
            static fn(Part $p): Point => Point::of($p->uid, 'plus'),
            array_filter($batteries, static fn(Part $p): bool => ($p->role === 'apart') === $apart),
        ));
        $apart = $posts(true);
        if ($apart === []) {
            return [];
        }
        $others = $this->reach($posts(false), Passage::closed())->parts();

        return array_fill_keys(
            array_map(strval(...), array_keys(array_diff_key($this->reach($apart, Passage::closed())->parts(), $others))),
            true,
        );
    }

    /** It belongs to a DC system of its own, beside the house's. */
    public function isApart(string $uid): bool
    {
        return isset($this->apart[$uid]);
    }

    /**
     * @return list<non-empty-list<Part>> batteries of the systems beside the house's, those of one system together
     */
    public function apartBatteries(): array
    {
        $systems = [];
        $seen = [];
        foreach ($this->of(Family::Battery) as $battery) {
            if ($battery->role !== 'apart' || isset($seen[$battery->uid])) {
                continue;
            }
            $joined = [];
            foreach (['plus', 'minus'] as $pole) {
                $joined += $this->reach([Point::of($battery->uid, $pole)], Passage::conductors())->parts();
            }
            $own = [
                $battery->uid => $battery,
                ...array_filter($joined, static fn(Part $p): bool => $p->is(Family::Battery) && $p->role === 'apart'),
            ];
            $seen += $own;
            $systems[] = array_values($own);
        }

        return $systems;
    }

    /**
     * @return list<Part> of one of the families, in the order of the parts
     */
    public function of(Family ...$families): array
    {
        return count($families) === 1
            ? $this->families[$families[0]->name] ?? []
            : array_values(array_filter($this->parts, static fn(Part $p): bool => $p->is(...$families)));
    }

    /**
     * @return list<Part> the house bank's batteries
     */
    public function houseBatteries(): array
    {
        return array_values(array_filter($this->of(Family::Battery), static fn(Part $p): bool => $p->role === 'house'));
    }

    /**
     * @return list<Part> everything that puts charge into the house bank by itself
     */
    public function chargers(): array
    {
        return array_values(array_filter($this->parts, fn(Part $p): bool => $p->kind->isCharger() && !$this->isApart($p->uid)));
    }

    public function inverter(): ?Part
    {
        foreach ($this->parts as $part) {
            if ($part->kind->isInverter() && !$this->isApart($part->uid)) {
                return $part;
            }
        }

        return null;
    }

    /** Watts of all panels. */
    public function arrayW(): float
    {
        return array_sum(array_map(static fn(Part $p): float => $p->data->known('pmax_w'), $this->of(Family::Panel)));
    }

    public function hasSignal(SignalKind $kind, string $toUid): bool
    {
        foreach ($this->signals as $signal) {
            if ($signal->kind === $kind && $signal->to === $toUid) {
                return true;
            }
        }

        return false;
    }

    /** A BMS tells an alternator, or the regulator that it has, when it may not charge. */
    public function isToldByBms(Part $alternator): bool
    {
        $told = fn(Part $p): bool => $this->hasSignal(SignalKind::MayCharge, $p->uid);

        return array_filter([$alternator, ...$this->of(Family::AlternatorRegulator)], $told) !== [];
    }

    /**
     * @return list<Conductor> that end on a terminal
     */
    public function at(Point $point): array
    {
        return $this->ending[(string) $point] ?? [];
    }

    /**
     * @return list<Conductor> that end on any terminal of a part
     */
    public function on(Part $part): array
    {
        $conductors = [];
        foreach (array_keys($part->kind->terminals()) as $terminal) {
            foreach ($this->at(Point::of($part->uid, $terminal)) as $conductor) {
                $conductors[$conductor->uid] = $conductor;
            }
        }

        return array_values($conductors);
    }

    public function isDrawn(Part $part): bool
    {
        return isset($this->drawn[$part->uid]);
    }

    /**
     * @return list<WalkStep> of one step from a point
     */
    public function neighbours(Point $point, Passage $passage): array
    {
        $steps = [];
        foreach ($this->at($point) as $conductor) {
            if (!$passage->avoids($conductor)) {
                $steps[] = new WalkStep($point, $conductor->otherEnd($point), $conductor);
            }
        }
        $part = $this->parts[$point->uid] ?? null;
        foreach ($part === null ? [] : $passage->through($part) as $step) {
            if ($step->from->is($point)) {
                $steps[] = $step;
            }
        }

        return $steps;
    }

    /**
     * Everything that is reached from some points, nearest first.
     *
     * @param list<Point> $from
     */
    public function reach(array $from, Passage $passage): Reach
    {
        $steps = array_fill_keys(array_map(strval(...), $from), null);
        $queue = $from;
        for ($i = 0; $i < count($queue); ++$i) {
            foreach ($this->neighbours($queue[$i], $passage) as $step) {
                if (!array_key_exists((string) $step->to, $steps)) {
                    $steps[(string) $step->to] = $step;
                    $queue[] = $step->to;
                }
            }
        }

        return new Reach($this, $steps);
    }

    /** To which circuit a terminal belongs, with all that closed parts join to it; and whether that is the way back. */
    public function side(Point $point): Side
    {
        return $this->sides->at($this, $point);
    }

    /** The terminals that conductors alone join to a point, itself among them. */
    public function node(Point $point): Reach
    {
        return $this->reach([$point], Passage::conductors());
    }

    /**
     * The shortest way between two points.
     *
     * @return ?list<WalkStep>
     */
    public function path(Point $from, Point $to, Passage $passage): ?array
    {
        return $this->reach([$from], $passage)->wayTo($to);
    }

    /**
     * Returns what one must open to part two points: every part that each way between them leads through.
     *
     * @return list<Part>
     */
    public function between(Point $from, Point $to, Passage $passage): array
    {
        $reach = $this->reach([$from], $passage);

        return array_values(array_filter($reach->passed($to), function (Part $part) use ($from, $to): bool {
            return !$this->reach([$from], Passage::closed(static fn(Part $p): bool => $p->uid === $part->uid))->has($to);
        }));
    }

    /**
     * Groups of terminals that are joined; every terminal with a conductor is in one.
     *
     * @return list<Reach>
     */
    public function islands(Passage $passage): array
    {
        $islands = $seen = [];
        foreach (array_keys($this->ending) as $key) {
            if (!isset($seen[$key])) {
                $islands[] = $island = $this->reach([Point::read((string) $key)], $passage);
                foreach ($island->points() as $point) {
                    $seen[(string) $point] = true;
                }
            }
        }

        return $islands;
    }
}
