<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use Pebblefell\Study;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Conductor;
use Pebblefell\System\Fate;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\System;

/** Tells what the plan changes, as work: what comes out, what goes in, and what is touched by it. */
final readonly class Work
{
    public System $system;
    public Graph $found;
    public Graph $planned;

    /** @var list<Conductor> found leads that come off, or are led elsewhere */
    public array $off;

    /** @var list<Conductor> planned leads that go on */
    public array $on;

    public function __construct(public Study $study)
    {
        $this->system = $study->system;
        $this->found = $study->found();
        $this->planned = $study->planned();
        $stays = fn(Conductor $c): bool => isset($this->planned->conductors[$c->uid]) && !$c->isRewired();
        $was = fn(Conductor $c): bool => isset($this->found->conductors[$c->uid])
            && !$this->system->conductors[$c->uid]->isRewired();
        $this->off = array_values(array_filter($this->found->conductors, static fn(Conductor $c): bool => !$stays($c)));
        $this->on = array_values(array_filter($this->planned->conductors, static fn(Conductor $c): bool => !$was($c)));
    }

    /** Nothing in the vehicle is touched. */
    public function isNone(): bool
    {
        return $this->off === [] && $this->on === []
            && $this->parts(Fate::Add, Fate::Remove, Fate::Move, Fate::Disconnect, Fate::Reprogram, Fate::Relabel) === [];
    }

    /**
     * @return list<Part>
     */
    public function parts(Fate ...$fates): array
    {
        return array_values(array_filter($this->system->parts, static fn(Part $p): bool => in_array($p->fate, $fates, true)));
    }

    /**
     * Parts on which hands are laid: they must be dead first. Batteries and panels hold their own terminals.
     *
     * @return list<string> uids of found parts
     */
    public function touched(): array
    {
        $uids = [];
        foreach ([...$this->off, ...$this->on] as $c) {
            $uids[$c->from->uid] = $uids[$c->to->uid] = true;
        }
        foreach ($this->parts(Fate::Remove, Fate::Move, Fate::Disconnect) as $part) {
            $uids[$part->uid] = true;
        }

        return array_values(array_filter(
            array_map(strval(...), array_keys($uids)),
            fn(string $uid): bool => isset($this->found->parts[$uid])
                && !$this->found->parts[$uid]->is(Family::Battery, Family::Panel, Family::Alternator),
        ));
    }

    /** Leads are taken off panels, or put on. */
    public function touchesPanels(): bool
    {
        return array_filter([...$this->off, ...$this->on], fn(Conductor $c): bool => $this->ends($c, Family::Panel)) !== [];
    }

    /** Leads are taken off a part, or put on. */
    public function touches(Part $part): bool
    {
        return array_filter(
            [...$this->off, ...$this->on],
            static fn(Conductor $c): bool => $c->from->uid === $part->uid || $c->to->uid === $part->uid,
        ) !== [];
    }

    /**
     * A battery and all that are linked to it.
     *
     * @param array<string, Conductor> $leads that are on
     *
     * @return non-empty-list<Part>
     */
    public function bankOf(Part $battery, array $leads): array
    {
        $bank = [$battery->uid => $battery];
        $links = array_filter($leads, $this->isLink(...));
        for ($size = 0; $size < count($bank);) {
            $size = count($bank);
            foreach ($links as $link) {
                if (isset($bank[$link->from->uid]) || isset($bank[$link->to->uid])) {
                    $bank[$link->from->uid] ??= $this->system->parts[$link->from->uid];
                    $bank[$link->to->uid] ??= $this->system->parts[$link->to->uid];
                }
            }
        }

        return array_values($bank);
    }

    /** One end of it is on a part of that family. */
    public function ends(Conductor $c, Family $family): bool
    {
        return $this->system->parts[$c->from->uid]->is($family) || $this->system->parts[$c->to->uid]->is($family);
    }

    /** It joins two batteries. */
    public function isLink(Conductor $c): bool
    {
        return $this->system->parts[$c->from->uid]->is(Family::Battery)
            && $this->system->parts[$c->to->uid]->is(Family::Battery);
    }

    /**
     * The leads on some batteries that lead away from them, of one pole.
     *
     * @param list<Part>               $batteries
     * @param array<string, Conductor> $leads
     *
     * @return list<Conductor>
     */
    public function away(array $batteries, array $leads, string $pole): array
    {
        $uids = array_map(static fn(Part $p): string => $p->uid, $batteries);

        return array_values(array_filter($leads, function (Conductor $c) use ($uids, $pole): bool {
            foreach ([[$c->from, $c->to], [$c->to, $c->from]] as [$at, $other]) {
                $isPost = $at->terminal === $pole && in_array($at->uid, $uids, true);
                if ($isPost && !$this->system->parts[$other->uid]->is(Family::Battery)) {
                    return true;
                }
            }

            return false;
        }));
    }

    /** It carries mains. */
    public function isMains(Graph $graph, Point $point): bool
    {
        return in_array($graph->side($point)->circuit, [CircuitKind::ShoreAc, CircuitKind::InverterAc], true);
    }

    /** Volts of the planned bank by its name, or of the vehicle. */
    public function bankV(): float
    {
        return $this->study->banks()->planned->bank?->nominalV() ?? $this->system->vehicle->systemV;
    }
}
