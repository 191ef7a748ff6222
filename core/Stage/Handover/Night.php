<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Handover;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Named;
use Pebblefell\Study;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\PvArray;

/** The page for two in the morning: what is wrong, and this vehicle's switches and buttons in the order in which one tries them. */
final readonly class Night
{
    public const OUTLETS = 'outlets';
    public const CHARGE = 'charge';
    public const DARK = 'dark';
    public const HOT = 'hot';

    /**
     * @param list<array{trouble: string, steps: list<array{does: string, args: array<string, mixed>, parts: list<Part>}>}> $pages
     */
    private function __construct(public array $pages)
    {
    }

    public static function of(Study $study): self
    {
        return new self(array_values(array_filter([
            ['trouble' => self::OUTLETS, 'steps' => self::outlets($study)],
            ['trouble' => self::CHARGE, 'steps' => self::charge($study)],
            ['trouble' => self::DARK, 'steps' => self::dark($study)],
            ['trouble' => self::HOT, 'steps' => self::hot($study)],
        ], static fn(array $page): bool => $page['steps'] !== [])));
    }

    /**
     * @return list<array{does: string, args: array<string, mixed>, parts: list<Part>}>
     */
    private static function outlets(Study $study): array
    {
        $graph = $study->planned();
        $inlets = $graph->of(Family::ShoreInlet);
        $inverters = array_values(array_filter($graph->parts, static fn(Part $p): bool => $p->kind->isInverter()));
        if ($inlets === [] && $inverters === []) {
            return [];
        }
        $steps = [];
        foreach ($graph->of(Family::EarthLeakage) as $device) {
            $steps[] = self::step('lever', [$device]);
        }
        foreach ($graph->of(Family::Breaker) as $breaker) {
            if (in_array($graph->side(Point::of($breaker->uid, 'in'))->circuit, [CircuitKind::ShoreAc, CircuitKind::InverterAc], true)) {
                $steps[] = self::step('breaker', [$breaker]);
            }
        }
        foreach ($inverters as $inverter) {
            $steps[] = self::step('inverter', [$inverter], ['watts' => Amount::of($inverter->data->known('continuous_w'), 'W')]);
        }
        if ($inlets !== []) {
            $steps[] = self::step('plugged', $inlets);
        }

        return [...$steps, self::step('one-by-one', [])];
    }

    /**
     * @return list<array{does: string, args: array<string, mixed>, parts: list<Part>}>
     */
    private static function charge(Study $study): array
    {
        $graph = $study->planned();
        if ($graph->chargers() === []) {
            return [];
        }
        $steps = [];
        $monitor = $graph->of(Family::Monitor);
        if ($monitor !== []) {
            $steps[] = self::step('full', $monitor);
        }
        $bank = $study->banks()->lithium();
        if ($bank !== null) {
            $steps[] = self::step('cold', $study->banks()->planned->parts, [
                'celsius' => Amount::of($study->banks()->planned->parts[0]->data->orUsual('charge_min_c'), '°C'),
            ]);
        }
        if ($graph->of(Family::MainsCharger) !== []) {
            $steps[] = self::step('hook-up', $graph->of(Family::MainsCharger));
        }
        if ($graph->of(Family::EngineCharger) !== []) {
            $steps[] = self::step('drive', $graph->of(Family::EngineCharger));
        }
        foreach (PvArray::allOf($graph) as $array) {
            if ($array->regulator !== null) {
                $steps[] = self::step('sun', [$array->regulator, ...self::switchesOn($study, CircuitKind::Pv)]);
                break;
            }
        }

        return [...$steps, self::step('save', [])];
    }

    /**
     * @return list<array{does: string, args: array<string, mixed>, parts: list<Part>}>
     */
    private static function dark(Study $study): array
    {
        $graph = $study->planned();
        if (!$study->banks()->planned->exists()) {
            return [];
        }
        $steps = [];
        $main = array_values(array_filter(
            $graph->of(Family::HandSwitch),
            static fn(Part $p): bool => $graph->side(
                Point::of($p->uid, array_keys($p->kind->terminals())[0]),
            )->circuit === CircuitKind::HouseDc,
        ));
        if ($main !== []) {
            $steps[] = self::step('main-switch', $main);
        }
        $disconnect = $graph->of(Family::LowVoltageDisconnect);
        if ($disconnect !== []) {
            $steps[] = self::step('disconnect', $disconnect);
        }
        $wakes = self::wakes($study);
        if ($wakes !== null) {
            $steps[] = $wakes;
        }
        $fuses = $study->circuit()->mainFuses();
        if ($fuses !== []) {
            $steps[] = self::step('main-fuse', $fuses);
        }

        return [...$steps, self::step('light', [])];
    }

    /**
     * Returns what brings the bank back once its BMS has opened.
     *
     * @return ?array{does: string, args: array<string, mixed>, parts: list<Part>}
     */
    private static function wakes(Study $study): ?array
    {
        $back = $study->waking()?->broughtBack();

        return $back === null ? null : self::step($back['how'] === 'cannot' ? 'wake-call' : 'wake-' . $back['how'], $back['parts']);
    }

    /**
     * @return list<array{does: string, args: array<string, mixed>, parts: list<Part>}>
     */
    private static function hot(Study $study): array
    {
        $graph = $study->planned();
        $main = array_values(array_filter(
            $graph->of(Family::Switch),
            static fn(Part $p): bool => $graph->side(
                Point::of($p->uid, array_keys($p->kind->terminals())[0]),
            )->circuit === CircuitKind::HouseDc,
        ));

        return array_values(array_filter([
            self::step('out', []),
            $graph->of(Family::ShoreInlet) === [] ? null : self::step('unplug', $graph->of(Family::ShoreInlet)),
            $main === [] ? null : self::step('off', $main),
            self::step('leave', []),
        ]));
    }

    /**
     * @return list<Part>
     */
    private static function switchesOn(Study $study, CircuitKind $circuit): array
    {
        $graph = $study->planned();

        return array_values(array_filter(
            $graph->of(Family::HandSwitch),
            static fn(Part $p): bool => $graph->side(Point::of($p->uid, array_keys($p->kind->terminals())[0]))->circuit === $circuit,
        ));
    }

    /**
     * @param list<Part>           $parts
     * @param array<string, mixed> $args
     *
     * @return array{does: string, args: array<string, mixed>, parts: list<Part>}
     */
    private static function step(string $does, array $parts, array $args = []): array
    {
        return ['does' => $does, 'args' => [
            ...$args,
            'parts' => array_map(static fn(Part $p): Named => Named::one($p->uid), $parts),
            'at' => implode(', ', array_unique(array_filter(array_map(static fn(Part $p): string => $p->place, $parts)))),
        ], 'parts' => $parts];
    }
}
