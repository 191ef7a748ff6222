<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Reading;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** The run sheet as it is being written: each step at once moves the circuit on, and the next is chosen by what stands then. */
final class Draft
{
    /** @var list<Step> */
    private array $steps = [];

    public function __construct(public Moment $now)
    {
    }

    /**
     * Writes a step, its minutes by what is done.
     *
     * @param list<Act>            $acts
     * @param array<string, mixed> $args
     * @param list<string>         $cautions
     * @param list<string>         $tools
     * @param list<Part>           $parts    that it is about
     * @param int                  $count    of what is done so often
     * @param string               $key      '': what is done
     */
    public function step(
        Phase $phase,
        string $does,
        array $acts = [],
        array $args = [],
        array $cautions = [],
        array $tools = [],
        ?Reading $reading = null,
        array $parts = [],
        int $count = 1,
        int $hands = 1,
        string $key = '',
        ?float $torque = null,
        string $closedBy = '',
    ): void {
        $this->add(new Step(
            $key ?: $does,
            $phase,
            $does,
            $args,
            $acts,
            $cautions,
            $tools,
            $torque,
            $reading,
            Durations::minutes($does, $count),
            $hands,
            closedBy: $closedBy,
            parts: self::uids($parts),
        ));
    }

    /**
     * @return list<Conductor> leads of the plan that are not on yet
     */
    public function waiting(Work $work): array
    {
        return array_values(array_filter($work->planned->conductors, fn(Conductor $c): bool => !isset($this->now->leads[$c->uid])));
    }

    public function add(Step $step): void
    {
        $this->steps[] = $step;
        $this->now = $this->now->after($step->acts);
    }

    /**
     * @return list<Step>
     */
    public function steps(): array
    {
        return $this->steps;
    }

    public function graph(): Graph
    {
        return $this->now->graph();
    }

    /**
     * @return list<Part> that are open now and stay in
     */
    public function open(): array
    {
        return array_values(array_filter(
            array_map(fn(int|string $uid): Part => $this->now->parts[(string) $uid], array_keys($this->now->open)),
            static fn(Part $p): bool => $p->fate->isPlanned(),
        ));
    }

    public function isOpen(string $uid): bool
    {
        return isset($this->now->open[$uid]);
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<Named>
     */
    public static function named(array $parts): array
    {
        return array_map(static fn(Part $p): Named => Named::one($p->uid), $parts);
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<string>
     */
    public static function uids(array $parts): array
    {
        return array_map(static fn(Part $p): string => $p->uid, $parts);
    }

    /** Where it sits, as far as it is noted. */
    public static function at(string $place): Word|string
    {
        return $place === '' ? '' : Word::of('steps.at', ['place' => $place]);
    }

    /**
     * Returns what is closed before a step, if anything.
     *
     * @param list<Part> $parts
     */
    public static function closing(array $parts): Word|string
    {
        return $parts === [] ? '' : Word::of('steps.closing', ['parts' => self::named($parts)]);
    }

    /** Returns what it weighs, as far as it is noted. */
    public static function weighs(?float $kg): Word|string
    {
        return $kg === null ? '' : Word::of('steps.weighs', ['mass' => Amount::of($kg, 'kg')]);
    }

    /** A switch that a hand opens. */
    public static function isSwitch(Part $part): bool
    {
        return $part->is(Family::HandSwitch, Family::EarthLeakage);
    }

    /** A switch, or a fuse that is pulled. */
    public static function isOpener(Part $part): bool
    {
        return self::isSwitch($part) || $part->is(Family::Fuse);
    }
}
