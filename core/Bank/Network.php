<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Exception\InvalidValue;

/**
 * The real network of a bank: batteries, links and leads, in any topology, solved at its take-off points.
 *
 * Nodal analysis: each battery is its volts behind its resistance, that is a current into its terminals beside a conductance. Reference:
 * Ho, Ruehli & Brennan 1975 (with every source behind its own resistance the plain nodal form is enough).
 */
final readonly class Network
{
    /**
     * @param non-empty-list<Source> $sources
     * @param list<Link>             $links
     * @param list<array{int, int}>  $poles    node of plus and minus of each battery
     * @param list<array{int, int}>  $ends     nodes of each link
     * @param list<float>            $slope    amps out of each battery for an amp of load
     * @param array{string, string}  $takeoff  its terminals, as they were named
     */
    private function __construct(
        public array $sources,
        public array $links,
        private Nodal $nodal,
        private array $poles,
        private array $ends,
        private int $positive,
        private int $ground,
        private array $slope,
        private array $takeoff,
    ) {
    }

    /**
     * @param list<Source> $sources
     * @param list<Link>   $links
     *
     * @throws InvalidValue at /batteries, /links/N or /takeoff/…, naming the node that hangs in the air
     */
    public static function of(array $sources, array $links, string $positive, string $negative): self
    {
        if ($sources === []) {
            throw InvalidValue::at('/batteries', 'needs-battery');
        }
        $seen = [];
        foreach ($sources as $i => $source) {
            if (isset($seen[$source->id])) {
                throw InvalidValue::at("/batteries/$i/id", 'twice', ['name' => $source->id]);
            }
            $seen[$source->id] = true;
        }
        $node = self::nodes($sources, $links, $positive, $negative);
        $branches = $poles = $ends = [];
        foreach ($links as $link) {
            $ends[] = [$a, $b] = [$node[$link->from], $node[$link->to]];
            if ($a !== $b) {
                $branches[] = [$a, $b, 1.0 / $link->ohm];
            }
        }
        foreach ($sources as $i => $source) {
            $poles[] = [$p, $m] = [$node[$source->plus()], $node[$source->minus()]];
            if ($p === $m) {
                throw InvalidValue::at("/batteries/$i/id", 'shorted', ['name' => $source->id]);
            }
            $branches[] = [$p, $m, 1.0 / $source->ohm];
        }
        $ground = $node[$negative];
        $nodal = Nodal::of(1 + max([0, ...array_values($node)]), $branches, $ground);
        // One amp of load, no battery volts.
        $volts = $nodal->volts([$node[$positive] => -1.0]) + [$ground => 0.0];
        $slope = [];
        foreach ($sources as $i => $source) {
            $slope[] = ($volts[$poles[$i][1]] - $volts[$poles[$i][0]]) / $source->ohm;
        }

        return new self($sources, $links, $nodal, $poles, $ends, $node[$positive], $ground, $slope, [$positive, $negative]);
    }

    /**
     * The same with other resistances.
     *
     * @param list<float> $ohm of the batteries, then of the links
     *
     * @throws InvalidValue
     */
    public function withOhms(array $ohm): self
    {
        return self::of(
            array_map(
                static fn(Source $s, float $r): Source => Source::of($s->id, $s->ocvV, $r),
                $this->sources,
                array_slice($ohm, 0, count($this->sources)),
            ),
            array_map(
                static fn(Link $l, float $r): Link => Link::of($l->from, $l->to, $r),
                $this->links,
                array_slice($ohm, count($this->sources), count($this->links)),
            ),
            ...$this->takeoff,
        );
    }

    /** How the batteries share a load of so many A (positive: discharge) at their own rested volts. */
    public function share(float $loadA): Share
    {
        return $this->shareAt(array_map(static fn(Source $s): float => $s->ocvV, $this->sources), $loadA);
    }

    /**
     * The same at other volts.
     *
     * @param list<float> $volts rested, of each battery
     */
    public function shareAt(array $volts, float $loadA): Share
    {
        $in = [$this->positive => -$loadA];
        foreach ($this->sources as $i => $source) {
            [$p, $m] = $this->poles[$i];
            $a = $volts[$i] / $source->ohm;
            $in[$p] = ($in[$p] ?? 0.0) + $a;
            $in[$m] = ($in[$m] ?? 0.0) - $a;
        }
        $at = $this->nodal->volts($in);
        $at[$this->ground] = 0.0;
        $amps = $resting = $linkA = [];
        foreach ($this->sources as $i => $source) {
            [$p, $m] = $this->poles[$i];
            $amps[] = $a = ($volts[$i] - $at[$p] + $at[$m]) / $source->ohm;
            $resting[] = $a - $this->slope[$i] * $loadA;
        }
        foreach ($this->links as $i => $link) {
            [$a, $b] = $this->ends[$i];
            $linkA[] = $a === $b ? 0.0 : ($at[$a] - $at[$b]) / $link->ohm;
        }

        return new Share($this, $loadA, $at[$this->positive], $amps, $resting, $this->slope, $linkA);
    }

    /**
     * A number for every node; nodes joined by nothing at all share one.
     *
     * @param list<Source> $sources
     * @param list<Link>   $links
     *
     * @return array<string, int>
     */
    private static function nodes(array $sources, array $links, string $positive, string $negative): array
    {
        $number = [];
        foreach ($sources as $source) {
            $number[$source->plus()] = count($number);
            $number[$source->minus()] = count($number);
        }
        foreach ($links as $link) {
            $number[$link->from] ??= count($number);
            $number[$link->to] ??= count($number);
        }
        foreach (['positive' => $positive, 'negative' => $negative] as $key => $name) {
            if (!isset($number[$name])) {
                throw InvalidValue::at("/takeoff/$key", 'no-terminal', ['name' => $name]);
            }
        }
        // One node for what a link of no resistance joins; one island for what anything joins.
        $same = $island = array_keys(array_fill(0, count($number), 0));
        foreach ($links as $link) {
            [$a, $b] = [$number[$link->from], $number[$link->to]];
            if ($link->ohm <= 0.0) {
                $same[self::root($same, $a)] = self::root($same, $b);
            }
            $island[self::root($island, $a)] = self::root($island, $b);
        }
        foreach ($sources as $source) {
            $island[self::root($island, $number[$source->plus()])] = self::root($island, $number[$source->minus()]);
        }
        $main = self::root($island, $number[$negative]);
        if (self::root($island, $number[$positive]) !== $main) {
            throw InvalidValue::at('/takeoff/positive', 'not-connected', ['name' => $positive, 'other' => $negative]);
        }
        $numbers = $node = [];
        foreach ($number as $name => $n) {
            if (self::root($island, $n) !== $main) {
                throw InvalidValue::at('/links', 'node-loose', ['name' => $name]);
            }
            $node[(string) $name] = $numbers[self::root($same, $n)] ??= count($numbers);
        }
        if ($node[$positive] === $node[$negative]) {
            throw InvalidValue::at('/takeoff/positive', 'same-node');
        }

        return $node;
    }

    /**
     * @param array<int, int> $of the next of each on the way to its root; shortened on the way
     */
    private static function root(array &$of, int $n): int
    {
        while ($of[$n] !== $n) {
            $n = $of[$n] = $of[$of[$n]];
        }

        return $n;
    }
}
