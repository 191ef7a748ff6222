<?php

declare(strict_types=1);

namespace Pebblefell\System\Change;

use Pebblefell\Finding\Change;
use Pebblefell\System\Conductor;
use Pebblefell\System\Fate;
use Pebblefell\System\Graph\BankChains;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\System;

/** Tells what joins a planned bank's batteries to one another, and what hangs on it from outside. */
final readonly class BankEnds
{
    /**
     * @param array<string, string>                                                                  $posts   uid => plus or minus
     * @param list<Conductor>                                                                        $inside  between batteries and posts
     * @param list<array{conductor: Conductor, end: string, pole: string, other: Point}> $outside as they are planned
     */
    private function __construct(private System $system, public array $posts, public array $inside, public array $outside)
    {
    }

    /**
     * @param list<Part> $batteries
     */
    public static function of(System $system, Graph $graph, array $batteries): self
    {
        $chains = (new BankChains($graph, $batteries))->chains;
        $posts = self::posts($graph, $chains);
        $mine = array_fill_keys([...array_map(static fn(Part $p): string => $p->uid, $batteries), ...array_keys($posts)], true);
        $between = [];
        foreach ($chains as [$a, $b, $pieces]) {
            $isOurs = isset($mine[Point::uidOf($a)], $mine[Point::uidOf($b)]);
            foreach ($isOurs ? $pieces : [] as $piece) {
                $between += $piece instanceof Conductor ? [$piece->uid => true] : [];
            }
        }
        $inside = $outside = [];
        foreach ($graph->conductors as $conductor) {
            if (isset($between[$conductor->uid])) {
                $inside[] = $conductor;
                continue;
            }
            [$from, $to] = [isset($mine[$conductor->from->uid]), isset($mine[$conductor->to->uid])];
            if ($from && $to) {
                $inside[] = $conductor;
            } elseif ($from || $to) {
                $here = $from ? $conductor->from : $conductor->to;
                $outside[] = [
                    'conductor' => $conductor,
                    'end' => $from ? 'from' : 'to',
                    'pole' => ($posts[$here->uid] ?? $here->terminal) === 'minus' ? 'minus' : 'plus',
                    'other' => $conductor->otherEnd($here),
                ];
            }
        }

        return new self($system, $posts, $inside, $outside);
    }

    /**
     * Leads what hangs there to where the bank is taken off now; of two leads that would lie side by side, one.
     *
     * @param array{plus: Point, minus: Point} $at
     *
     * @return list<Change>
     */
    public function ledTo(array $at): array
    {
        $changes = $led = [];
        foreach ($this->outside as ['conductor' => $conductor, 'end' => $end, 'pole' => $pole, 'other' => $other]) {
            $twin = "$pole $other";
            $changes[] = isset($led[$twin])
                ? Change::remove('conductor', $conductor->uid)
                : Lead::end($this->system, $this->system->conductors[$conductor->uid], $end, $at[$pole]);
            $led[$twin] = true;
        }

        return $changes;
    }

    /**
     * Bars that stand in for the bank's posts: the plan has put them there, and nothing but a lead, or a battery's own fuse in it, lies
     * between them and a battery.
     *
     * @param list<array{string, string, list<Conductor|Part>}> $chains
     *
     * @return array<string, string> uid => plus or minus
     */
    private static function posts(Graph $graph, array $chains): array
    {
        $poles = [];
        foreach ($chains as [$a, $b]) {
            foreach ([[$a, $b], [$b, $a]] as [$post, $there]) {
                $bar = $graph->parts[Point::uidOf($there)];
                $isBattery = $graph->parts[Point::uidOf($post)]->is(Family::Battery);
                if ($isBattery && $bar->is(Family::Busbar) && $bar->fate === Fate::Add) {
                    $poles[$bar->uid] ??= Point::read($post)->terminal;
                }
            }
        }

        return $poles;
    }
}
