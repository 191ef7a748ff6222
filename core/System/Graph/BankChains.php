<?php

declare(strict_types=1);

namespace Pebblefell\System\Graph;

use Pebblefell\System\Conductor;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * Tells what lies between the batteries of a bank, as it is drawn: links, by way of bars, and of the fuse or switch that a battery has for
 * itself; without what leads away from the bank, and what follows one upon the other drawn together.
 */
final class BankChains
{
    /** Holds what a link may lead through, besides bars. */
    private const PASSED = [Family::OvercurrentDevice, Family::Switch, Family::Plug];

    /** @var array<string, true> points of batteries */
    public readonly array $posts;

    /** @var array<string, true> points of bars */
    private readonly array $bars;

    /** @var list<array{string, string, list<Conductor|Part>}> from point to point, and what lies between */
    public readonly array $chains;

    /**
     * @param list<Part> $batteries
     */
    public function __construct(private readonly Graph $graph, array $batteries)
    {
        $posts = [];
        foreach ($batteries as $battery) {
            $posts["$battery->uid.plus"] = $posts["$battery->uid.minus"] = true;
        }
        $this->posts = $posts;
        $this->bars = array_fill_keys(array_map(static fn(Part $p): string => "$p->uid.bar", $graph->of(Family::Busbar)), true);
        $this->chains = $this->joined($this->bridged($this->pruned($this->drawn())));
    }

    public function isPost(string $point): bool
    {
        return isset($this->posts[$point]);
    }

    public function isBar(string $point): bool
    {
        return isset($this->bars[$point]);
    }

    /**
     * Everything that hangs together from the batteries on, as far as it is only led on.
     *
     * @return list<array{string, string, list<Conductor|Part>}>
     */
    private function drawn(): array
    {
        $edges = $seen = [];
        $open = array_keys($this->posts);
        while ($open !== []) {
            $key = array_pop($open);
            if (isset($seen[$key])) {
                continue;
            }
            $seen[$key] = true;
            $point = Point::read($key);
            foreach ($this->graph->at($point) as $conductor) {
                $other = $conductor->otherEnd($point);
                if ($this->leadsOn($other)) {
                    $edges[$conductor->uid] = [(string) $conductor->from, (string) $conductor->to, [$conductor]];
                    $open[] = (string) $other;
                }
            }
            $part = $this->graph->parts[$point->uid];
            foreach ($part->is(...self::PASSED) ? $part->kind->kind()->joins() : [] as [$a, $b]) {
                $edges["through $part->uid"] = ["$part->uid.$a", "$part->uid.$b", [$part]];
                array_push($open, "$part->uid.$a", "$part->uid.$b");
            }
        }
        $order = array_flip(array_map(strval(...), array_keys($this->graph->conductors)));
        uksort($edges, static fn(string|int $a, string|int $b): int => ($order[$a] ?? PHP_INT_MAX) <=> ($order[$b] ?? PHP_INT_MAX));

        return array_values($edges);
    }

    private function leadsOn(Point $point): bool
    {
        return isset($this->posts[(string) $point])
            || $this->graph->parts[$point->uid]->is(Family::Busbar, ...self::PASSED);
    }

    /**
     * Without what leads away from the bank: what ends in the air, or at a device. A bar on which a battery hangs stays.
     *
     * @param list<array{string, string, list<Conductor|Part>}> $edges
     *
     * @return list<array{string, string, list<Conductor|Part>}>
     */
    private function pruned(array $edges): array
    {
        do {
            $degree = array_count_values([...array_column($edges, 0), ...array_column($edges, 1)]);
            $isEnd = fn(string $node, string $other): bool => ($degree[$node] ?? 0) < 2 && !isset($this->posts[$node])
                && !(isset($this->posts[$other]) && isset($this->bars[$node]));
            $before = count($edges);
            $edges = array_values(array_filter($edges, static fn(array $e): bool => !$isEnd($e[0], $e[1]) && !$isEnd($e[1], $e[0])));
        } while (count($edges) < $before);

        return $edges;
    }

    /**
     * Without rings that hang on the bank by one lead: they lead away from it too.
     *
     * @param list<array{string, string, list<Conductor|Part>}> $edges
     *
     * @return list<array{string, string, list<Conductor|Part>}>
     */
    private function bridged(array $edges): array
    {
        foreach ($edges as $k => [$a, $b]) {
            foreach (isset($edges[$k]) ? [[$a, $b], [$b, $a]] : [] as [$near, $far]) {
                $behind = self::reached($edges, $far, $k);
                if (isset($behind[$near]) || array_intersect_key($behind, $this->posts) !== []) {
                    continue;
                }
                // The bar itself stays, where a battery hangs on it.
                $stays = isset($this->posts[$near]) && isset($this->bars[$far]);
                $edges = array_filter(
                    $edges,
                    static fn(array $e, int $i): bool => $i === $k ? $stays : !isset($behind[$e[0]]) && !isset($behind[$e[1]]),
                    ARRAY_FILTER_USE_BOTH,
                );
            }
        }

        return array_values($edges);
    }

    /**
     * @param array<int, array{string, string, list<Conductor|Part>}> $edges
     *
     * @return array<string, true> what hangs together with a node, one of the edges being taken out
     */
    private static function reached(array $edges, string $from, int $without): array
    {
        $reached = [$from => true];
        do {
            $before = count($reached);
            foreach ($edges as $k => [$a, $b]) {
                if ($k !== $without && (isset($reached[$a]) || isset($reached[$b]))) {
                    $reached[$a] = $reached[$b] = true;
                }
            }
        } while (count($reached) > $before);

        return $reached;
    }

    /**
     * Draws together what follows one upon the other without a branch: a battery's lead, its fuse, and the lead from there.
     *
     * @param list<array{string, string, list<Conductor|Part>}> $edges
     *
     * @return list<array{string, string, list<Conductor|Part>}>
     */
    private function joined(array $edges): array
    {
        foreach (array_unique([...array_column($edges, 0), ...array_column($edges, 1)]) as $node) {
            $at = array_keys(array_filter($edges, static fn(array $e): bool => $e[0] === $node || $e[1] === $node));
            if (count($at) !== 2 || isset($this->posts[$node]) || isset($this->bars[$node])) {
                continue;
            }
            [$first, $second] = [$edges[$at[0]], $edges[$at[1]]];
            $from = $first[0] === $node ? $first[1] : $first[0];
            $to = $second[0] === $node ? $second[1] : $second[0];
            if ($from !== $to) {
                $edges[$at[0]] = [$from, $to, [...$first[2], ...$second[2]]];
                unset($edges[$at[1]]);
            }
        }

        return array_values($edges);
    }
}
