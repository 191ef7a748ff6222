<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Study;
use Pebblefell\System\Conductor;
use Pebblefell\System\Fate;
use Pebblefell\System\Graph\Graph;

/** Which state of the circuit is drawn: as it was found, as it is planned, or both, one upon the other. */
enum Shown: string
{
    case Planned = 'planned';
    case Found = 'found';
    case Both = 'both';

    /** Marks what the plan leads elsewhere: it lies twice in a drawing of both. */
    private const WAS = ':was';

    public function graph(Study $study): Graph
    {
        [$found, $planned] = [$study->found(), $study->planned()];
        if ($this !== self::Both) {
            return $this === self::Found ? $found : $planned;
        }
        $conductors = $planned->conductors;
        foreach ($found->conductors as $uid => $was) {
            $is = $planned->conductors[$uid] ?? null;
            if ($is === null) {
                $conductors[$uid] = $was;
            } elseif (!$is->from->is($was->from) || !$is->to->is($was->to)) {
                $conductors[$uid . self::WAS] = $was;
            }
        }

        return new Graph($found->parts + $planned->parts, $conductors, $planned->signals);
    }

    /**
     * Returns what several together are in such a drawing: new, out, or they stay. What was found is drawn as it was.
     *
     * @param non-empty-list<Fate> $fates
     */
    public function mark(array $fates): string
    {
        $all = static fn(callable $is): bool => array_filter($fates, $is) === $fates;

        return match (true) {
            $this === self::Found => 'stays',
            $all(static fn(Fate $f): bool => !$f->isPlanned()) => 'out',
            $all(static fn(Fate $f): bool => !$f->isFound()) => 'new',
            default => 'stays',
        };
    }

    /** Returns what becomes of a conductor of such a drawing: led elsewhere it goes from here, and comes there. */
    public static function fateIn(Study $study, Conductor $conductor): Fate
    {
        $is = $study->planned()->conductors[$conductor->uid] ?? null;
        if ($is === null || !$is->from->is($conductor->from) || !$is->to->is($conductor->to)) {
            return Fate::Remove;
        }
        $was = $study->found()->conductors[$conductor->uid] ?? null;

        return $was !== null && $is->from->is($was->from) && $is->to->is($was->to) ? Fate::Keep : Fate::Add;
    }
}
