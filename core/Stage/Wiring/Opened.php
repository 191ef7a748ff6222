<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Study;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Graph\Potential;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** Answers what if it opens: what stays at potential, what goes dark, and what is endangered, while parts of the plan are open. */
final readonly class Opened
{
    /** Parts that a hand, a fault or a BMS opens. */
    private const OPENS = [
        Family::Battery, Family::OvercurrentDevice, Family::Switch, Family::LowVoltageDisconnect, Family::EarthLeakage,
        Family::SplitRelay, Family::Bms, Family::Plug,
    ];

    /** Where a battery holds what it charges, by rule. */
    private const HELD_AT = ['regulator-loses-battery' => 'battery_plus', 'alternator-loses-load' => 'plus'];

    public const UNDRAWN = 'undrawn';

    /**
     * @param list<Part>                            $mayOpen
     * @param list<string>                          $open       uids
     * @param list<Part>                            $live
     * @param list<Part>                            $dark
     * @param list<array{part: Part, rule: string}> $endangered
     * @param Potential                             $closed     with nothing open
     */
    private function __construct(
        public array $mayOpen,
        public array $open,
        public array $live,
        public array $dark,
        public array $endangered,
        private Potential $closed,
    ) {
    }

    /**
     * @param list<string> $open uids; what is not of the plan, or cannot open, is left out
     * @param array{sun: bool, engine: bool, shore: bool, generator: bool} $running
     */
    public static function of(Study $study, array $open, array $running): self
    {
        $graph = $study->planned();
        $mayOpen = array_values(array_filter($graph->of(...self::OPENS), static fn(Part $p): bool => $graph->isDrawn($p)));
        $uids = array_map(static fn(Part $p): string => $p->uid, $mayOpen);
        $open = array_values(array_intersect($uids, $open));
        $closed = Potential::of($graph, [], ...$running);

        $now = $open === [] ? $closed : $closed->opening($open);

        return new self(
            $mayOpen,
            $open,
            self::drawn($graph, $now->live()),
            self::drawn($graph, $closed->darkIn($now)),
            self::endangered($graph, $now),
            $closed,
        );
    }

    /**
     * Returns what changes with other parts open: what goes dark, and whose charge nothing would hold.
     *
     * @param list<string> $open uids of parts that may open
     *
     * @return array{dark: list<Part>, danger: list<Part>}
     */
    public function changes(Study $study, array $open): array
    {
        $graph = $study->planned();
        $now = $this->closed->opening($open);

        return ['dark' => self::drawn($graph, $this->closed->darkIn($now)), 'danger' => self::danger(self::endangered($graph, $now))];
    }

    /**
     * @return list<array{part: Part, rule: string}>
     */
    private static function endangered(Graph $graph, Potential $now): array
    {
        return array_map(static fn(array $e): array => [
            'part' => $graph->parts[$e['uid']],
            // What nobody has drawn is asked about, not cried.
            'rule' => $graph->at(Point::of($e['uid'], self::HELD_AT[$e['rule']])) === [] ? self::UNDRAWN : $e['rule'],
        ], $now->endangered());
    }

    /**
     * @return list<Part> whose charge nothing would hold
     */
    public function inDanger(): array
    {
        return self::danger($this->endangered);
    }

    /**
     * @param list<array{part: Part, rule: string}> $endangered
     *
     * @return list<Part>
     */
    private static function danger(array $endangered): array
    {
        return array_values(array_map(
            static fn(array $e): Part => $e['part'],
            array_filter($endangered, static fn(array $e): bool => $e['rule'] !== self::UNDRAWN),
        ));
    }

    /**
     * @param list<string> $uids
     *
     * @return list<Part>
     */
    private static function drawn(Graph $graph, array $uids): array
    {
        return array_values(array_filter(array_map(static fn(string $uid): Part => $graph->parts[$uid], $uids), $graph->isDrawn(...)));
    }
}
