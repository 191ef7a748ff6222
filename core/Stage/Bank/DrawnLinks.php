<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank;

use Pebblefell\Bank\Link;
use Pebblefell\Bank\Network;
use Pebblefell\Study;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;

/** What the plan's conductors draw of a bank: its links, by way of bars too, and where the rest of the system hangs on it. */
final class DrawnLinks
{
    /**
     * The conductors between the batteries, and by way of busbars.
     *
     * @param list<Part> $batteries
     *
     * @return array{list<Link>, list<array{mm2: float, m: float, assumed: bool}>, list<Conductor>} links, their sizes, and what draws them
     */
    public static function of(Graph $graph, array $batteries): array
    {
        $mine = array_map(static fn(Part $p): string => $p->uid, $batteries);
        $bars = array_map(static fn(Part $p): string => $p->uid, $graph->ofKind(PartKind::Busbar));
        $links = $sizes = $conductors = [];
        foreach ($graph->conductors as $c) {
            $inside = static fn(string $uid): bool => in_array($uid, $mine, true) || in_array($uid, $bars, true);
            if ($inside($c->from->uid)
                && $inside($c->to->uid)
                && (in_array($c->from->uid, $mine, true) || in_array($c->to->uid, $mine, true))) {
                $size = [
                    'mm2' => $c->sizeMm2 ?? BankDrawing::USUAL_LINK_MM2,
                    'm' => max(0.01, $c->lengthM ?? BankDrawing::USUAL_LINK_M),
                    'assumed' => $c->sizeMm2 === null || $c->lengthM === null,
                ];
                $links[] = Link::of(self::node($c->from), self::node($c->to), BankDrawing::ohm($size['mm2'], $size['m']));
                $sizes[] = $size;
                $conductors[] = $c;
            }
        }

        return [$links, $sizes, $conductors];
    }

    /**
     * Where the rest of the system hangs on the bank: a battery's terminal, or a bar that batteries hang on.
     *
     * @param list<Part> $batteries
     */
    public static function takeoff(Graph $graph, array $batteries, string $pole): ?string
    {
        $mine = array_map(static fn(Part $p): string => $p->uid, $batteries);
        $bars = [];
        foreach ($graph->conductors as $c) {
            foreach ([[$c->from, $c->to->uid], [$c->to, $c->from->uid]] as [$end, $other]) {
                [$uid, $terminal] = [$end->uid, $end->terminal];
                if (in_array($uid, $mine, true) && $terminal === $pole) {
                    if (isset($graph->parts[$other]) && $graph->parts[$other]->kind === PartKind::Busbar) {
                        $bars[] = Point::of($other, 'bar');
                    } elseif (!in_array($other, $mine, true)) {
                        return self::node($end);
                    }
                }
            }
        }

        return isset($bars[0]) ? self::node($bars[0]) : null;
    }

    /** As a node of the network is called: "p1+". */
    private static function node(Point $point): string
    {
        return str_replace(['.plus', '.minus'], ['+', '-'], (string) $point);
    }

    /**
     * The leads of the planned bank to busbars whose size and length are noted, by pole.
     *
     * @return array{positive: list<array{mm2: float, m: float}>, negative: list<array{mm2: float, m: float}>}
     */
    public static function leadsToBars(Study $study): array
    {
        $mine = array_map(static fn(Part $p): string => $p->uid, $study->banks()->planned->parts);
        $bars = array_map(static fn(Part $p): string => $p->uid, $study->planned()->ofKind(PartKind::Busbar));
        $leads = ['positive' => [], 'negative' => []];
        foreach ($study->planned()->conductors as $c) {
            foreach ([[$c->from, $c->to->uid], [$c->to, $c->from->uid]] as [$end, $other]) {
                [$uid, $terminal] = [$end->uid, $end->terminal];
                if (in_array($uid, $mine, true)
                    && in_array($other, $bars, true)
                    && $c->sizeMm2 !== null
                    && $c->lengthM !== null
                    && $c->lengthM > 0.0) {
                    $leads[$terminal === 'plus' ? 'positive' : 'negative'][] = ['mm2' => $c->sizeMm2, 'm' => $c->lengthM];
                }
            }
        }

        return $leads;
    }
}
