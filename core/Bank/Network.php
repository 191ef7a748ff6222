<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Exception\InvalidValue;

/**
 * The real network of a bank: batteries, links and leads, in any topology, solved at its take-off points.
 *
 * Nodal analysis: the conductance matrix is solved once for each battery's volts and once for the load, so that every current is a
 * linear function of both. Reference: Ho, Ruehli & Brennan 1975 (modified nodal analysis; with every source behind its own resistance
 * the plain nodal form is enough).
 */
final readonly class Network
{
    /**
     * @param non-empty-list<Source> $sources
     * @param list<Link>             $links
     * @param list<list<float>>      $byVolts  amps out of battery i for each volt of battery j
     * @param list<float>            $byLoad   amps out of battery i for each amp of load
     * @param list<float>            $voltsBy  bank volts for each volt of battery j
     * @param float                  $sag      bank volts lost for each amp of load, Ω
     * @param list<array{list<float>, float}> $linkBy amps in each link, from → to, by battery volts and by load
     */
    private function __construct(
        public array $sources,
        public array $links,
        private array $byVolts,
        private array $byLoad,
        private array $voltsBy,
        private float $sag,
        private array $linkBy,
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
            throw InvalidValue::at('/batteries', 'needs at least one battery');
        }
        $seen = [];
        foreach ($sources as $i => $source) {
            if (isset($seen[$source->id])) {
                throw InvalidValue::at("/batteries/$i/id", "\"$source->id\" is there twice");
            }
            $seen[$source->id] = true;
        }
        $node = self::nodes($sources, $links, $positive, $negative);
        $count = count(array_unique($node));
        $ground = $node[$negative];
        // Conductances, with the negative take-off as zero.
        $matrix = array_fill(0, $count, array_fill(0, $count, 0.0));
        $join = static function (int $a, int $b, float $siemens) use (&$matrix): void {
            $matrix[$a][$a] += $siemens;
            $matrix[$b][$b] += $siemens;
            $matrix[$a][$b] -= $siemens;
            $matrix[$b][$a] -= $siemens;
        };
        foreach ($links as $link) {
            if ($node[$link->from] !== $node[$link->to]) {
                $join($node[$link->from], $node[$link->to], 1.0 / $link->ohm);
            }
        }
        foreach ($sources as $i => $source) {
            if ($node[$source->plus()] === $node[$source->minus()]) {
                throw InvalidValue::at("/batteries/$i/id", "\"$source->id\" is shorted");
            }
            $join($node[$source->plus()], $node[$source->minus()], 1.0 / $source->ohm);
        }
        // Right-hand sides: one for a volt in each battery, one for an amp of load.
        $right = [];
        foreach ($sources as $source) {
            $column = array_fill(0, $count, 0.0);
            $column[$node[$source->plus()]] += 1.0 / $source->ohm;
            $column[$node[$source->minus()]] -= 1.0 / $source->ohm;
            $right[] = $column;
        }
        $load = array_fill(0, $count, 0.0);
        $load[$node[$positive]] -= 1.0;
        $load[$ground] += 1.0;
        $right[] = $load;
        $solved = self::solve($matrix, $right, $ground);
        $byVolts = $byLoad = $linkBy = [];
        $n = count($sources);
        foreach ($sources as $i => $source) {
            [$p, $m] = [$node[$source->plus()], $node[$source->minus()]];
            $row = [];
            for ($j = 0; $j < $n; ++$j) {
                $row[] = (($i === $j ? 1.0 : 0.0) - ($solved[$j][$p] - $solved[$j][$m])) / $source->ohm;
            }
            $byVolts[] = $row;
            $byLoad[] = -($solved[$n][$p] - $solved[$n][$m]) / $source->ohm;
        }
        foreach ($links as $link) {
            [$a, $b] = [$node[$link->from], $node[$link->to]];
            $linkBy[] = $a === $b || $link->ohm <= 0.0
                ? [array_fill(0, $n, 0.0), 0.0]
                : [array_map(static fn(int $j): float => ($solved[$j][$a] - $solved[$j][$b]) / $link->ohm, range(0, $n - 1)), ($solved[$n][$a] - $solved[$n][$b]) / $link->ohm];
        }

        return new self(
            $sources,
            $links,
            $byVolts,
            $byLoad,
            array_map(static fn(int $j): float => $solved[$j][$node[$positive]], range(0, $n - 1)),
            -$solved[$n][$node[$positive]],
            $linkBy,
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
        $at = static function (array $weights) use ($volts): float {
            $sum = 0.0;
            foreach ($weights as $j => $weight) {
                $sum += $weight * $volts[$j];
            }

            return $sum;
        };
        $resting = array_map($at, $this->byVolts);
        $amps = [];
        foreach ($resting as $i => $a) {
            $amps[] = $a + $this->byLoad[$i] * $loadA;
        }

        return new Share(
            $this,
            $loadA,
            $at($this->voltsBy) - $this->sag * $loadA,
            $amps,
            $resting,
            $this->byLoad,
            array_map(static fn(array $l): float => $at($l[0]) + $l[1] * $loadA, $this->linkBy),
        );
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
        $names = [];
        foreach ($sources as $source) {
            $names[$source->plus()] = "/batteries ($source->id)";
            $names[$source->minus()] = "/batteries ($source->id)";
        }
        foreach ($links as $link) {
            $names[$link->from] ??= $link->from;
            $names[$link->to] ??= $link->to;
        }
        foreach (['positive' => $positive, 'negative' => $negative] as $key => $name) {
            if (!isset($names[$name])) {
                throw InvalidValue::at("/takeoff/$key", "\"$name\" is not a terminal and no link leads to it");
            }
        }
        // One node for what a link of no resistance joins; one island for what anything joins.
        $same = $island = array_combine(array_keys($names), array_keys($names));
        $root = static function (array &$of, string $name): string {
            while ($of[$name] !== $name) {
                $name = $of[$name];
            }

            return $name;
        };
        foreach ($links as $link) {
            if ($link->ohm <= 0.0) {
                $same[$root($same, $link->from)] = $root($same, $link->to);
            }
            $island[$root($island, $link->from)] = $root($island, $link->to);
        }
        foreach ($sources as $source) {
            $island[$root($island, $source->plus())] = $root($island, $source->minus());
        }
        $main = $root($island, $negative);
        if ($root($island, $positive) !== $main) {
            throw InvalidValue::at('/takeoff/positive', "\"$positive\" is not connected to \"$negative\"");
        }
        foreach (array_keys($names) as $name) {
            if ($root($island, (string) $name) !== $main) {
                throw InvalidValue::at('/links', "node \"$name\" is not connected to the take-off");
            }
        }
        $numbers = $node = [];
        foreach (array_keys($names) as $name) {
            $node[(string) $name] = $numbers[$root($same, (string) $name)] ??= count($numbers);
        }
        if ($node[$positive] === $node[$negative]) {
            throw InvalidValue::at('/takeoff/positive', 'is the same node as the negative one');
        }

        return $node;
    }

    /**
     * Gauss with partial pivoting, the ground node struck out.
     *
     * @param array<int, array<int, float>> $matrix
     * @param array<int, array<int, float>> $right  columns
     *
     * @return array<int, array<int, float>> volts of every node, by column
     */
    private static function solve(array $matrix, array $right, int $ground): array
    {
        $keep = array_values(array_filter(range(0, count($matrix) - 1), static fn(int $k): bool => $k !== $ground));
        $a = $b = [];
        foreach ($keep as $r => $k) {
            $a[$r] = array_map(static fn(int $c): float => $matrix[$k][$c], $keep);
            $b[$r] = array_map(static fn(array $column): float => $column[$k], $right);
        }
        $n = count($keep);
        for ($p = 0; $p < $n; ++$p) {
            $best = $p;
            for ($r = $p + 1; $r < $n; ++$r) {
                if (abs($a[$r][$p]) > abs($a[$best][$p])) {
                    $best = $r;
                }
            }
            if (abs($a[$best][$p]) < 1e-30) {
                throw InvalidValue::at('/links', 'the network has no single answer');
            }
            [$a[$p], $a[$best], $b[$p], $b[$best]] = [$a[$best], $a[$p], $b[$best], $b[$p]];
            for ($r = $p + 1; $r < $n; ++$r) {
                if ($a[$r][$p] === 0.0) {
                    continue;
                }
                $factor = $a[$r][$p] / $a[$p][$p];
                for ($c = $p; $c < $n; ++$c) {
                    $a[$r][$c] -= $factor * $a[$p][$c];
                }
                foreach ($b[$p] as $c => $value) {
                    $b[$r][$c] -= $factor * $value;
                }
            }
        }
        $volts = array_fill(0, count($right), array_fill(0, count($matrix), 0.0));
        foreach (array_keys($right) as $column) {
            for ($r = $n - 1; $r >= 0; --$r) {
                $sum = $b[$r][$column];
                for ($c = $r + 1; $c < $n; ++$c) {
                    $sum -= $a[$r][$c] * $volts[$column][$keep[$c]];
                }
                $volts[$column][$keep[$r]] = $sum / $a[$r][$r];
            }
        }

        return $volts;
    }
}
