<?php

declare(strict_types=1);

namespace Pebblefell\System\Graph;

use Pebblefell\System\CircuitKind;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** The side of each terminal of a graph, read off the terminals that closed parts and conductors join to it; worked out once. */
final class Sides
{
    /** @var ?array<string, Side> by point */
    private ?array $sides = null;

    public function at(Graph $graph, Point $point): Side
    {
        $this->sides ??= self::ofAll($graph);

        return $this->sides[(string) $point] ?? self::of($graph, $graph->reach([$point], Passage::closed()));
    }

    /**
     * @return array<string, Side>
     */
    private static function ofAll(Graph $graph): array
    {
        $sides = [];
        foreach ($graph->islands(Passage::closed()) as $joined) {
            $side = self::of($graph, $joined);
            foreach ($joined->points() as $point) {
                $sides[(string) $point] = $side;
            }
        }

        return $sides;
    }

    /** Conductors, fuses, switches and bars are of the circuit of what they join; nothing that tells it: the house's. */
    private static function of(Graph $graph, Reach $joined): Side
    {
        $circuit = null;
        $poles = [];
        foreach ($joined->points() as $at) {
            $circuit ??= self::circuitOf($graph->parts[$at->uid], $at->terminal);
            if (preg_match('/(plus|minus)$/', $at->terminal, $m) === 1) {
                $poles[$m[1]] = true;
            }
        }

        // Where a plus and a minus are joined, blocks or panels stand in series: that is no way back.
        return new Side($circuit ?? CircuitKind::HouseDc, $poles === ['minus' => true]);
    }

    private static function circuitOf(Part $part, string $terminal): ?CircuitKind
    {
        if ($part->is(Family::Battery)) {
            return $part->role === 'starter' ? CircuitKind::StarterDc : CircuitKind::HouseDc;
        }
        $circuit = ($part->kind->terminals()[$terminal] ?? null)?->circuit;

        return $circuit === CircuitKind::Any ? null : $circuit;
    }
}
