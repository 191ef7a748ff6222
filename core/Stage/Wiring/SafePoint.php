<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Study;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Potential;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * Where is it safe: what holds a part at potential now, and the least that makes it dead whatever shines, runs or is plugged in, in an
 * order in which no regulator loses its battery on the way.
 *
 * Whatever a lit regulator or a running charger reaches counts as live until it is measured.
 */
final readonly class SafePoint
{
    public const OPEN = 'open';
    public const PULL = 'pull';
    public const COVER = 'cover';
    public const LIFT = 'lift';

    /** Holds what one would rather do, the less the better: a switch, a fuse, covers over the panels, a lug off its battery. Chosen. */
    private const COST = [self::OPEN => 1, self::PULL => 2, self::COVER => 3, self::LIFT => 5];

    /** Added where a regulator would be left without its battery. Chosen: above any other way that a vehicle has. */
    private const DANGER = 100;

    /** Ways that are looked at before one takes what parts every source. Chosen. */
    private const MOST_TRIED = 600;

    /** Steps of which every order is tried. */
    private const MOST_ORDERED = 5;

    /** Holds what is ended by hand before anything is opened, and must stay ended. */
    private const STOPS = ['engine', 'shore', 'generator'];

    /**
     * @param bool                                                                          $neverDead a battery holds its own posts
     * @param list<string>                                                                  $heldBy    sun, engine, shore, generator, or a
     *     battery's uid, each alone
     * @param list<string>                                                                  $stops     engine, shore, generator: end them
     *     first
     * @param list<array{do: string, parts: non-empty-list<Part>, danger: list<Part>}> $steps     danger: what is endangered once it is done
     * @param list<Part>                                                                    $dark      everything else that goes dark
     */
    private function __construct(
        public Part $part,
        public bool $neverDead,
        public array $heldBy,
        public array $stops,
        public array $steps,
        public array $dark,
    ) {
    }

    /**
     * @param string $uid of a part of the plan
     *
     * @return ?self null for what is not drawn
     */
    public static function of(Study $study, string $uid): ?self
    {
        $graph = $study->planned();
        $part = $graph->parts[$uid] ?? null;
        if ($part === null || !$graph->isDrawn($part)) {
            return null;
        }
        $heldBy = self::heldBy($graph, $part);
        if ($part->is(Family::Battery)) {
            return new self($part, true, $heldBy, [], [], []);
        }
        $steps = self::inOrder($graph, self::least($graph, $part));
        $opened = self::opened($steps);
        $dark = array_diff(self::at($graph, [])->live(), self::at($graph, $opened)->live(), $opened, [$uid]);
        $dark = array_map(static fn(string $u): Part => $graph->parts[$u], array_values($dark));

        return new self(
            $part,
            false,
            $heldBy,
            array_values(array_filter(
                self::stops($graph),
                static fn(string $stop): bool => self::at($graph, $opened, $stop)->wayTo($part) !== null,
            )),
            array_map(static fn(array $step, int $k): array => [
                ...$step,
                'danger' => self::danger($graph, array_slice($steps, 0, $k + 1)),
            ], $steps, array_keys($steps)),
            array_values(array_filter($dark, $graph->isDrawn(...))),
        );
    }

    /**
     * @return list<string> what this vehicle has of them
     */
    private static function stops(Graph $graph): array
    {
        return array_values(array_filter(
            self::STOPS,
            static fn(string $stop): bool => $stop !== 'generator' || $graph->of(Family::Generator) !== [],
        ));
    }

    /**
     * @return list<string>
     */
    private static function heldBy(Graph $graph, Part $part): array
    {
        $batteries = array_map(static fn(Part $p): string => $p->uid, $graph->of(Family::Battery));
        $held = [];
        foreach (['sun', ...self::stops($graph)] as $one) {
            $flags = ['sun' => false, 'engine' => false, 'shore' => false, 'generator' => false];
            if (Potential::of($graph, $batteries, ...[...$flags, $one => true])->wayTo($part) !== null) {
                $held[] = $one;
            }
        }
        foreach ($batteries as $uid) {
            if (Potential::of($graph, array_values(array_diff($batteries, [$uid])), false, false, false, false)->wayTo($part) !== null) {
                $held[] = $uid;
            }
        }

        return $held;
    }

    /**
     * The cheapest set of steps after which nothing holds the part, the sun shining: each way that still holds it is parted somewhere.
     *
     * @return list<array{do: string, parts: non-empty-list<Part>}>
     */
    private static function least(Graph $graph, Part $part): array
    {
        $queue = [[0, []]];
        $seen = [];
        for ($tried = 0; $queue !== [] && $tried < self::MOST_TRIED; ++$tried) {
            usort($queue, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
            [$cost, $steps] = array_shift($queue);
            if ($cost >= self::DANGER) {
                return array_values($steps);
            }
            $way = self::at($graph, self::opened($steps))->wayTo($part);
            $next = [];
            if ($way === null) {
                if (self::danger($graph, array_values($steps)) === []) {
                    return array_values($steps);
                }
                $queue[] = [$cost + self::DANGER, $steps];
                $next = self::steps(
                    $graph,
                    [...$graph->of(Family::Panel), ...$graph->of(Family::HandSwitch)],
                    null,
                );
            } else {
                $next = self::steps(
                    $graph,
                    array_values(array_filter($way['passed'], static fn(Part $p): bool => $p->uid !== $part->uid)),
                    $way['source'],
                );
            }
            foreach ($next as $key => $step) {
                $more = $steps + [$key => $step];
                ksort($more);
                $mark = implode(' ', array_keys($more));
                if (!isset($steps[$key]) && !isset($seen[$mark])) {
                    $seen[$mark] = true;
                    $queue[] = [$cost + self::COST[$step['do']], $more];
                }
            }
        }

        // So meshed that no few steps do: part it from every source.
        $all = self::steps($graph, $graph->of(Family::Panel, Family::Battery), null);

        return array_values($all);
    }

    /**
     * Returns what can be done at some parts, and at the source that holds them.
     *
     * @param list<Part> $parts
     *
     * @return array<string, array{do: string, parts: non-empty-list<Part>}>
     */
    private static function steps(Graph $graph, array $parts, ?string $source): array
    {
        $steps = [];
        foreach ($source === null ? $parts : [...$parts, $graph->parts[$source]] as $part) {
            $do = match (true) {
                $part->is(Family::HandSwitch, Family::EarthLeakage) => self::OPEN,
                $part->is(Family::Fuse) => self::PULL,
                $part->is(Family::Battery) => self::LIFT,
                $part->is(Family::Panel) => self::COVER,
                default => null,
            };
            if ($do === self::COVER) {
                $panels = $graph->of(Family::Panel);
                $steps[self::COVER] = ['do' => $do, 'parts' => $panels === [] ? [$part] : $panels];
            } elseif ($do !== null) {
                $steps[$part->uid] = ['do' => $do, 'parts' => [$part]];
            }
        }

        return $steps;
    }

    /**
     * The order with the least danger on the way; of those alike the sun first, lugs last.
     *
     * @param list<array{do: string, parts: non-empty-list<Part>}> $steps
     *
     * @return list<array{do: string, parts: non-empty-list<Part>}>
     */
    private static function inOrder(Graph $graph, array $steps): array
    {
        usort($steps, static fn(array $a, array $b): int => self::rank($graph, $a) <=> self::rank($graph, $b));
        $best = null;
        foreach (count($steps) > self::MOST_ORDERED ? [$steps] : self::orders($steps) as $order) {
            $danger = 0;
            foreach (array_keys($order) as $k) {
                $danger += count(self::danger($graph, array_slice($order, 0, $k + 1)));
            }
            if ($best === null || $danger < $best[0]) {
                $best = [$danger, $order];
            }
        }

        return $best[1] ?? $steps;
    }

    /**
     * @param array{do: string, parts: non-empty-list<Part>} $step
     */
    private static function rank(Graph $graph, array $step): int
    {
        return match (true) {
            $step['do'] === self::COVER => 0,
            $step['do'] === self::LIFT => 4,
            $step['do'] === self::PULL => 3,
            array_filter($graph->on($step['parts'][0]), static fn($c): bool => $graph->parts[$c->from->uid]->is(Family::Panel)
                || $graph->parts[$c->to->uid]->is(Family::Panel)) !== [] => 1,
            default => 2,
        };
    }

    /**
     * @param list<array{do: string, parts: non-empty-list<Part>}> $done
     *
     * @return list<Part> regulators that the sun drives, and that no battery holds though one is drawn to them
     */
    private static function danger(Graph $graph, array $done): array
    {
        $before = array_column(self::at($graph, [])->endangered(), 'uid');
        $now = array_column(self::at($graph, self::opened($done))->endangered(), 'uid');

        return array_map(static fn(string $uid): Part => $graph->parts[$uid], array_values(array_diff($now, $before)));
    }

    /**
     * In the sun, everything that can be ended ended.
     *
     * @param list<string> $open
     */
    private static function at(Graph $graph, array $open, string $running = ''): Potential
    {
        return Potential::of($graph, $open, true, $running === 'engine', $running === 'shore', $running === 'generator');
    }

    /**
     * @param array<array{do: string, parts: non-empty-list<Part>}> $steps
     *
     * @return list<string> uids of what they open
     */
    private static function opened(array $steps): array
    {
        $uids = [];
        foreach ($steps as $step) {
            foreach ($step['parts'] as $part) {
                $uids[] = $part->uid;
            }
        }

        return $uids;
    }

    /**
     * @template T
     *
     * @param list<T> $items
     *
     * @return list<list<T>> the given order first
     */
    private static function orders(array $items): array
    {
        if (count($items) < 2) {
            return [$items];
        }
        $orders = [];
        foreach ($items as $i => $first) {
            foreach (self::orders(array_values(array_diff_key($items, [$i => 0]))) as $rest) {
                $orders[] = [$first, ...$rest];
            }
        }

        return $orders;
    }
}
