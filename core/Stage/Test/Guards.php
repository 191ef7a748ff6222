<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Test;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Named;
use Pebblefell\Setting\Parameter;
use Pebblefell\Stage\Reading;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\SignalKind;

/**
 * Tells what guards the system, proven: the first sunny morning after frost and the dark bank, as Sources and Bank have played them
 * through, done on the vehicle; the engine's signal, and the gauge.
 */
final readonly class Guards
{
    /** A charger that has stopped brings no more than a clamp's own zero, A. Common practice. */
    private const NOTHING_A = 0.5;

    /**
     * @return list<Check>
     */
    public static function of(Study $study): array
    {
        return [...self::frost($study), ...self::engine($study), ...self::wakes($study), ...self::counts($study)];
    }

    /**
     * The first sunny morning: whoever stops the charge is made to stop it, and its sensor is taken away once.
     *
     * @return list<Check>
     */
    private static function frost(Study $study): array
    {
        $batteries = array_values(
            array_filter($study->planned()->houseBatteries(), static fn(Part $p): bool => $p->data->chemistry()->isLithium()),
        );
        if ($batteries === []) {
            return [];
        }
        $morning = $study->simulations->frostMorning();
        $celsius = Amount::of($batteries[0]->data->orUsual('charge_min_c'), '°C');
        $stopped = new Reading('amps', 'A', -self::NOTHING_A, self::NOTHING_A);
        if ($morning === null || !$morning->isMet()) {
            return [
                new Check(
                    'cold',
                    'guards',
                    'cold',
                    ['celsius' => $celsius],
                    $stopped,
                    0.0,
                    ['no-sensor', 'not-told'],
                    self::uids($batteries),
                ),
            ];
        }
        $stray = Amount::of(round($morning->strayA, 1), 'A');
        $checks = [];
        if ($morning->bmsStops) {
            $checks[] = new Check(
                'cold',
                'guards',
                'frost-bms',
                ['celsius' => $celsius, 'stray' => $stray, 'parts' => self::named($morning->regulators)],
                $stopped,
                0.0,
                ['no-sensor', 'not-told'],
                self::uids($batteries),
            );
        }
        // A dead sensor matters most where no BMS stands behind it.
        foreach ($morning->sensors as $part) {
            $args = ['part' => Named::one($part->uid), 'celsius' => $celsius, 'stray' => $stray];
            $checks[] = new Check(
                "frost.$part->uid",
                'guards',
                'frost-sensor',
                $args,
                $stopped,
                0.0,
                ['no-sensor', 'cutoff-off'],
                [$part->uid],
            );
            $checks[] = new Check(
                "blind.$part->uid",
                'guards',
                $morning->bmsStops ? 'frost-blind' : 'frost-blind-alone',
                $args,
                causes: ['goes-on-blind'],
                parts: [$part->uid],
            );
        }
        foreach ($morning->neither as $part) {
            $checks[] = new Check(
                "frost.$part->uid",
                'guards',
                'frost-by-hand',
                ['part' => Named::one($part->uid), 'celsius' => $celsius],
                $stopped,
                0.0,
                ['not-told'],
                [$part->uid],
            );
        }

        return $checks;
    }

    /**
     * @return list<Check>
     */
    private static function engine(Study $study): array
    {
        $checks = [];
        foreach ($study->planned()->of(Family::Dcdc) as $dcdc) {
            if ($study->planned()->hasSignal(SignalKind::EngineRunning, $dcdc->uid)) {
                $args = ['part' => Named::one($dcdc->uid)];
                $checks[] = new Check("engine.$dcdc->uid", 'guards', 'engine', $args, causes: ['no-signal'], parts: [$dcdc->uid]);
            }
        }

        return $checks;
    }

    /**
     * The dark bank: brought back by what Bank says brings it back, each source by itself; and what a disconnect or breaker takes along.
     *
     * @return list<Check>
     */
    private static function wakes(Study $study): array
    {
        $waking = $study->waking();
        $checks = [];
        $back = $waking?->broughtBack();
        if ($waking === null) {
            return [];
        }
        if ($back !== null) {
            $does = ['itself' => 'wakes-itself', 'button' => 'wakes-button', 'wakes' => 'wakes', 'cannot' => 'wakes-not'][$back['how']];
            $checks[] = new Check('wakes', 'guards', $does, ['parts' => self::named($back['parts'])], causes: ['nothing-wakes']);
        }
        foreach (['wakes-source' => $waking->wakers(), 'wakes-unknown' => $waking->unknown()] as $does => $sources) {
            foreach ($sources as $part) {
                $args = ['part' => Named::one($part->uid)];
                $checks[] = new Check("wake.$part->uid", 'guards', $does, $args, causes: ['gives-no-dead-volts'], parts: [$part->uid]);
            }
        }
        foreach ($waking->openings() as ['way' => $way, 'opens' => $opens, 'dark' => $dark]) {
            if ($dark !== []) {
                $args = ['opens' => self::named($opens), 'dark' => self::named($dark)];
                $checks[] = new Check("dark.$way", 'guards', 'dark', $args, causes: ['fed-past-it'], parts: self::uids($opens));
            }
        }

        return $checks;
    }

    /**
     * @return list<Check>
     */
    private static function counts(Study $study): array
    {
        $monitor = $study->planned()->of(Family::Monitor)[0] ?? null;
        if ($monitor === null) {
            return [];
        }
        $sheet = $study->settings()->actsAt($monitor, Parameter::Capacity);
        $args = ['part' => Named::one($monitor->uid), 'capacity' => $sheet === null ? '' : Amount::of($sheet->value, 'Ah')];

        return [new Check('counts', 'guards', 'counts', $args, causes: ['shunt-bypassed'], parts: [$monitor->uid])];
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<Named>
     */
    private static function named(array $parts): array
    {
        return array_map(static fn(Part $p): Named => Named::one($p->uid), $parts);
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<string>
     */
    private static function uids(array $parts): array
    {
        return array_map(static fn(Part $p): string => $p->uid, $parts);
    }
}
