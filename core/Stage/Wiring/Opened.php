<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Study;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Graph\Potential;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;

/** What if it opens: what stays at potential, what goes dark, and what is endangered, while parts of the plan are open. */
final readonly class Opened
{
    /** Parts that a hand, a fault or a BMS opens. */
    private const OPENS = [
        PartKind::Battery, PartKind::Fuse, PartKind::Breaker, PartKind::Switch, PartKind::LowVoltageDisconnect, PartKind::EarthLeakage, PartKind::Isolator, PartKind::Bms, PartKind::Plug,
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
        $mayOpen = array_values(array_filter($graph->ofKind(...self::OPENS), static fn(Part $p): bool => $graph->isDrawn($p)));
        $uids = array_map(static fn(Part $p): string => $p->uid, $mayOpen);
        $open = array_values(array_intersect($uids, $open));
        $closed = Potential::of($graph, [], ...$running);

        return self::judged($graph, $mayOpen, $open, $closed, $open === [] ? $closed : $closed->opening($open));
    }

    /**
     * The same, running as it does, with other parts open.
     *
     * @param list<string> $open uids of parts that may open
     */
    public function opening(Study $study, array $open): self
    {
        $graph = $study->planned();

        return self::judged($graph, $this->mayOpen, $open, $this->closed, $this->closed->opening($open));
    }

    /**
     * @param list<Part>   $mayOpen
     * @param list<string> $open
     * @param Potential    $closed  with nothing open
     */
    private static function judged(Graph $graph, array $mayOpen, array $open, Potential $closed, Potential $now): self
    {
        $live = $now->live();

        return new self(
            $mayOpen,
            $open,
            self::drawn($graph, $live),
            self::drawn($graph, array_values(array_diff($closed->live(), $live))),
            array_map(static fn(array $e): array => [
                'part' => $graph->parts[$e['uid']],
                // What nobody has drawn is asked about, not cried.
                'rule' => $graph->at(Point::of($e['uid'], self::HELD_AT[$e['rule']])) === [] ? self::UNDRAWN : $e['rule'],
            ], $now->endangered()),
            $closed,
        );
    }

    /**
     * @return list<Part> whose charge nothing would hold
     */
    public function inDanger(): array
    {
        return array_values(array_map(
            static fn(array $e): Part => $e['part'],
            array_filter($this->endangered, static fn(array $e): bool => $e['rule'] !== self::UNDRAWN),
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
