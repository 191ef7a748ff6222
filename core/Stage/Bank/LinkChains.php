<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank;

use Pebblefell\System\Conductor;
use Pebblefell\System\Part;

/**
 * Of all that is drawn about a bank, what lies between its batteries: without what leads away from it, and what follows one upon the other
 * drawn together.
 */
final readonly class LinkChains
{
    /**
     * @param array<string, true> $posts points of batteries
     * @param array<string, true> $bars  points of bars
     */
    public function __construct(private array $posts, private array $bars)
    {
    }

    /**
     * @param list<array{string, string, list<Conductor|Part>}> $edges from point to point, and what lies between
     *
     * @return list<array{string, string, list<Conductor|Part>}>
     */
    public function of(array $edges): array
    {
        return $this->joined($this->bridged($this->pruned($edges)));
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
     * What follows one upon the other without a branch drawn together: a battery's lead, its fuse, and the lead from there.
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
