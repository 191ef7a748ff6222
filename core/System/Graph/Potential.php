<?php

declare(strict_types=1);

namespace Pebblefell\System\Graph;

use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * Tells what stands at potential while parts are open: the positive, or line, side, followed from the sources.
 *
 * Conductors and closed switching parts join both ways; chargers, regulators and inverters carry one way. A part that is open carries
 * nothing through; a battery that is open is no source, and opens its series string.
 */
final readonly class Potential
{
    /**
     * @param array<string, true>                       $open    uids, batteries of opened strings among them
     * @param array{bool, bool, bool, bool} $running sun, engine, shore, generator
     */
    private function __construct(
        private Graph $graph,
        private bool $engine,
        private array $open,
        private ?Reach $reached,
        private array $running,
    ) {
    }

    /**
     * @param list<string> $open uids
     */
    public static function of(Graph $graph, array $open, bool $sun, bool $engine, bool $shore, bool $generator): self
    {
        $opened = self::withStrings($graph, array_fill_keys($open, true));
        $runs = ['rest' => true] + array_filter(['sun' => $sun, 'engine' => $engine, 'shore' => $shore, 'generator' => $generator]);
        $queue = [];
        foreach ($graph->parts as $uid => $part) {
            foreach ($part->kind->kind()->gives() as $state => $terminal) {
                if (isset($runs[$state]) && !isset($opened[$uid])) {
                    $queue[] = Point::of((string) $uid, $terminal);
                    break;
                }
            }
        }
        $running = [$sun, $engine, $shore, $generator];
        $self = new self($graph, $engine, $opened, null, $running);

        return new self($graph, $engine, $opened, $graph->reach($queue, $self->closed()->carried()), $running);
    }

    /**
     * The same with more parts open.
     *
     * @param list<string> $open uids
     */
    public function opening(array $open): self
    {
        $batteries = array_filter($open, fn(string $uid): bool => $this->graph->parts[$uid]->is(Family::Battery));
        $opened = $this->open + array_fill_keys($open, true);
        $self = new self($this->graph, $this->engine, $opened, null, $this->running);

        return $batteries !== [] || $this->reached === null
            ? self::of($this->graph, array_map(strval(...), array_keys($opened)), ...$this->running)
            : new self(
                $this->graph,
                $this->engine,
                $opened,
                $this->reached->without(array_fill_keys($open, true), $self->closed()->carried()),
                $this->running,
            );
    }

    /**
     * @return list<string> uids of parts with a terminal at potential, sorted as bytes
     */
    public function live(): array
    {
        $uids = array_map(strval(...), array_keys($this->reached?->parts() ?? []));
        sort($uids, SORT_STRING);

        return $uids;
    }

    /**
     * Returns what is at potential here and no longer where more is open: in what opening() made from this.
     *
     * @return list<string> uids, sorted as bytes
     */
    public function darkIn(self $opened): array
    {
        return $opened->reached?->lost() ?? array_values(array_diff($this->live(), $opened->live()));
    }

    /**
     * The shortest way on which a source holds a part at potential, not through the part itself.
     *
     * @return ?array{source: string, passed: list<Part>} null: nothing holds it
     */
    public function wayTo(Part $part): ?array
    {
        $best = null;
        foreach (array_keys($part->kind->terminals()) as $terminal) {
            $point = Point::of($part->uid, (string) $terminal);
            $way = $this->reached?->wayTo($point);
            $passed = $this->reached?->passed($point) ?? [];
            if ($way !== null && !in_array($part, $passed, true) && ($best === null || count($way) < $best[0])) {
                $best = [count($way), ['source' => ($way[0]->from ?? $point)->uid, 'passed' => $passed]];
            }
        }

        return $best[1] ?? null;
    }

    /**
     * @return list<array{uid: string, rule: string}> regulators and alternators that run with no battery to hold them, by uid
     */
    public function endangered(): array
    {
        $found = [];
        $held = null;
        foreach ($this->graph->parts as $uid => $part) {
            if ($part->is(Family::SolarRegulator) && $this->reached?->has(
                Point::of((string) $uid, 'pv_plus'),
            ) === true && !($held ??= $this->held())->has(
                Point::of((string) $uid, 'battery_plus'),
            )) {
                $found[] = ['uid' => (string) $uid, 'rule' => 'regulator-loses-battery'];
            } elseif ($part->is(Family::Alternator) && $this->engine && !isset($this->open[$uid]) && !($held ??= $this->held())->has(
                Point::of((string) $uid, 'plus'),
            )) {
                $found[] = ['uid' => (string) $uid, 'rule' => 'alternator-loses-load'];
            }
        }
        usort($found, static fn(array $a, array $b): int => strcmp($a['uid'], $b['uid']));

        return $found;
    }

    /**
     * Returns what conductors and closed parts join to a battery that is not open: they join both ways, so it is walked once from all of
     * them.
     */
    private function held(): Reach
    {
        return $this->graph->reach(array_map(
            static fn(Part $p): Point => Point::of($p->uid, 'plus'),
            array_values(array_filter($this->graph->of(Family::Battery), fn(Part $p): bool => !isset($this->open[$p->uid]))),
        ), $this->closed());
    }

    private function closed(): Passage
    {
        return Passage::closed(fn(Part $part): bool => isset($this->open[$part->uid]), $this->engine);
    }

    /**
     * A battery that is open takes with it those in its string: joined from one's plus to the other's minus.
     *
     * @param array<string, true> $open
     *
     * @return array<string, true>
     */
    private static function withStrings(Graph $graph, array $open): array
    {
        $batteries = array_filter(
            array_keys($open),
            static fn(int|string $uid): bool => ($graph->parts[$uid] ?? null)?->is(Family::Battery) === true,
        );
        if ($batteries === []) {
            return $open;
        }
        $next = [];
        foreach ($graph->islands(Passage::conductors()) as $joined) {
            $poles = ['plus' => [], 'minus' => []];
            foreach ($joined->points() as $point) {
                if (isset($poles[$point->terminal]) && $graph->parts[$point->uid]->is(Family::Battery)) {
                    $poles[$point->terminal][] = $point->uid;
                }
            }
            foreach ($poles['plus'] as $below) {
                foreach ($poles['minus'] as $above) {
                    $next[$below][] = $above;
                    $next[$above][] = $below;
                }
            }
        }
        $queue = array_values(array_map(strval(...), $batteries));
        while ($queue !== []) {
            $uid = array_pop($queue);
            foreach ($next[$uid] ?? [] as $other) {
                if (!isset($open[$other])) {
                    $open[$other] = true;
                    $queue[] = $other;
                }
            }
        }

        return $open;
    }
}
