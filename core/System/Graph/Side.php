<?php

declare(strict_types=1);

namespace Pebblefell\System\Graph;

use Pebblefell\System\Circuit;
use Pebblefell\System\Conductor;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;

/**
 * To which circuit what hangs together belongs, and whether it is the way back: read off the terminals that a walk meets, nearest first.
 */
final readonly class Side
{
    private function __construct(public Circuit $circuit, public bool $isReturn)
    {
    }

    public static function of(Graph $graph, Conductor $conductor): self
    {
        return self::at($graph, $conductor->from);
    }

    /** Conductors, fuses, switches and bars are of the circuit of what they join; nothing that tells it: the house's. */
    public static function at(Graph $graph, Point $point): self
    {
        $circuit = null;
        $poles = [];
        foreach ($graph->reach([$point], Passage::closed())->points() as $at) {
            $part = $graph->parts[$at->uid];
            $circuit ??= self::circuitOf($part, $at->terminal);
            if (preg_match('/(plus|minus)$/', $at->terminal, $m) === 1) {
                $poles[$m[1]] = true;
            }
        }

        // Where a plus and a minus are joined, blocks or panels stand in series: that is no way back.
        return new self($circuit ?? Circuit::HouseDc, $poles === ['minus' => true]);
    }

    private static function circuitOf(Part $part, string $terminal): ?Circuit
    {
        if ($part->kind === PartKind::Battery) {
            return $part->role === 'starter' ? Circuit::StarterDc : Circuit::HouseDc;
        }
        $circuit = ($part->kind->terminals()[$terminal] ?? null)?->circuit;

        return $circuit === Circuit::Any ? null : $circuit;
    }
}
