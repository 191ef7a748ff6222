<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Study;
use Pebblefell\System\Conductor;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** Tells what is labelled in the finished vehicle: every new run at both of its ends, and whatever opens, with what it darkens. */
final class RunLabels
{
    /**
     * @return list<array{run: Conductor, here: Part, there: Part, isReturn: bool}> two of each
     */
    public static function ends(Study $study): array
    {
        $graph = $study->planned();
        $ends = [];
        foreach ($graph->conductors as $c) {
            if (Shown::fateIn($study, $c)->isFound()) {
                continue;
            }
            $isReturn = $graph->side($c->from)->isReturn;
            foreach ([[$c->from, $c->to], [$c->to, $c->from]] as [$here, $there]) {
                $ends[] = [
                    'run' => $c,
                    'here' => $graph->parts[$here->uid],
                    'there' => $graph->parts[$there->uid],
                    'isReturn' => $isReturn,
                ];
            }
        }

        return $ends;
    }

    /**
     * @return list<array{part: Part, dark: list<Part>}> drawn parts that a hand opens or pulls, and what goes dark with each
     */
    public static function openers(Study $study): array
    {
        $openers = [];
        foreach (Opened::of($study, [], OpensMatrix::running('rest'))->mayOpen as $part) {
            if ($part->is(Family::OvercurrentDevice, Family::Switch, Family::EarthLeakage)) {
                $opened = Opened::of($study, [$part->uid], OpensMatrix::running('rest'));
                $ends = static fn(Part $p): bool => $p->kind->kind()->joins() === [] && !$p->is(Family::Busbar);
                $openers[] = ['part' => $part, 'dark' => array_values(array_filter($opened->dark, $ends))];
            }
        }

        return $openers;
    }
}
