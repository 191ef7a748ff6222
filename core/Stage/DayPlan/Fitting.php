<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Named;
use Pebblefell\System\Fate;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * Fits what goes in while everything is dead: parts, and every lead that does not end on a battery; returns before positives, mains by the
 * licensed.
 */
final readonly class Fitting
{
    private function __construct(private Work $work, private Draft $draft)
    {
    }

    public static function write(Work $work, Draft $draft): void
    {
        $self = new self($work, $draft);
        $self->parts();
        $self->batteries();
        $self->leads();
    }

    /** Panels are glued before anything else, so that it cures meanwhile. */
    public static function glue(Work $work, Draft $draft, Phase $phase): void
    {
        $panels = array_values(array_filter(
            $work->parts(Fate::Add),
            static fn(Part $p): bool => $p->is(Family::Panel) && $p->data->flag('portable') !== true,
        ));
        if ($panels !== []) {
            $draft->add(new Step(
                'glue-panels',
                $phase,
                'glue-panels',
                ['parts' => Draft::named($panels), 'hours' => Amount::of(Durations::CURE_H, 'h')],
                array_map(static fn(Part $p): Act => new Act(Act::IN, $p->uid), $panels),
                ['roof', 'panels-live'],
                ['adhesive'],
                minutes: Durations::minutes('glue-panels', count($panels)),
                hands: 2,
                waitH: Durations::CURE_H,
                parts: Draft::uids($panels),
            ));
        }
    }

    private function parts(): void
    {
        $small = [];
        foreach ($this->work->parts(Fate::Add) as $part) {
            if (isset($this->draft->now->parts[$part->uid]) || $part->is(Family::Battery)) {
                continue;
            }
            $sundry = $part->kind->isSundry() || $part->is(Family::HandSwitch, Family::Panel, Family::Busbar);
            if ($sundry) {
                $small[] = $part;
            } else {
                $this->draft->step(
                    Phase::Fit,
                    'mount',
                    self::in([$part]),
                    ['part' => Named::one($part->uid), 'at' => Draft::at($part->asPlanned()->place)],
                    parts: [$part],
                    key: "mount.$part->uid",
                );
            }
        }
        if ($small !== []) {
            $this->draft->step(
                Phase::Fit,
                'mount-small',
                self::in($small),
                ['parts' => Draft::named($small)],
                parts: $small,
                count: count($small),
            );
        }
        foreach ($this->work->parts(Fate::Move) as $part) {
            $this->draft->step(Phase::Fit, 'move', [], [
                'part' => Named::one($part->uid), 'from' => $part->place ?: '–', 'to' => $part->asPlanned()->place ?: '–',
            ], parts: [$part], key: "move.$part->uid");
        }
        foreach ($this->work->parts(Fate::Relabel) as $part) {
            $this->draft->step(Phase::Fit, 'relabel', [], ['part' => Named::one($part->uid)], parts: [$part], key: "relabel.$part->uid");
        }
    }

    private function batteries(): void
    {
        foreach ($this->work->parts(Fate::Add) as $part) {
            if ($part->is(Family::Battery)) {
                $kg = $part->data->number('mass_kg');
                $heavy = $kg === null || $kg > Durations::ONE_LIFTS_KG;
                $this->draft->step(
                    Phase::Fit,
                    'set-battery',
                    self::in([$part]),
                    ['part' => Named::one($part->uid), 'at' => Draft::at($part->place), 'weighs' => Draft::weighs($kg)],
                    $heavy ? ['heavy', 'short-circuit'] : ['short-circuit'],
                    ['insulated', 'caps'],
                    hands: $heavy ? 2 : 1,
                    parts: [$part],
                    key: "set-battery.$part->uid",
                );
            }
        }
        $sensed = [];
        foreach ($this->work->planned->signals as $signal) {
            $from = $this->work->planned->parts[$signal->from];
            if ($from->is(Family::Battery) && ($signal->fate === Fate::Add || $from->fate === Fate::Add)) {
                $sensed[$signal->to] = Named::one($signal->to);
            }
        }
        if ($sensed !== []) {
            $this->draft->step(Phase::Fit, 'sensors-on', [], ['parts' => array_values($sensed)]);
        }
    }

    private function leads(): void
    {
        $lots = ['lay-returns' => [], 'lay-plus' => [], 'lay-mains' => [], 'lay-panels' => []];
        foreach ($this->draft->waiting($this->work) as $lead) {
            if ($this->work->ends($lead, Family::Battery)) {
                continue;
            }
            $lots[match (true) {
                $this->work->ends($lead, Family::Panel) => 'lay-panels',
                $this->work->isMains($this->work->planned, $lead->from) => 'lay-mains',
                $this->work->planned->side($lead->from)->isReturn => 'lay-returns',
                default => 'lay-plus',
            }][] = $lead;
        }
        foreach (array_filter($lots) as $does => $leads) {
            $ends = [];
            foreach ($leads as $lead) {
                $ends[$lead->from->uid] = Named::one($lead->from->uid);
                $ends[$lead->to->uid] = Named::one($lead->to->uid);
            }
            $this->draft->step(
                Phase::Fit,
                $does,
                Act::each(Act::ATTACH, $leads),
                ['count' => count($leads), 'parts' => array_values($ends)],
                match ($does) {
                    'lay-mains' => ['mains'],
                    'lay-panels' => ['panels-live', 'roof'],
                    default => [],
                },
                ['crimp', 'torque'],
                count: count($leads),
            );
        }
    }

    /**
     * New parts go in open: fuses out, switches off.
     *
     * @param list<Part> $parts
     *
     * @return list<Act>
     */
    private static function in(array $parts): array
    {
        $acts = [];
        foreach ($parts as $part) {
            $acts[] = new Act(Act::IN, $part->uid);
            if (Draft::isOpener($part)) {
                $acts[] = new Act(Act::OPEN, $part->uid);
            }
        }

        return $acts;
    }
}
