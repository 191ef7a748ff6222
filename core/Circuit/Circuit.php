<?php

declare(strict_types=1);

namespace Pebblefell\Circuit;

use Pebblefell\Bank\ShortCircuit;
use Pebblefell\Conductor\Run;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Graph\Reach;
use Pebblefell\System\HouseBank;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * The house bank's positive side, followed from its posts: what stands before a fuse, what a fuse protects, what hangs behind a part, and
 * what a short drives there.
 */
final readonly class Circuit
{
    /** Parts of the bank itself: what stands before the main fuse without harm. */
    private const OF_THE_BANK = [Family::Battery, Family::Busbar];

    /** @var list<Point> */
    private array $posts;

    private Reach $unfused;

    private Reach $whole;

    private Reach $elsewhere;

    public function __construct(private Graph $graph, private HouseBank $bank, private ?ShortCircuit $short)
    {
        $this->posts = self::postsOf($graph, $bank, 'plus', 'minus');
        $this->unfused = $graph->reach($this->posts, Passage::closed(static fn(Part $p): bool => $p->is(Family::OvercurrentDevice)));
        $this->whole = $graph->reach($this->posts, Passage::closed());
        $this->elsewhere = $graph->reach(self::starterPosts($graph), Passage::closed());
    }

    /**
     * @return list<Point> poles of the starter batteries, and of the alternators but those that feed the house alone
     */
    public static function starterPosts(Graph $graph): array
    {
        $parts = array_filter(
            $graph->of(Family::Battery, Family::Alternator),
            static fn(Part $p): bool => $p->is(Family::Alternator) ? $p->data->flag('for_house') !== true : $p->role !== 'house',
        );

        return array_values(array_map(static fn(Part $p): Point => Point::of($p->uid, 'plus'), $parts));
    }

    /** Everything that is joined to the bank's positive through closed parts. */
    public function whole(): Reach
    {
        return $this->whole;
    }

    /**
     * Poles of the bank from which the vehicle is fed: not those that a series link joins to the next battery.
     *
     * @return list<Point>
     */
    private static function postsOf(Graph $graph, HouseBank $bank, string $pole, string $other): array
    {
        $posts = [];
        foreach ($bank->parts as $part) {
            $node = $graph->node(Point::of($part->uid, $pole));
            $inSeries = array_filter(
                $bank->parts,
                static fn(Part $p): bool => $p->uid !== $part->uid && $node->has(Point::of($p->uid, $other)),
            );
            if ($inSeries === []) {
                $posts[] = Point::of($part->uid, $pole);
            }
        }

        return $posts;
    }

    /** A point is joined to the bank's positive through closed parts. */
    public function joins(Point $point): bool
    {
        return $this->whole->has($point);
    }

    /** Something besides the bank's own links ends on its positive. */
    public function isDrawn(): bool
    {
        return array_filter($this->unfused->parts(), static fn(Part $p): bool => !$p->is(...self::OF_THE_BANK)) !== [];
    }

    /**
     * @return list<Part> fuses and breakers that stand first behind the bank
     */
    public function mainFuses(): array
    {
        return array_values(array_filter($this->unfused->parts(), static fn(Part $p): bool => $p->is(Family::OvercurrentDevice)));
    }

    /**
     * Returns what the bank feeds without a fuse in between.
     *
     * @return list<Part>
     */
    public function unfused(): array
    {
        $fed = [];
        foreach ($this->unfused->points() as $point) {
            $part = $this->graph->parts[$point->uid];
            $passes = $part->kind->kind()->joins() !== [] || $part->is(...self::OF_THE_BANK);
            if (!$passes && $point->terminal !== 'starter') {
                $fed[$part->uid] = $part;
            }
        }

        return array_values($fed);
    }

    /**
     * Returns what the starter side feeds towards the house without a fuse in between: DC-DC chargers and relays.
     *
     * @return list<Part>
     */
    public function unfusedAtStarter(): array
    {
        $reach = $this->graph->reach(
            self::starterPosts($this->graph),
            Passage::closed(static fn(Part $p): bool => $p->is(Family::OvercurrentDevice)),
        );

        return array_values(array_filter(
            $this->graph->of(Family::EngineCharger),
            static fn(Part $p): bool => $reach->has(Point::of($p->uid, $p->is(Family::Dcdc) ? 'input_plus' : 'starter')),
        ));
    }

    /**
     * Returns what stands between the bank and a fuse, besides links and bars.
     *
     * @return list<Part>
     */
    public function before(Part $fuse): array
    {
        $near = $this->ends($fuse)[0] ?? null;

        return $near === null ? [] : $this->whole->passed($near);
    }

    /** It stands first behind the bank. */
    public function isMain(Part $fuse): bool
    {
        return in_array($fuse, $this->mainFuses(), true);
    }

    /**
     * The ends of a part that is passed: towards the bank, and away from it.
     *
     * @return ?array{Point, Point} null where no battery reaches it
     */
    public function ends(Part $part): ?array
    {
        foreach ($part->kind->kind()->joins() as [$a, $b]) {
            [$a, $b] = [Point::of($part->uid, $a), Point::of($part->uid, $b)];
            foreach ([[$a, $b], [$b, $a]] as [$near, $far]) {
                foreach ([$this->whole, $this->elsewhere] as $reach) {
                    if ($reach->has($near) && !in_array($part, $reach->passed($near), true)) {
                        return [$near, $far];
                    }
                }
            }
        }

        return null;
    }

    /**
     * Returns what hangs behind a part that is passed, away from the bank: everything that goes dead when it opens, and what feeds the bank
     * through it.
     */
    public function behind(Part $part): ?Reach
    {
        $far = $this->ends($part)[1] ?? null;

        return $far === null ? null : $this->graph->reach([$far], Passage::closed(static fn(Part $p): bool => $p->uid === $part->uid));
    }

    /** A part is passed on the way from the bank to what hangs behind it. */
    public function hangsOn(Part $part): bool
    {
        $near = $this->ends($part)[0] ?? null;

        return $near !== null && $this->whole->has($near) && !$this->isByPassed($part);
    }

    /** The bank is joined to a part's far side by another way as well. */
    public function isByPassed(Part $part): bool
    {
        $behind = $this->behind($part);

        return $behind !== null && array_filter($this->posts, $behind->has(...)) !== [];
    }

    /**
     * Returns what a fuse protects: conductors behind it, up to the next fuse. As the graph has it; where the bank does not reach it, as
     * noted.
     *
     * @return list<Conductor>
     */
    public function protects(Part $fuse): array
    {
        $far = $this->ends($fuse)[1] ?? null;
        if ($far === null) {
            return array_values(array_filter($this->graph->conductors, static fn(Conductor $c): bool => $c->protectedBy === $fuse->uid));
        }
        $reach = $this->graph->reach([$far], Passage::closed(static fn(Part $p): bool => $p->is(Family::OvercurrentDevice)));
        $conductors = [];
        foreach ($reach->points() as $point) {
            foreach ($this->graph->at($point) as $conductor) {
                if ($reach->has($conductor->otherEnd($point))) {
                    $conductors[$conductor->uid] = $conductor;
                }
            }
        }

        return array_values($conductors);
    }

    /**
     * A that a bolted short drives at a part, on the bank's side of it.
     *
     * @param bool $asNoted only where every length and size on the way is noted; else what is not noted counts as no resistance
     *
     * @return ?float null while the bank's resistance, or the way there, is not known
     */
    public function shortAt(Part $part, bool $asNoted = false): ?float
    {
        $near = $this->ends($part)[0] ?? null;
        if ($near === null || $this->short === null || !$this->whole->has($near)) {
            return null;
        }
        $runs = [];
        foreach ($this->whole->along($near) as $conductor) {
            if ($this->isLink($conductor)) {
                continue;
            }
            if ($conductor->sizeMm2 !== null && $conductor->lengthM !== null && $conductor->lengthM > 0.0) {
                $runs[] = Run::of(ConductorSize::ofArea($conductor->sizeMm2), $conductor->lengthM);
            } elseif ($asNoted) {
                return null;
            }
        }

        return $this->short->currentA($runs);
    }

    /** Somebody can cut what the bank feeds by hand: with switches and breakers open, no inverter and no distribution box is left on it. */
    public function opensByHand(): bool
    {
        $byHand = static fn(Part $p): bool => $p->is(Family::HandSwitch);
        foreach (['plus', 'minus'] as $pole) {
            $posts = array_map(static fn(Part $p): Point => Point::of($p->uid, $pole), $this->bank->parts);
            $closed = $this->graph->reach($posts, Passage::closed());
            $openers = array_filter($closed->parts(), $byHand);
            if ($openers !== [] && !self::feedsUsers($this->graph->reach($posts, Passage::closed($byHand)), $pole)) {
                return true;
            }
        }

        // As long as nothing is drawn, a switch that is noted is taken for it.
        return !$this->isDrawn() && array_filter(
            $this->graph->of(Family::Switch),
            fn(Part $p): bool => !$this->graph->isDrawn($p),
        ) !== [];
    }

    private static function feedsUsers(Reach $reach, string $pole): bool
    {
        $users = array_filter(
            $reach->parts(),
            static fn(Part $p): bool => $p->kind->isInverter() || $p->is(Family::DistributionBox),
        );

        return array_filter(
            $users,
            static fn(Part $p): bool => $reach->has(Point::of($p->uid, "battery_$pole")) || $reach->has(Point::of($p->uid, "supply_$pole")),
        ) !== [];
    }

    private function isLink(Conductor $conductor): bool
    {
        $mine = array_map(static fn(Part $p): string => $p->uid, $this->bank->parts);

        return in_array($conductor->from->uid, $mine, true) && in_array($conductor->to->uid, $mine, true);
    }
}
