<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use Pebblefell\Finding\Named;
use Pebblefell\System\Conductor;
use Pebblefell\System\Fate;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** Takes off and out what is proven dead. */
final readonly class Stripping
{
    private function __construct(private Work $work, private Draft $draft)
    {
    }

    public static function write(Work $work, Draft $draft): void
    {
        $self = new self($work, $draft);
        $self->sensors();
        $self->links();
        foreach ($work->parts(Fate::Remove) as $part) {
            $self->out($part);
        }
        $self->leads();
        foreach ($work->parts(Fate::Disconnect) as $part) {
            $self->draft->step(
                Phase::Strip,
                'leave-in',
                [],
                ['part' => Named::one($part->uid)],
                key: "leave-in.$part->uid",
                parts: [$part],
            );
        }
    }

    /** Sensors and sense leads on a battery that goes are saved first. */
    private function sensors(): void
    {
        $going = Draft::uids(
            array_values(array_filter($this->work->parts(Fate::Remove), static fn(Part $p): bool => $p->is(Family::Battery))),
        );
        $kept = [];
        foreach ($this->work->system->signals as $signal) {
            if ($signal->fate->isFound() && in_array($signal->from, $going, true) && isset($this->work->planned->parts[$signal->to])) {
                $kept[$signal->to] = $this->work->planned->parts[$signal->to];
            }
        }
        if ($kept !== []) {
            $this->draft->step(
                Phase::Strip,
                'take-sensors',
                [],
                ['parts' => Draft::named(array_values($kept))],
                parts: array_values($kept),
            );
        }
    }

    /** The links of the old bank, one at a time. */
    private function links(): void
    {
        $links = array_values(array_filter($this->going(), $this->work->isLink(...)));
        if ($links !== []) {
            $this->draft->step(
                Phase::Strip,
                'unlink-batteries',
                Act::each(Act::DETACH, $links),
                ['count' => count($links)],
                ['one-at-a-time', 'short-circuit'],
                ['insulated', 'caps'],
                count: count($links),
            );
        }
    }

    private function out(Part $part): void
    {
        $leads = array_values(array_filter(
            $this->going(),
            static fn(Conductor $c): bool => $c->from->uid === $part->uid || $c->to->uid === $part->uid,
        ));
        $does = match (true) {
            $part->is(Family::Battery) => 'take-battery',
            $part->is(Family::Panel) => 'take-panel',
            default => 'take-out',
        };
        $kg = $part->data->number('mass_kg');
        $heavy = $part->is(Family::Battery) && ($kg === null || $kg > Durations::ONE_LIFTS_KG);
        $this->draft->step(
            Phase::Strip,
            $does,
            [...Act::each(Act::DETACH, $leads), new Act(Act::OUT, $part->uid)],
            ['part' => Named::one($part->uid), 'at' => Draft::at($part->place), 'weighs' => Draft::weighs($kg)],
            match (true) {
                $part->is(Family::Panel) => ['roof'],
                $part->is(Family::Battery) => $heavy ? ['heavy', 'old-battery'] : ['old-battery'],
                $part->kind->isInverter() => ['capacitors', 'mains'],
                $part->is(Family::MainsCharger, Family::ShoreInlet, Family::EarthLeakage) => ['mains'],
                default => [],
            },
            hands: $heavy || $part->is(Family::Panel) ? 2 : 1,
            key: "$does.$part->uid",
            parts: [$part],
        );
    }

    /** Takes off what is left of leads that go, or are led elsewhere. */
    private function leads(): void
    {
        $leads = $this->going();
        if ($leads === []) {
            return;
        }
        $ends = [];
        foreach ($leads as $lead) {
            foreach ([$lead->from->uid, $lead->to->uid] as $uid) {
                $ends[$uid] = Named::one($uid);
            }
        }
        $this->draft->step(
            Phase::Strip,
            'take-leads',
            Act::each(Act::DETACH, $leads),
            ['parts' => array_values($ends), 'count' => count($leads)],
        );
    }

    /**
     * @return list<Conductor> leads of what comes off that are still on
     */
    private function going(): array
    {
        return array_values(array_filter($this->work->off, fn(Conductor $c): bool => isset($this->draft->now->leads[$c->uid])));
    }
}
