<?php

declare(strict_types=1);

namespace Pebblefell\System\Change;

use Pebblefell\Finding\Change;
use Pebblefell\System\Conductor;
use Pebblefell\System\Fate;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\System;

/** What joins a planned bank's batteries to one another, and what hangs on it from outside. */
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
        $posts = self::posts($graph, $batteries);
        $mine = array_fill_keys([...array_map(static fn(Part $p): string => $p->uid, $batteries), ...array_keys($posts)], true);
        $inside = $outside = [];
        foreach ($graph->conductors as $conductor) {
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
     * What hangs there is led to where the bank is taken off now; of two leads that would lie side by side, one.
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
     * Bars that stand in for the bank's posts: the plan has put them there, and nothing but a lead lies between them and a battery.
     *
     * @param list<Part> $batteries
     *
     * @return array<string, string> uid => plus or minus
     */
    private static function posts(Graph $graph, array $batteries): array
    {
        $poles = [];
        foreach ($batteries as $battery) {
            foreach ($graph->on($battery) as $conductor) {
                foreach ([[$conductor->from, $conductor->to], [$conductor->to, $conductor->from]] as [$here, $there]) {
                    $bar = $graph->parts[$there->uid];
                    if ($here->uid === $battery->uid && $bar->kind === PartKind::Busbar && $bar->fate === Fate::Add) {
                        $poles[$bar->uid] ??= $here->terminal;
                    }
                }
            }
        }

        return $poles;
    }
}
