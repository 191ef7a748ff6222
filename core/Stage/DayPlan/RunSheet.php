<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use Pebblefell\Finding\Amount;
use Pebblefell\Stage\Reading;
use Pebblefell\Study;
use Pebblefell\System\Fate;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * The day's work in its order, made from what the plan changes: guard, isolate, prove dead, strip, fit, balance, connect, power up, prove.
 *
 * While it is written the circuit is carried along, so that each step is chosen by what is live then; `moments` can be played again.
 */
final readonly class RunSheet
{
    /** Key of the last step of every sheet. */
    public const LAST = 'tidy';

    /**
     * @param list<Step> $steps
     */
    private function __construct(public Work $work, public array $steps)
    {
    }

    /**
     * As it was written before, of this very system.
     *
     * @param list<Step> $steps
     */
    public static function withSteps(Study $study, array $steps): self
    {
        return new self(new Work($study), $steps);
    }

    /**
     * @param string $firstTerminal negative or positive: which lug of a bank comes off first
     */
    public static function of(Study $study, string $firstTerminal = 'negative'): self
    {
        $work = new Work($study);
        if ($work->isNone()) {
            return new self($work, []);
        }
        $draft = new Draft(Moment::asFound($study->system));
        self::before($work, $draft);
        $roofIsFree = array_filter($work->parts(Fate::Remove), static fn(Part $p): bool => $p->is(Family::Panel)) === [];
        if ($roofIsFree) {
            Fitting::glue($work, $draft, Phase::Before);
        }
        if ($work->off !== [] || $work->on !== [] || $work->parts(Fate::Add, Fate::Remove, Fate::Move, Fate::Disconnect) !== []) {
            Isolation::write($work, $draft, $firstTerminal);
            Stripping::write($work, $draft);
            if (!$roofIsFree) {
                Fitting::glue($work, $draft, Phase::Strip);
            }
            Fitting::write($work, $draft);
            self::balance($work, $draft);
        }
        PowerUp::write($work, $draft);
        self::after($work, $draft);

        return new self($work, $draft->steps());
    }

    /**
     * @return list<list<Part>> what stands at potential once each step is done, batteries first
     */
    public function liveAfterEach(): array
    {
        $moment = Moment::asFound($this->work->system);
        $each = $live = [];
        foreach ($this->steps as $k => $step) {
            if ($step->acts !== [] || $k === 0) {
                $moment = $moment->after($step->acts);
                $live = array_map(static fn(string $uid): Part => $moment->parts[$uid], $moment->potential()->live());
                usort($live, static fn(Part $a, Part $b): int => ($b->is(Family::Battery)) <=> ($a->is(Family::Battery)));
            }
            $each[] = $live;
        }

        return $each;
    }

    public function step(string $key): ?Step
    {
        foreach ($this->steps as $step) {
            if ($step->key === $key) {
                return $step;
            }
        }

        return null;
    }

    private static function before(Work $work, Draft $draft): void
    {
        $draft->add(
            new Step(
                'guard',
                Phase::Before,
                'guard',
                [],
                [],
                ['codes'],
                ['insulated', 'goggles', 'extinguisher'],
                minutes: Durations::minutes('guard'),
            ),
        );
        $draft->add(new Step('pictures', Phase::Before, 'pictures', minutes: Durations::minutes('pictures')));
        $batteries = $work->found->houseBatteries();
        if ($batteries !== []) {
            $draft->add(new Step(
                'as-found-volts',
                Phase::Before,
                'as-found-volts',
                ['parts' => Draft::named($batteries)],
                tools: ['meter'],
                reading: new Reading('volts', 'V'),
                minutes: Durations::minutes('as-found-volts'),
                parts: Draft::uids($batteries),
            ));
        }
    }

    /** New batteries that are to be joined are balanced first. */
    private static function balance(Work $work, Draft $draft): void
    {
        $batteries = $work->planned->houseBatteries();
        $new = array_filter($batteries, static fn(Part $p): bool => $p->fate === Fate::Add);
        if (count($batteries) > 1 && $new !== []) {
            $hours = StepWaits::balanceH($batteries);
            $draft->add(new Step(
                'balance',
                Phase::Balance,
                'balance',
                ['parts' => Draft::named($batteries), 'hours' => Amount::of(round($hours), 'h')],
                cautions: ['charging'],
                tools: ['meter', 'charger'],
                minutes: Durations::minutes('balance'),
                waitH: $hours,
                closedBy: 'balance',
                parts: Draft::uids($batteries),
            ));
        }
    }

    private static function after(Work $work, Draft $draft): void
    {
        $draft->add(new Step('test', Phase::Close, 'test', tools: ['meter', 'clamp'], minutes: Durations::minutes('test')));
        $draft->add(new Step('labels', Phase::Close, 'labels', minutes: Durations::minutes('labels')));
        $draft->add(new Step(
            self::LAST,
            Phase::Close,
            'tidy',
            acts: array_map(static fn(string $source): Act => new Act(Act::START, $source), Moment::SOURCES),
            minutes: Durations::minutes('tidy'),
        ));
    }
}
