<?php

declare(strict_types=1);

namespace Pebblefell\Circuit;

use Pebblefell\Load\Budget;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Graph\Reach;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** Every run of the bank's positive side that has one side towards the bank, with what hangs behind it. */
final readonly class CableRuns
{
    /**
     * Lost out and back on the way from the bank to what it feeds, % of the system's volts. ABYC E-11 (from memory), critical circuits: 3
     * %.
     */
    public const MOST_DROP_PCT = 3.0;

    /**
     * @param list<CableRun>          $runs nearest the bank first
     * @param array<string, CableRun> $by   the run of each conductor, by its uid
     */
    private function __construct(private Graph $graph, private Circuit $circuit, public array $runs, private array $by)
    {
    }

    /**
     * @param list<Part> $batteries of the bank
     */
    public static function from(Graph $graph, Circuit $circuit, array $batteries, Budget $budget, Supply $supply, bool $gauges): self
    {
        $runs = self::laid($graph, $circuit->whole(), false, self::poles($batteries, 'plus'), $batteries, $budget, $supply, $gauges);
        $by = [];
        foreach ($runs as $run) {
            foreach ($run->conductors as $conductor) {
                $by[$conductor->uid] = $run;
            }
        }

        return new self($graph, $circuit, $runs, $by);
    }

    /**
     * The way back: every run of the bank's negative side that has one side towards the bank, with what comes back through it.
     *
     * @param list<Part> $batteries of the bank
     *
     * @return list<CableRun>
     */
    public static function returns(Graph $graph, array $batteries, Budget $budget, Supply $supply, bool $gauges): array
    {
        $posts = self::poles($batteries, 'minus');

        return self::laid($graph, self::throughShunts($graph, $posts, []), true, $posts, $batteries, $budget, $supply, $gauges);
    }

    /**
     * @param list<Part> $batteries
     *
     * @return list<Point>
     */
    private static function poles(array $batteries, string $pole): array
    {
        return array_map(static fn(Part $p): Point => Point::of($p->uid, $pole), $batteries);
    }

    /**
     * Returns what is joined, a monitor's shunt among it: all that comes back flows through it.
     *
     * @param list<Point>     $from
     * @param list<Conductor> $without
     */
    private static function throughShunts(Graph $graph, array $from, array $without): Reach
    {
        $reach = $graph->reach($from, Passage::closed()->avoiding($without));
        foreach ($graph->of(Family::Monitor) as $monitor) {
            [$inner, $outer] = [Point::of($monitor->uid, 'battery_minus'), Point::of($monitor->uid, 'system_minus')];
            if ($reach->has($inner) !== $reach->has($outer)) {
                $from[] = $reach->has($inner) ? $outer : $inner;
                $reach = $graph->reach($from, Passage::closed()->avoiding($without));
            }
        }

        return $reach;
    }

    /**
     * @param Reach       $whole     everything that is joined to the poles
     * @param bool        $back      the negative side: it passes shunts
     * @param list<Point> $posts
     * @param list<Part>  $batteries
     *
     * @return list<CableRun>
     */
    private static function laid(
        Graph $graph,
        Reach $whole,
        bool $back,
        array $posts,
        array $batteries,
        Budget $budget,
        Supply $supply,
        bool $gauges,
    ): array {
        $bank = array_fill_keys(array_map(static fn(Part $p): string => $p->uid, $batteries), true);
        // In the order in which they are reached: of two ends the nearer one comes first.
        $order = array_flip(array_map(strval(...), $whole->points()));
        // Of a return only what is drawn to come back through it counts: many leave most of the negative side undrawn.
        $anywhere = !$back && !Branch::feedsLoads($graph, $whole);
        $runs = [];
        foreach ($whole->leads() as $group) {
            [$a, $b] = [$group[0]->from, $group[0]->to];
            if (isset($bank[$a->uid], $bank[$b->uid])) {
                continue;
            }
            [$near, $far] = $order[(string) $a] < $order[(string) $b] ? [$a, $b] : [$b, $a];
            $behind = $back ? self::throughShunts($graph, [$far], $group) : $graph->reach([$far], Passage::closed()->avoiding($group));
            // The bank is reached from there too: a ring, in which nobody can say how the current parts.
            if (array_filter($posts, $behind->has(...)) !== []) {
                continue;
            }
            // On the lead of a charger or an inverter no load hangs besides.
            $passes = array_filter($behind->parts(), static fn(Part $p): bool => !$p->kind->isCharger() && !$p->kind->isInverter()) !== [];
            $branch = Branch::of($graph, $behind, $passes && $anywhere, $budget, $supply, !$back);
            $runs[] = new CableRun($group, $near, $far, $branch->lastingA(), $branch->peakA(), $budget->systemV, $gauges);
        }

        return $runs;
    }

    /** The run that a conductor belongs to; null for links of the bank, the negative side and rings. */
    public function of(Conductor $conductor): ?CableRun
    {
        return $this->by[$conductor->uid] ?? null;
    }

    /** V lost on the whole way from the bank to the end of a run, out and back; null while something on it is not measured. */
    public function lostTo(CableRun $run): ?float
    {
        $lost = 0.0;
        foreach ($this->circuit->whole()->along($run->far) as $conductor) {
            $on = $this->by[$conductor->uid] ?? null;
            if ($on === null && $this->isLink($conductor)) {
                continue;
            }
            $drop = $on?->dropV();
            if ($drop === null) {
                return null;
            }
            $lost += $drop;
        }

        return $lost;
    }

    /** The fuse or breaker that stands next before a run, towards the bank; null where none does. */
    public function fuseBefore(CableRun $run): ?Part
    {
        $way = [...$this->circuit->whole()->passed($run->near)];
        $breaks = array_filter($way, static fn(Part $p): bool => $p->is(Family::OvercurrentDevice));

        return $breaks === [] ? null : $breaks[array_key_last($breaks)];
    }

    /** mm² that a run wants: see CableRun. While its length is not measured, by what flows in it alone. */
    public function wantsMm2(CableRun $run): ?float
    {
        $fuse = $this->fuseBefore($run)?->data->number('rating_a');

        return $run->lengthM() === null ? $run->carriesFromMm2($fuse) : $run->wantsMm2(self::MOST_DROP_PCT, $fuse);
    }

    /**
     * As few conductors side by side as do it, of a size that the terminals at both ends take.
     *
     * @return ?array{count: int, mm2: float}
     */
    public function wants(CableRun $run): ?array
    {
        return $run->wants(self::MOST_DROP_PCT, $this->fuseBefore($run)?->data->number('rating_a'), $this->terminalsTakeMm2($run));
    }

    /**
     * The same for a run that is thought otherwise: longer, or with more in it.
     *
     * @param CableRun $as the run that stands there, with its fuse and its terminals
     *
     * @return ?array{count: int, mm2: float}
     */
    public function wantsOf(CableRun $thought, CableRun $as): ?array
    {
        return $thought->wants(self::MOST_DROP_PCT, $this->fuseBefore($as)?->data->number('rating_a'), $this->terminalsTakeMm2($as));
    }

    /** mm² of the largest conductor that the terminals at its ends take, as far as they are noted; infinite where neither is. */
    public function terminalsTakeMm2(CableRun $run): float
    {
        $noted = array_filter(
            array_map(fn(Point $at): ?float => $this->graph->parts[$at->uid]->data->number('terminal_mm2'), [$run->near, $run->far]),
            static fn(?float $mm2): bool => $mm2 !== null,
        );

        return min([INF, ...$noted]);
    }

    /**
     * m one way to which a run would have to be cut that its own size does: null where it does already, where it is too thin at any length,
     * or while it is not measured.
     */
    public function shortenedToM(CableRun $run): ?float
    {
        [$length, $drop, $carries] = [$run->lengthM(), $run->dropV(), $run->carriesA()];
        $allowed = $run->systemV * self::MOST_DROP_PCT / 100.0;
        $fuse = $this->fuseBefore($run)?->data->number('rating_a');

        return $length === null || $drop === null || $drop <= $allowed || $carries === null || $carries < max(
            $run->current()->value,
            (float) $fuse,
        )
            ? null
            : floor(10.0 * $length * $allowed / $drop) / 10.0;
    }

    /** Tells whether what stands at its end uses or gives the current, and is not passed. */
    public function isLast(CableRun $run): bool
    {
        $part = $this->graph->parts[$run->far->uid];

        return $part->kind->kind()->joins() === [] && !$part->is(Family::Busbar);
    }

    private function isLink(Conductor $conductor): bool
    {
        return $this->graph->parts[$conductor->from->uid]->is(Family::Battery)
            && $this->graph->parts[$conductor->to->uid]->is(Family::Battery);
    }
}
