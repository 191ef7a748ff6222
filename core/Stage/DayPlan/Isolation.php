<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Named;
use Pebblefell\Stage\Reading;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * From warning to proven dead: every source ended or parted in an order in which no regulator loses its battery under sun, and no lug is
 * lifted live but the battery's own.
 *
 * Order: common practice (guard, mains, loads, inverter, sun, main switch, engine's side, bank).
 */
final class Isolation
{
    /** Below this nothing is felt and nothing sparks, V. Chosen: what a common meter's lead noise stays under. */
    public const DEAD_V = 0.5;

    /** An array that is isolated or covered gives no more, A. Chosen: a clamp's zero error. */
    public const DARK_A = 0.2;

    /** @var list<string> uids of batteries whose lugs are being lifted */
    private array $lifting = [];

    private function __construct(private readonly Work $work, private readonly Draft $draft, private readonly string $firstTerminal)
    {
    }

    public static function write(Work $work, Draft $draft, string $firstTerminal): void
    {
        $self = new self($work, $draft, $firstTerminal);
        $self->ended();
        $self->sun();
        $self->mainSwitch();
        $self->parted();
        foreach ($work->found->of(Family::Battery) as $battery) {
            if ($work->touches($battery)) {
                $self->lift($battery);
            }
        }
        $self->parted();
        $self->proven();
    }

    /** Ends by hand what runs: mains, generator, loads, inverter, engine. */
    private function ended(): void
    {
        $found = $this->work->found;
        if ($found->of(Family::ShoreInlet) !== []) {
            $this->draft->step(Phase::Isolate, 'shore-off', [new Act(Act::STOP, 'shore')], cautions: ['mains']);
        }
        if ($found->of(Family::Generator) !== []) {
            $this->draft->step(Phase::Isolate, 'generator-off', [new Act(Act::STOP, 'generator')]);
        }
        $inverters = array_values(array_filter($found->parts, static fn(Part $p): bool => $p->kind->isInverter()));
        // What a vehicle does not have does not run.
        $idle = array_map(
            static fn(string $source): Act => new Act(Act::STOP, $source),
            ['shore', 'generator', ...($found->of(Family::Panel) === [] ? ['sun'] : [])],
        );
        $this->draft->step(
            Phase::Isolate,
            $inverters === [] ? 'loads-off' : 'loads-and-inverter-off',
            $idle,
            ['parts' => Draft::named($inverters)],
            parts: $inverters,
        );
        $this->draft->step(Phase::Isolate, 'engine-off', [new Act(Act::STOP, 'engine')]);
    }

    /** Each array parted from its regulator by its own switch; where there is none, or its leads are touched, the panels are covered. */
    private function sun(): void
    {
        $found = $this->work->found;
        if ($found->of(Family::Panel) === []) {
            return;
        }
        foreach ($found->of(Family::SolarRegulator) as $regulator) {
            while (($way = $this->sunOn($regulator)) !== null) {
                $switch = array_values(array_filter($way['passed'], Draft::isSwitch(...)))[0] ?? null;
                if ($switch === null) {
                    break;
                }
                $this->draft->step(
                    Phase::Isolate,
                    'open-array',
                    [new Act(Act::OPEN, $switch->uid)],
                    ['part' => Named::one($switch->uid), 'regulator' => Named::one($regulator->uid)],
                    ['regulator-first', 'panel-side'],
                    reading: new Reading('amps', 'A', -self::DARK_A, self::DARK_A),
                    parts: [$switch, $regulator],
                    key: "open-array.$switch->uid",
                );
            }
        }
        if ($this->work->touchesPanels() || array_filter(
            $found->of(Family::SolarRegulator),
            fn(Part $p): bool => $this->sunOn($p) !== null,
        ) !== []) {
            $this->cover();
        }
    }

    /**
     * @return ?array{source: string, passed: list<Part>} the way on which the sun alone reaches a regulator
     */
    private function sunOn(Part $regulator): ?array
    {
        $way = $this->draft->now->potential(Draft::uids($this->work->found->of(Family::Battery)))->wayTo($regulator);

        return $way !== null && $this->work->found->parts[$way['source']]->is(Family::Panel) ? $way : null;
    }

    /** The vehicle's own main switches of the house. */
    private function mainSwitch(): void
    {
        $found = $this->work->found;
        $houses = Draft::uids($found->houseBatteries());
        foreach ($found->of(Family::HandSwitch) as $switch) {
            $side = $found->side(Point::of($switch->uid, array_keys($switch->kind->terminals())[0]));
            $way = $side->circuit === CircuitKind::HouseDc ? $this->draft->now->potential()->wayTo($switch) : null;
            // A main switch: nothing but its fuse stands between it and the bank.
            if ($way === null || !in_array($way['source'], $houses, true) || $this->draft->isOpen($switch->uid) || array_filter(
                $way['passed'],
                static fn(Part $p): bool => !$p->is(Family::Battery, Family::Fuse, Family::Bms),
            ) !== []) {
                continue;
            }
            $this->draft->step(
                Phase::Isolate,
                'main-off',
                [new Act(Act::OPEN, $switch->uid)],
                ['part' => Named::one($switch->uid)],
                parts: [$switch],
                key: "main-off.$switch->uid",
            );
        }
    }

    /** As long as something holds a part that is touched: the way is parted by a switch, else a fuse, else at the battery. */
    private function parted(): void
    {
        foreach ($this->work->touched() as $uid) {
            while (($way = $this->draft->now->potential()->wayTo($this->work->found->parts[$uid])) !== null) {
                $this->part($way, $this->work->found->parts[$uid]);
            }
        }
    }

    /**
     * @param array{source: string, passed: list<Part>} $way that holds a part
     */
    private function part(array $way, Part $held): void
    {
        $opener = array_values(array_filter($way['passed'], Draft::isSwitch(...)))[0]
            ?? array_values(array_filter($way['passed'], Draft::isOpener(...)))[0] ?? null;
        $source = $this->work->found->parts[$way['source']];
        if ($opener !== null) {
            $does = $opener->is(Family::Fuse) ? 'pull-fuse' : 'open-switch';
            $this->draft->step(
                Phase::Isolate,
                $does,
                [new Act(Act::OPEN, $opener->uid)],
                ['part' => Named::one($opener->uid), 'for' => Named::one($held->uid)],
                parts: [$opener],
                key: "$does.$opener->uid",
            );
        } elseif ($source->is(Family::Battery)) {
            $this->lift($source);
        } else {
            $this->cover();
        }
    }

    private function cover(): void
    {
        $panels = $this->work->found->of(Family::Panel);
        $this->draft->step(
            Phase::Isolate,
            'cover-panels',
            [new Act(Act::STOP, 'sun')],
            ['parts' => Draft::named($panels)],
            ['regulator-first', 'roof'],
            ['covers'],
            reading: new Reading('amps', 'A', -self::DARK_A, self::DARK_A),
            parts: $panels,
        );
    }

    /**
     * The leads of a bank come off its batteries, one pole after the other, each lug insulated; what else holds their far ends is parted
     * before.
     */
    private function lift(Part $battery): void
    {
        $bank = $this->work->bankOf($battery, $this->draft->now->leads);
        $uids = Draft::uids($bank);
        foreach (['plus', 'minus'] as $pole) {
            foreach ($this->work->away($bank, $this->draft->now->leads, $pole) as $lead) {
                $far = $this->draft->now->parts[in_array($lead->from->uid, $uids, true) ? $lead->to->uid : $lead->from->uid];
                while (($way = $this->draft->now->potential($uids)->wayTo($far)) !== null && !in_array(
                    $way['source'],
                    $this->lifting,
                    true,
                )) {
                    $this->lifting = [...$this->lifting, ...$uids];
                    $this->part($way, $far);
                }
            }
        }
        // Where neither pole lies on the body, the order saves nobody: one at a time does.
        $first = "first-$this->firstTerminal" . ($this->work->system->vehicle->chassisBonded ? '' : '-unbonded');
        $poles = $this->firstTerminal === 'positive' ? ['plus', 'minus'] : ['minus', 'plus'];
        foreach ($poles as $k => $pole) {
            $leads = $this->work->away($bank, $this->draft->now->leads, $pole);
            if ($leads !== []) {
                $this->draft->step(
                    Phase::Isolate,
                    "lift-$pole",
                    Act::each(Act::DETACH, $leads),
                    ['parts' => Draft::named($bank), 'count' => count($leads)],
                    [$k === 0 ? $first : 'one-at-a-time', 'short-circuit'],
                    tools: ['insulated', 'caps'],
                    parts: $bank,
                    key: "lift-$pole.$uids[0]",
                );
            }
        }
    }

    private function proven(): void
    {
        $dead = array_map(fn(string $uid): Part => $this->work->found->parts[$uid], $this->work->touched());
        $inverter = array_filter($dead, static fn(Part $p): bool => $p->kind->isInverter()) !== [];
        $this->draft->step(
            Phase::Isolate,
            $dead === [] ? 'prove-lugs' : 'prove-dead',
            [],
            ['parts' => Draft::named($dead), 'volts' => Amount::of(self::DEAD_V, 'V')],
            $inverter ? ['capacitors', 'mains'] : [],
            ['meter'],
            reading: new Reading('volts', 'V', -self::DEAD_V, self::DEAD_V),
            parts: $dead,
        );
    }
}
