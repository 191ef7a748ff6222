<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Test;

use Pebblefell\Bank\ShortCircuit;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Reading;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\PvArray;

/**
 * Tells what is to be proven of the planned system, with what it promises and within which limits that is kept.
 *
 * Order: common practice (before power, each source alone, loads step by step, joints, mains, guards, days after).
 */
final readonly class TestSheet
{
    /** Key of the last check of every sheet. */
    public const LAST = 'watch';

    /** An earth-leakage device opens at its rated residual current within so much, ms. IEC 61008-1, table 1, general type. */
    public const TRIP_MS = 300.0;

    /** Volts of a string lie between this share of its working volts (dull light) and of its open volts (frost). Common practice. */
    private const STRING_LOW = 0.8;
    private const STRING_HIGH = 1.15;

    /** A charger into a bank that is not full gives at least this share of its rating; none gives more than that. Common practice. */
    private const GIVES_LOW = 0.7;
    private const GIVES_HIGH = 1.1;

    /** A load draws what its plate says within so much. Common practice. */
    private const LOAD_WITHIN = 0.25;

    /** A battery's share is what the links promise within so much of the load. Common practice: a tenth of the load. */
    private const SHARE_WITHIN = 0.10;

    /** The bank may sag so many times what cells and links promise, and the meter errs by so much, V. Chosen. */
    private const SAG_TIMES = 1.6;
    private const METER_V = 0.02;

    /** Joints of a way may lose so many standard deviations more than sound ones. Chosen. */
    private const JOINTS_SIGMA = 3.0;

    /** Loads of the big demonstration. Common practice: the three largest. */
    private const DEMONSTRATED = 3;

    /**
     * @param list<Check> $checks
     */
    private function __construct(public array $checks)
    {
    }

    public static function of(Study $study): self
    {
        $bank = $study->banks()->planned->bank;
        if ($bank === null) {
            return new self([]);
        }

        return new self([
            ...self::before($study),
            ...self::sources($study),
            ...self::loads($study),
            ...self::joints($study),
            ...self::mains($study),
            ...Guards::of($study),
            new Check(self::LAST, 'after', 'watch'),
        ]);
    }

    public function check(string $key): ?Check
    {
        foreach ($this->checks as $check) {
            if ($check->key === $key) {
                return $check;
            }
        }

        return null;
    }

    /**
     * @return list<Check>
     */
    private static function before(Study $study): array
    {
        $bank = $study->banks()->planned->bank;
        $checks = [];
        if ($bank !== null) {
            $checks[] = new Check(
                'polarity',
                'before',
                'polarity',
                [],
                new Reading(
                    'volts',
                    'V',
                    round($bank->chemistry()->lowestCellV() * $bank->cells(), 1),
                    round($bank->chemistry()->ceilingCellV() * $bank->cells(), 1),
                ),
                $bank->nominalV(),
                ['reversed', 'string-wrong', 'bms-open'],
                array_map(static fn(Part $p): string => $p->uid, $study->banks()->planned->parts),
            );
        }
        $checks[] = new Check('tight', 'before', 'tight');
        $fuses = $study->planned()->of(Family::OvercurrentDevice);
        if ($fuses !== []) {
            $checks[] = new Check('fuses', 'before', 'fuses', ['count' => count($fuses)], parts: self::uids($fuses));
        }
        foreach ($study->arrays() as $array) {
            $string = self::string($array);
            if ($string !== null) {
                $checks[] = $string;
            }
        }

        return $checks;
    }

    private static function string(PvArray $array): ?Check
    {
        $panel = $array->panels[0] ?? null;
        [$voc, $vmp] = [$panel?->data->number('voc_v'), $panel?->data->number('vmp_v')];
        if ($array->regulator === null || $voc === null || $vmp === null) {
            return null;
        }
        $series = $array->series();

        return new Check(
            "string.{$array->regulator->uid}",
            'before',
            'string',
            ['part' => Named::one($array->regulator->uid)],
            new Reading('volts', 'V', round(self::STRING_LOW * $series * $vmp, 1), round(self::STRING_HIGH * $series * $voc, 1)),
            round($series * $voc, 1),
            ['panel-out', 'reversed', 'series-wrong'],
            [$array->regulator->uid],
        );
    }

    /**
     * Each source alone: A into the bank, against what it was chosen for.
     *
     * @return list<Check>
     */
    private static function sources(Study $study): array
    {
        $checks = [];
        $limits = $study->settings()->chargeLimits();
        $volts = $study->limits->chargeV()->value ?? $study->system->vehicle->systemV;
        foreach ($study->planned()->chargers() as $part) {
            $rated = array_values(array_filter(array_map($part->data->number(...), ['output_a', 'charge_a', 'max_charge_a'])))[0] ?? null;
            if ($rated === null) {
                continue;
            }
            $promised = min($rated, $limits[$part->uid] ?? $rated);
            $sun = $part->is(Family::SolarRegulator);
            if ($sun) {
                $array = array_values(
                    array_filter($study->arrays(), static fn(PvArray $a): bool => $a->regulator?->uid === $part->uid),
                )[0] ?? null;
                $watts = array_sum(array_map(static fn(Part $p): float => $p->data->known('pmax_w'), $array->panels ?? []));
                $promised = $watts > 0.0 ? min($promised, $watts / $volts) : $promised;
            }
            $fits = match (true) {
                $part->is(Family::SolarRegulator) => 'sun',
                $part->is(Family::EngineCharger) => 'engine',
                default => 'shore',
            };
            $checks[] = new Check(
                "source.$part->uid",
                'sources',
                "source-$fits",
                ['part' => Named::one($part->uid), 'promised' => Amount::of(round($promised, 1), 'A')],
                new Reading('amps', 'A', $sun ? 0.1 : round(self::GIVES_LOW * $promised, 1), round(self::GIVES_HIGH * $promised, 1)),
                round($promised, 1),
                self::sourceCauses($study, $part),
                [$part->uid],
            );
        }

        return $checks;
    }

    /**
     * @return list<string>
     */
    private static function sourceCauses(Study $study, Part $part): array
    {
        $causes = match (true) {
            $part->is(Family::SolarRegulator) => ['cloud', 'nearly-full', 'panel-out'],
            $part->is(Family::EngineCharger) => ['nearly-full', 'no-signal', 'input-drop', 'warm'],
            default => ['nearly-full', 'mains-limit', 'warm'],
        };
        // What the model knows speaks first.
        if ($part->is(Family::Dcdc) && $study->variableAlternator() !== null) {
            array_unshift($causes, 'smart-alternator');
        }
        if (isset($study->settings()->chargeLimits()[$part->uid])) {
            array_unshift($causes, 'set-limit');
        }
        foreach ($study->cables()->runs()->runs as $run) {
            if (($run->near->uid === $part->uid || $run->far->uid === $part->uid) && $run->isTooThin()) {
                array_unshift($causes, 'thin-run');
                break;
            }
        }

        return $causes;
    }

    /**
     * The big demonstration: load upon load, the bank's volts and each battery's share.
     *
     * @return list<Check>
     */
    private static function loads(Study $study): array
    {
        $checks = [];
        $budget = $study->loads()->budget;
        $volts = $study->banks()->planned->bank?->nominalV() ?? $budget->systemV;
        $large = $budget->appliances;
        usort($large, static fn($a, $b): int => $b->watts <=> $a->watts);
        foreach (array_slice($large, 0, self::DEMONSTRATED) as $k => $load) {
            $amps = $study->loads()->atBatteryW($load) / $volts;
            if ($amps < 1.0) {
                continue;
            }
            $checks[] = new Check(
                "load.$k",
                'loads',
                'load',
                ['name' => $load->called(), 'watts' => Amount::of($load->watts, 'W')],
                new Reading('amps', 'A', round((1.0 - self::LOAD_WITHIN) * $amps, 1), round((1.0 + self::LOAD_WITHIN) * $amps, 1)),
                round($amps, 1),
                ['load-other', 'heats-up', 'shunt-bypassed'],
            );
        }
        $drawing = $study->drawing();
        if ($drawing === null) {
            return $checks;
        }
        $ohm = ShortCircuit::of($drawing->network)->bankOhm;
        $checks[] = new Check(
            'sag',
            'loads',
            'sag',
            ['milliohm' => Amount::of(round(1000.0 * $ohm, 2), 'mΩ')],
            new Reading('volts', 'V', 0.0, self::METER_V, 0.0, self::SAG_TIMES * $ohm),
            $ohm,
            ['cold-bank', 'loose-link', 'weak-battery'],
        );
        $share = $drawing->network->share(100.0)->percent();
        foreach ($drawing->network->sources as $i => $source) {
            $part = $drawing->part($source->id);
            if (count($share) > 1 && $part !== null && $share[$i] !== null) {
                $of = $share[$i] / 100.0;
                $checks[] = new Check(
                    "share.$part->uid",
                    'loads',
                    'share',
                    ['part' => Named::one($part->uid), 'percent' => Amount::of(round($share[$i], 0), '%')],
                    new Reading('amps', 'A', -1.0, 1.0, $of - self::SHARE_WITHIN, $of + self::SHARE_WITHIN),
                    $of,
                    ['loose-link', 'weak-battery', 'clamp-direction'],
                    [$part->uid],
                );
            }
        }

        return $checks;
    }

    /**
     * Drops of the whole way to each device and back; the joint itself is hunted from there.
     *
     * @return list<Check>
     */
    private static function joints(Study $study): array
    {
        $checks = [];
        foreach (DeviceWay::all($study) as $way) {
            $most = $way->chain->expectedOhm(0, count($way->pieces)) + self::JOINTS_SIGMA * $way->chain->spreadOhm(0, count($way->pieces));
            $ohm = $way->chain->expectedOhm(0, count($way->pieces));
            $checks[] = new Check(
                "way.{$way->part->uid}",
                'joints',
                $way->hasBack() ? 'way' : 'way-out',
                ['part' => $way->part, 'milliohm' => Amount::of(round(1000.0 * $ohm, 2), 'mΩ')],
                new Reading('volts', 'V', 0.0, self::METER_V, 0.0, $most),
                $ohm,
                ['bad-joint', 'thinner-lead', 'longer-lead'],
                [$way->part->uid],
            );
        }
        $checks[] = new Check('warmth', 'joints', 'warmth', causes: ['bad-joint', 'no-air']);

        return $checks;
    }

    /**
     * @return list<Check>
     */
    private static function mains(Study $study): array
    {
        $checks = [];
        foreach ($study->planned()->of(Family::EarthLeakage) as $device) {
            $checks[] = new Check(
                "leak.$device->uid",
                'mains',
                'leak',
                [
                    'part' => Named::one($device->uid),
                    'milliamp' => $device->data->number('residual_ma') === null ? Word::of('tests.its-rating') : Amount::of(
                        $device->data->known('residual_ma'),
                        'mA',
                    ),
                ],
                new Reading('trip_time', 'ms', 0.0, self::TRIP_MS),
                null,
                ['no-earth', 'bond-wrong', 'device-dead'],
                [$device->uid],
            );
        }
        if ($study->planned()->inverter() !== null || $study->planned()->of(Family::ShoreInlet) !== []) {
            $checks[] = new Check('outlets', 'mains', 'outlets');
        }

        return $checks;
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
