<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Drawing\Layers;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The layout of a circuit in layers: no edge leads back, and of small ones no order has fewer crossings. */
final class LayersTest extends TestCase
{
    /**
     * @return array{list<string>, list<array{string, string}>}
     */
    private static function graph(Randomizer $random, int $n, int $more): array
    {
        $nodes = array_map(static fn(int $i): string => "n$i", range(0, $n - 1));
        $edges = [];
        for ($i = 1; $i < $n; ++$i) {
            $edges["n$i"] = ['n' . $random->getInt(0, $i - 1), "n$i"];
        }
        $edges = array_values($edges);
        for ($i = 0; $i < $more; ++$i) {
            [$a, $b] = [$random->getInt(0, $n - 1), $random->getInt(0, $n - 1)];
            if ($a !== $b) {
                $edges[] = ["n$a", "n$b"];
            }
        }

        return [$nodes, $edges];
    }

    /**
     * @param list<string> $layer
     *
     * @return iterable<list<string>>
     */
    private static function every(array $layer): iterable
    {
        if (count($layer) < 2) {
            yield $layer;

            return;
        }
        foreach ($layer as $i => $first) {
            foreach (self::every(array_values(array_diff_key($layer, [$i => 0]))) as $rest) {
                yield [$first, ...$rest];
            }
        }
    }

    /**
     * Every order of every layer, without a thought.
     *
     * @param list<list<string>>          $layers
     * @param array<string, list<string>> $next
     */
    private static function bruteForce(array $layers, array $next, int $from = 1, int $sum = 0, int $best = PHP_INT_MAX): int
    {
        if ($from >= count($layers)) {
            return min($best, $sum);
        }
        foreach (self::every($layers[$from]) as $order) {
            $with = $layers;
            $with[$from] = $order;
            $here = $sum + Layers::between($with[$from - 1], $order, $next);
            $best = $here < $best ? self::bruteForce($with, $next, $from + 1, $here, $best) : $best;
        }

        return $best;
    }

    public function testNoOrderOfASmallGraphHasFewerCrossings(): void
    {
        $random = new Randomizer(new Mt19937(5));
        for ($round = 0; $round < 120; ++$round) {
            [$nodes, $edges] = self::graph($random, $random->getInt(2, 8), $random->getInt(0, 4));
            $layout = Layers::of($nodes, $edges, ['n0']);
            $next = [];
            foreach ($layout->routes as $route) {
                for ($k = 1; $k < count($route); ++$k) {
                    $next[$route[$k - 1]][] = $route[$k];
                }
            }
            $least = PHP_INT_MAX;
            foreach (self::every($layout->layers[0]) as $order) {
                $least = min($least, self::bruteForce([$order, ...array_slice($layout->layers, 1)], $next));
            }
            self::assertSame($least, $layout->crossings(), json_encode($edges, JSON_THROW_ON_ERROR));
        }
    }

    public function testEveryNodeHasItsPlaceAndEveryEdgeGoesOutwardOneLayerAtATime(): void
    {
        $random = new Randomizer(new Mt19937(6));
        foreach ([3, 12, 40, 90] as $n) {
            [$nodes, $edges] = self::graph($random, $n, intdiv($n, 3));
            $layout = Layers::of($nodes, $edges, ['n0']);
            $layer = [];
            foreach ($layout->layers as $depth => $row) {
                foreach ($row as $node) {
                    self::assertArrayNotHasKey($node, $layer);
                    $layer[$node] = $depth;
                }
            }
            self::assertSame([], array_diff($nodes, array_keys($layer)));
            self::assertSame(0, $layer['n0']);
            foreach ($layout->routes as $i => $route) {
                self::assertEqualsCanonicalizing($edges[$i], [$route[0], $route[count($route) - 1]]);
                for ($k = 1; $k < count($route); ++$k) {
                    self::assertSame($layer[$route[$k - 1]] + 1, $layer[$route[$k]]);
                }
            }
        }
    }

    public function testATreeNeedsNoCrossing(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($round = 0; $round < 20; ++$round) {
            [$nodes, $edges] = self::graph($random, 8, 0);
            self::assertSame(0, Layers::of($nodes, $edges, ['n0'])->crossings());
        }
    }
}
