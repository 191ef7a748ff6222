<?php

declare(strict_types=1);

namespace Pebblefell\Drawing;

/**
 * A graph laid out in layers: each node further from the roots than those that lead to it, edges that pass a layer by way of a place in it,
 * the places of each layer in an order with few crossings. Of layers with few orders the fewest crossings there are are found; of larger
 * ones, few.
 *
 * Reference: Sugiyama, Tagawa & Toda 1981; orders by the barycentre, then by exchange of neighbours.
 */
final readonly class Layers
{
    /** Orders of two neighbouring layers that are tried against one another; above, the barycentre decides. Chosen. */
    private const MOST_ORDERS = 150_000;

    /** Sweeps of the barycentre, there and back. Chosen. */
    private const SWEEPS = 12;

    /**
     * @param list<list<string>>             $layers nodes, and places that edges pass ("edge:N:LAYER")
     * @param array<int, list<string>>       $routes by edge: from its nearer node, by way of places, to its further one
     * @param array<string, list<string>>    $next   downwards
     * @param array<string, int>             $lanes  of nodes and places
     */
    private function __construct(public array $layers, public array $routes, private array $next, public array $lanes)
    {
    }

    /**
     * @param list<string>                  $nodes
     * @param list<array{string, string}>   $edges between two of them
     * @param list<string>                  $roots
     * @param array<string, int>            $lanes by node: in each layer a lower one stands before a higher one; none: 0
     */
    public static function of(array $nodes, array $edges, array $roots, array $lanes = []): self
    {
        $depth = self::depths($nodes, $edges, $roots);
        $layers = $routes = $next = [];
        foreach ($nodes as $node) {
            $layers[$depth[$node]][] = $node;
        }
        foreach ($edges as $i => [$a, $b]) {
            [$from, $to] = $depth[$a] <= $depth[$b] ? [$a, $b] : [$b, $a];
            $route = [$from];
            for ($d = $depth[$from] + 1; $d < $depth[$to]; ++$d) {
                $route[] = $layers[$d][] = $passed = "edge:$i:$d";
                $lanes[$passed] = $lanes[$to] ?? 0;
            }
            $route[] = $to;
            for ($k = 1; $k < count($route); ++$k) {
                $next[$route[$k - 1]][] = $route[$k];
            }
            $routes[$i] = $route;
        }
        ksort($layers);

        return new self(self::ordered(array_values($layers), $next, $lanes), $routes, $next, $lanes);
    }

    public function crossings(): int
    {
        $sum = 0;
        for ($i = 1; $i < count($this->layers); ++$i) {
            $sum += self::between($this->layers[$i - 1], $this->layers[$i], $this->next);
        }

        return $sum;
    }

    /**
     * Crossings of the edges between two layers in these orders.
     *
     * @param list<string>                $upper
     * @param list<string>                $lower
     * @param array<string, list<string>> $next
     */
    public static function between(array $upper, array $lower, array $next): int
    {
        $at = array_flip($lower);
        $ends = [];
        foreach ($upper as $x => $node) {
            foreach ($next[$node] ?? [] as $to) {
                if (isset($at[$to])) {
                    $ends[] = [$x, $at[$to]];
                }
            }
        }
        $crossings = 0;
        foreach ($ends as $i => [$a, $b]) {
            for ($k = $i + 1; $k < count($ends); ++$k) {
                $crossings += ($a - $ends[$k][0]) * ($b - $ends[$k][1]) < 0 ? 1 : 0;
            }
        }

        return $crossings;
    }

    /**
     * Each node one deeper than the deepest that leads to it, from the roots outwards.
     *
     * @param list<string>                $nodes
     * @param list<array{string, string}> $edges
     * @param list<string>                $roots
     *
     * @return array<string, int>
     */
    private static function depths(array $nodes, array $edges, array $roots): array
    {
        $near = array_fill_keys($nodes, []);
        foreach ($edges as [$a, $b]) {
            $near[$a][] = $b;
            $near[$b][] = $a;
        }
        // The order in which they are reached says which end of an edge is the nearer one: no edge leads back.
        $order = [];
        foreach ([...$roots, ...$nodes] as $start) {
            $queue = isset($order[$start]) ? [] : [$start];
            foreach ($queue as $node) {
                $order[$node] ??= count($order);
            }
            while ($queue !== []) {
                $node = array_shift($queue);
                foreach ($near[$node] as $other) {
                    if (!isset($order[$other])) {
                        $order[$other] = count($order);
                        $queue[] = $other;
                    }
                }
            }
        }
        asort($order);
        $depth = array_fill_keys($nodes, 0);
        foreach (array_keys($order) as $node) {
            foreach ($near[$node] as $other) {
                if ($order[$other] > $order[$node]) {
                    $depth[$other] = max($depth[$other], $depth[$node] + 1);
                }
            }
        }

        return $depth;
    }

    /**
     * @param list<list<string>>          $layers
     * @param array<string, list<string>> $next
     * @param array<string, int>          $lanes
     *
     * @return list<list<string>>
     */
    private static function ordered(array $layers, array $next, array $lanes): array
    {
        $layers = self::byBarycentre($layers, $next, $lanes);
        $orders = array_map(static fn(array $layer): float => array_product(array_map(
            static fn(array $lane): float => self::factorial(count($lane)),
            self::inLanes($layer, $lanes),
        )), $layers);
        for ($i = 1; $i < count($layers); ++$i) {
            if ($orders[$i - 1] * $orders[$i] > self::MOST_ORDERS) {
                return $layers;
            }
        }

        return count($layers) < 2 ? $layers : self::fewest($layers, $next, $lanes);
    }

    /**
     * @param list<string>       $layer
     * @param array<string, int> $lanes
     *
     * @return array<int, list<string>> by lane, lowest first
     */
    private static function inLanes(array $layer, array $lanes): array
    {
        $groups = [];
        foreach ($layer as $node) {
            $groups[$lanes[$node] ?? 0][] = $node;
        }
        ksort($groups);

        return $groups;
    }

    /**
     * @param list<string>       $layer
     * @param array<string, int> $lanes
     *
     * @return list<list<string>>
     */
    private static function laneOrders(array $layer, array $lanes): array
    {
        $orders = [[]];
        foreach (self::inLanes($layer, $lanes) as $lane) {
            $longer = [];
            foreach ($orders as $before) {
                foreach (self::orders($lane) as $order) {
                    $longer[] = [...$before, ...$order];
                }
            }
            $orders = $longer;
        }

        return $orders;
    }

    /**
     * The fewest crossings, layer after layer: of each order of a layer the best that leads to it is kept.
     *
     * @param list<list<string>>          $layers
     * @param array<string, list<string>> $next
     * @param array<string, int>          $lanes
     *
     * @return list<list<string>>
     */
    private static function fewest(array $layers, array $next, array $lanes): array
    {
        $best = array_map(static fn(array $order): array => [0, [$order]], self::laneOrders($layers[0], $lanes));
        for ($i = 1; $i < count($layers); ++$i) {
            $then = [];
            foreach (self::laneOrders($layers[$i], $lanes) as $order) {
                $least = null;
                foreach ($best as [$crossings, $way]) {
                    $sum = $least !== null && $crossings >= $least[0]
                        ? $crossings
                        : $crossings + self::between($way[$i - 1], $order, $next);
                    if ($least === null || $sum < $least[0]) {
                        $least = [$sum, [...$way, $order]];
                    }
                }
                $then[] = $least ?? [0, [$order]];
            }
            $best = $then;
        }
        usort($best, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return $best[0][1];
    }

    /**
     * @param list<string> $layer
     *
     * @return list<list<string>> the order that it has first
     */
    private static function orders(array $layer): array
    {
        if (count($layer) < 2) {
            return [$layer];
        }
        $orders = [];
        foreach ($layer as $i => $first) {
            foreach (self::orders(array_values(array_diff_key($layer, [$i => 0]))) as $rest) {
                $orders[] = [$first, ...$rest];
            }
        }

        return $orders;
    }

    /**
     * @param list<list<string>>          $layers
     * @param array<string, list<string>> $next
     * @param array<string, int>          $lanes
     *
     * @return list<list<string>>
     */
    private static function byBarycentre(array $layers, array $next, array $lanes): array
    {
        $before = [];
        foreach ($next as $from => $tos) {
            foreach ($tos as $to) {
                $before[$to][] = (string) $from;
            }
        }
        for ($sweep = 0; $sweep < self::SWEEPS; ++$sweep) {
            $down = $sweep % 2 === 0;
            foreach ($down ? range(1, max(1, count($layers) - 1)) : range(max(0, count($layers) - 2), 0) as $i) {
                $fixed = array_flip($layers[$down ? $i - 1 : $i + 1] ?? []);
                $own = array_flip($layers[$i] ?? []);
                $middle = [];
                foreach ($layers[$i] ?? [] as $node) {
                    $places = array_values(array_intersect_key($fixed, array_flip(($down ? $before : $next)[$node] ?? [])));
                    $middle[$node] = $places === [] ? (float) $own[$node] : array_sum($places) / count($places);
                }
                if (isset($layers[$i])) {
                    $key = static fn(string $node): array => [$lanes[$node] ?? 0, $middle[$node], $own[$node]];
                    usort($layers[$i], static fn(string $a, string $b): int => $key($a) <=> $key($b));
                }
            }
        }

        return array_values($layers);
    }

    private static function factorial(int $n): float
    {
        return $n < 2 ? 1.0 : (float) array_product(range(1, $n));
    }
}
