<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use Pebblefell\Balance\Gate;
use Pebblefell\Balance\Protocol;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Named;
use Pebblefell\Stage\Reading;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Conductor;
use Pebblefell\System\Fate;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * From the bank outwards: joined, its inverter's capacitors filled slowly, each regulator on its battery before it sees sun, programmed
 * before it charges, then engine, loads and mains.
 */
final readonly class PowerUp
{
    /** Holds what a resistor for filling capacitors may take for a moment, W. Common practice: a 25 W wire-wound one. */
    public const RESISTOR_W = 25.0;

    /** Capacitors at this share of the bank's volts spark no more to speak of. Chosen. */
    public const FILLED = 0.9;

    /** A regulator reads its battery within so much, V on 12 V. Chosen: the meter's error and the drop of an idle lead. */
    private const READS_WITHIN_V = 0.3;

    /** @var array<string, true> openers between the house bank and what charges or inverts, uids */
    private array $mains;

    /** @var array<string, true> fuses and breakers that one string has for itself among several, uids */
    private array $strings;

    /** @var list<Part> planned inverters */
    private array $inverters;

    private function __construct(private Work $work, private Draft $draft)
    {
        $this->inverters = array_values(array_filter($work->planned->parts, static fn(Part $p): bool => $p->kind->isInverter()));
        $mains = [];
        foreach ($work->planned->parts as $part) {
            if ($part->kind->isCharger() || $part->kind->isInverter()) {
                foreach ($this->toBank($part) as $passed) {
                    $mains[$passed->uid] = true;
                }
            }
        }
        $circuit = $work->study->circuit();
        $this->strings = array_fill_keys(
            array_map(static fn(Part $p): string => $p->uid, array_filter($circuit->mainFuses(), $circuit->isByPassed(...))),
            true,
        );
        $this->mains = $mains + $this->strings;
    }

    public static function write(Work $work, Draft $draft): void
    {
        $self = new self($work, $draft);
        $self->joinBank();
        $self->closeMains();
        $self->wake();
        $self->sun();
        $self->engine();
        $self->loads();
        $self->shore();
    }

    private function joinBank(): void
    {
        $batteries = $this->work->planned->houseBatteries();
        $waiting = $this->draft->waiting($this->work);
        if (array_filter($waiting, fn(Conductor $c): bool => $this->work->ends($c, Family::Battery)) === []) {
            return;
        }
        $bank = $this->work->study->banks()->planned->bank;
        if ($bank !== null) {
            $chemistry = $bank->chemistry();
            $own = new Reading(
                'volts',
                'V',
                round($chemistry->lowestCellV() * $bank->cells(), 1),
                round($chemistry->ceilingCellV() * $bank->cells(), 1),
            );
            $this->draft->step(
                Phase::Connect,
                'own-volts',
                [],
                ['parts' => Draft::named($batteries)],
                reading: $own,
                tools: ['meter'],
                parts: $batteries,
            );
        }
        $torque = null;
        foreach ($batteries as $battery) {
            $torque ??= $battery->data->number('torque_nm');
        }
        $links = array_values(array_filter($waiting, $this->work->isLink(...)));
        if ($links !== []) {
            $this->draft->step(
                Phase::Connect,
                'link-batteries',
                Act::each(Act::ATTACH, $links),
                ['count' => count($links)],
                ['short-circuit', 'one-at-a-time'],
                ['insulated', 'torque'],
                torque: $torque,
                count: count($links),
            );
        }
        foreach (['minus', 'plus'] as $pole) {
            $ofPole = fn(Conductor $c): bool => $this->work->ends($c, Family::Battery)
                && $this->endsAt($c, 'minus') === ($pole === 'minus');
            $leads = array_values(array_filter($this->draft->waiting($this->work), $ofPole));
            if ($leads === []) {
                continue;
            }
            if ($pole === 'plus' && $this->sparks()) {
                $this->precharge();
            }
            $this->draft->step(
                Phase::Connect,
                "join-$pole",
                Act::each(Act::ATTACH, $leads),
                ['count' => count($leads)],
                $pole === 'plus' ? ['short-circuit', 'spark'] : ['short-circuit'],
                ['insulated', 'torque'],
                torque: $torque,
                count: count($leads),
            );
        }
    }

    private function endsAt(Conductor $c, string $terminal): bool
    {
        foreach ([$c->from, $c->to] as $end) {
            if ($this->work->system->parts[$end->uid]->is(Family::Battery)) {
                return $end->terminal === $terminal;
            }
        }

        return false;
    }

    /** A positive lug makes the last contact to an inverter: nothing that is open lies between. */
    private function sparks(): bool
    {
        foreach ($this->inverters as $inverter) {
            if (array_filter($this->toBank($inverter), fn(Part $p): bool => $this->draft->isOpen($p->uid)) === []) {
                return true;
            }
        }

        return false;
    }

    private function precharge(): void
    {
        if (array_filter($this->draft->steps(), static fn(Step $s): bool => $s->does === 'precharge') !== []) {
            return;
        }
        $volts = $this->work->bankV();
        $bank = $this->work->study->banks()->planned->bank;
        $most = $bank === null ? $volts : $bank->chemistry()->ceilingCellV() * $bank->cells();
        $this->draft->step(
            Phase::Power,
            'precharge',
            [],
            [
                'parts' => Draft::named($this->inverters),
                'ohm' => Amount::of(ceil($most ** 2 / self::RESISTOR_W), 'Ω'),
                'watts' => Amount::of(self::RESISTOR_W, 'W'),
            ],
            ['capacitors'],
            ['resistor', 'meter'],
            new Reading('volts', 'V', round(self::FILLED * $volts, 1)),
            parts: $this->inverters,
        );
    }

    /** Main fuse, main switch and what leads to chargers and inverters, from the bank outwards. */
    private function closeMains(): void
    {
        $far = $this->distances();
        $open = array_values(array_filter($this->draft->open(), fn(Part $p): bool => isset($this->mains[$p->uid])));
        usort($open, static fn(Part $a, Part $b): int => ($far[$a->uid] ?? PHP_INT_MAX) <=> ($far[$b->uid] ?? PHP_INT_MAX));
        $joined = false;
        foreach ($open as $opener) {
            foreach ($this->inverters as $inverter) {
                $left = array_filter($this->toBank($inverter), fn(Part $p): bool => $this->draft->isOpen($p->uid));
                if (Draft::uids(array_values($left)) === [$opener->uid]) {
                    $this->precharge();
                }
            }
            $joins = isset($this->strings[$opener->uid]) && $joined;
            $joined = $joined || isset($this->strings[$opener->uid]);
            $this->draft->step(
                Phase::Power,
                $joins ? 'close-string' : 'close-main',
                [new Act(Act::CLOSE, $opener->uid)],
                ['part' => Named::one($opener->uid)],
                $joins ? ['short-circuit'] : [],
                $joins ? ['meter'] : [],
                $joins ? $this->acrossAString() : null,
                parts: [$opener],
                key: "close-main.$opener->uid",
                torque: $opener->data->number('torque_nm'),
            );
        }
    }

    /** Across an open fuse of a string that joins others: no more than full and rested batteries may lie apart, V. */
    private function acrossAString(): ?Reading
    {
        $bank = $this->work->study->banks()->planned->bank;
        $apart = $bank === null ? null : round(Gate::allowedV(Protocol::Full, $bank->chemistry(), $bank->cells()), 2);

        return $apart === null ? null : new Reading('volts', 'V', -$apart, $apart);
    }

    /** Each regulator is seen to read its battery; every box is programmed before it charges. */
    private function wake(): void
    {
        if (!$this->somethingNew()) {
            return;
        }
        $volts = $this->work->bankV();
        $bank = $this->work->study->banks()->planned->bank;
        foreach ($this->work->planned->of(Family::SolarRegulator) as $regulator) {
            $near = self::READS_WITHIN_V * $volts / 12.0;
            $this->draft->step(
                Phase::Power,
                'regulator-awake',
                [],
                ['part' => Named::one($regulator->uid)],
                ['regulator-first'],
                ['meter'],
                $bank === null ? null : new Reading(
                    'volts',
                    'V',
                    round($bank->chemistry()->lowestCellV() * $bank->cells() - $near, 1),
                    round($bank->chemistry()->ceilingCellV() * $bank->cells() + $near, 1),
                ),
                parts: [$regulator],
                key: "regulator-awake.$regulator->uid",
            );
        }
        if ($this->work->study->settings()->devices !== []) {
            $this->draft->step(
                Phase::Power,
                'program',
                [],
                ['count' => count($this->work->study->settings()->devices)],
                ['firmware'],
                ['app'],
                closedBy: 'settings',
            );
        }
    }

    private function somethingNew(): bool
    {
        return $this->work->parts(Fate::Add, Fate::Reprogram, Fate::Move) !== [] || $this->work->on !== [];
    }

    private function sun(): void
    {
        if ($this->work->planned->of(Family::Panel) === []) {
            return;
        }
        $open = $this->openOn(CircuitKind::Pv);
        if (isset($this->draft->now->running['sun']) && $open === []) {
            return;
        }
        $this->draft->step(Phase::Power, 'sun-on', [new Act(Act::START, 'sun'), ...Act::each(Act::CLOSE, $open)], [
            'parts' => Draft::named($open === [] ? $this->work->planned->of(Family::Panel) : $open),
        ], ['panels-live'], ['clamp'], new Reading('amps', 'A'), parts: $this->work->planned->of(Family::Panel));
    }

    private function engine(): void
    {
        $open = $this->openOn(CircuitKind::StarterDc);
        if ($this->work->planned->of(Family::Alternator, Family::EngineCharger) === []) {
            if ($open !== []) {
                $this->draft->step(
                    Phase::Power,
                    'close-rest',
                    Act::each(Act::CLOSE, $open),
                    ['parts' => Draft::named($open)],
                    key: 'close-rest.starter',
                    parts: $open,
                );
            }

            return;
        }
        $this->draft->step(Phase::Power, 'engine-on', [...Act::each(Act::CLOSE, $open), new Act(Act::START, 'engine')], [
            'closing' => Draft::closing($open),
        ], ['exhaust'], ['clamp'], new Reading('amps', 'A'), parts: $open);
    }

    private function loads(): void
    {
        $ac = [...$this->openOn(CircuitKind::ShoreAc), ...$this->openOn(CircuitKind::InverterAc)];
        $open = array_values(array_filter($this->draft->open(), static fn(Part $p): bool => !in_array($p, $ac, true)));
        $this->draft->step(
            Phase::Power,
            'loads-on',
            Act::each(Act::CLOSE, $open),
            ['closing' => Draft::closing($open)],
            tools: ['clamp'],
            parts: $open,
        );
    }

    private function shore(): void
    {
        $open = [...$this->openOn(CircuitKind::ShoreAc), ...$this->openOn(CircuitKind::InverterAc)];
        if ($open === [] && $this->work->planned->of(Family::ShoreInlet, Family::Generator, Family::Inverter) === []) {
            return;
        }
        $this->draft->step(Phase::Power, 'shore-on', [
            ...Act::each(Act::CLOSE, $open), new Act(Act::START, 'shore'), new Act(Act::START, 'generator'),
        ], ['closing' => Draft::closing($open)], ['mains'], parts: $open);
    }

    /**
     * @return list<Part> openers on the shortest way from the bank to a part
     */
    private function toBank(Part $part): array
    {
        $graph = $this->work->planned;
        $terminals = array_keys($part->kind->terminals());
        $posts = array_map(static fn(Part $b): Point => Point::of($b->uid, 'plus'), $graph->houseBatteries());
        $reach = $posts === [] ? null : $graph->reach($posts, Passage::closed());
        foreach ($terminals as $terminal) {
            $point = Point::of($part->uid, $terminal);
            if ($reach?->has($point) === true && $graph->at($point) !== []) {
                return array_values(array_filter($reach->passed($point), Draft::isOpener(...)));
            }
        }

        return [];
    }

    /**
     * @return array<string, int> how many steps a part is from the bank, by uid
     */
    private function distances(): array
    {
        $posts = array_map(static fn(Part $b): Point => Point::of($b->uid, 'plus'), $this->work->planned->houseBatteries());
        $far = [];
        foreach ($posts === [] ? [] : $this->work->planned->reach($posts, Passage::closed())->points() as $k => $point) {
            $far[$point->uid] ??= $k;
        }

        return $far;
    }

    /**
     * @return list<Part> that are open on a circuit of the plan
     */
    private function openOn(CircuitKind $circuit): array
    {
        return array_values(array_filter(
            $this->draft->open(),
            fn(Part $p): bool => $this->work->planned->side(Point::of($p->uid, array_keys($p->kind->terminals())[0]))->circuit === $circuit,
        ));
    }
}
