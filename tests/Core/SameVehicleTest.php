<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Setting\Parameter;
use Pebblefell\Study;
use Pebblefell\System\JobFile;
use Pebblefell\System\Kind\Family;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Sample;

/**
 * The same vehicle told otherwise: with twice the volts and half the amperes, in another order, load by load, on the other half of the
 * globe. What is said of it, and what it does, stays as it is. A figure of the trade that holds for 12 V and is used for every system would show
 * here, and so would a rule that goes by the order in which rows were typed.
 */
#[Group('sampled')]
final class SameVehicleTest extends TestCase
{
    use WholeJobs;

    /**
     * Lines of a data sheet that are volts of the house, and its amperes, by kind. What is on the side of the mains or the engine stays; an
     * array has as many in series with twice the volts.
     */
    private const VOLTS = [
        'battery' => [
            'nominal_v', 'absorption_v', 'float_v', 'max_charge_v', 'rested_full_v', 'bms_low_v', 'bms_high_v', 'equalise_v',
        ],
        'inverter' => ['input_v', 'low_cutoff_v', 'restart_v', 'warning_v'],
        'inverter_charger' => ['input_v', 'low_cutoff_v', 'restart_v', 'warning_v', 'absorption_min_v', 'absorption_max_v'],
        'dcdc' => ['output_v', 'absorption_min_v', 'absorption_max_v'],
        'mains_charger' => ['output_v', 'absorption_min_v', 'absorption_max_v'],
        'converter' => ['output_v', 'absorption_min_v', 'absorption_max_v'],
        'regulator' => ['max_pv_v', 'absorption_min_v', 'absorption_max_v'],
        'panel' => ['voc_v', 'vmp_v'],
        'low_voltage_disconnect' => ['disconnect_v', 'reconnect_v'],
    ];
    private const AMPERES = [
        'battery' => ['capacity_ah', 'measured_ah', 'charge_limit_a', 'discharge_limit_a', 'recommended_charge_a', 'tail_a', 'peak_a'],
        'inverter_charger' => ['charge_a'],
        'dcdc' => ['output_a'],
        'mains_charger' => ['output_a'],
        'converter' => ['output_a'],
        'regulator' => ['max_charge_a'],
        'panel' => ['isc_a', 'imp_a'],
        'fuse' => ['rating_a'],
        'breaker' => ['rating_a'],
        'switch' => ['rating_a'],
        'low_voltage_disconnect' => ['rating_a'],
        'busbar' => ['rating_a'],
        'distribution_box' => ['rating_a'],
    ];

    /** What is made for 12 V where its sheet does not say. */
    private const TWELVE = [
        'inverter' => 'input_v', 'inverter_charger' => 'input_v', 'dcdc' => 'output_v', 'mains_charger' => 'output_v',
        'converter' => 'output_v',
    ];

    /**
     * @param array<string, mixed> $tree
     */
    private static function twice(array $tree): Study
    {
        $tree['vehicle']['system_v'] *= 2.0;
        foreach ($tree['parts'] as &$part) {
            if (($part['role'] ?? 'house') !== 'house') {
                continue;
            }
            $data = $part['data'];
            $own = self::TWELVE[$part['kind']] ?? null;
            $data += $own === null ? [] : [$own => 12.0];
            foreach ([[self::VOLTS, 2.0], [self::AMPERES, 0.5], [['battery' => ['internal_mohm']], 4.0]] as [$lines, $times]) {
                foreach ($lines[$part['kind']] ?? [] as $line) {
                    $data = isset($data[$line]) ? [...$data, $line => $data[$line] * $times] : $data;
                }
            }
            $part['data'] = $data;
        }
        unset($part);
        foreach ($tree['settings'] as &$setting) {
            foreach (['planned', 'as_set', 'found'] as $column) {
                if (is_numeric($setting[$column] ?? null)) {
                    $times = match (true) {
                        str_ends_with($setting['parameter'], '_v') => 2.0,
                        in_array($setting['parameter'], ['charge_current_a', 'tail_current_a'], true) => 0.5,
                        default => 1.0,
                    };
                    $setting[$column] = (string) ($setting[$column] * $times);
                }
            }
        }

        return Study::of(JobFile::fromArray([...$tree, 'answers' => []]));
    }

    /**
     * @return iterable<string, array{Study, Study}> a vehicle of 12 V, and of 24 V
     */
    private static function both(): iterable
    {
        foreach (self::wholeJobs() as $name => [$study]) {
            $tree = JobFile::toArray($study->system);
            if ($study->system->vehicle->systemV < 13.0) {
                $pair = [Study::of(JobFile::fromArray([...$tree, 'answers' => []])), self::twice($tree)];
                yield $name => $pair;
                yield "$name, wired" => array_map(self::wired(...), $pair);
            }
        }
    }

    /**
     * @return array<string, string> severity by rule and part
     */
    private static function told(Study $study): array
    {
        $rules = [];
        foreach ($study->assessment()->verdicts as $verdict) {
            $rules["{$verdict->finding->rule}@{$verdict->finding->subject}"] = $verdict->finding->severity->value;
        }
        ksort($rules);

        return $rules;
    }

    /**
     * Ten vehicles as they are, and soundly wired, as files without answers.
     *
     * @return iterable<string, array<string, mixed>>
     */
    private static function trees(): iterable
    {
        foreach (self::wholeJobs() as $name => [$study]) {
            yield $name => ['answers' => []] + JobFile::toArray($study->system);
            yield "$name, wired" => ['answers' => []] + JobFile::toArray(self::wired($study)->system);
        }
    }

    public function testTheOrderInWhichItWasTypedSaysNothing(): void
    {
        foreach (self::trees() as $name => $tree) {
            $turned = $tree;
            foreach (['parts', 'conductors', 'signals', 'scenarios', 'appliances', 'settings', 'measurements', 'choices'] as $list) {
                $turned[$list] = array_reverse($tree[$list] ?? []);
            }
            [$a, $b] = [Study::of(JobFile::fromArray($tree)), Study::of(JobFile::fromArray($turned))];
            self::assertSame(self::told($a), self::told($b), $name);
            self::assertEqualsWithDelta($a->loads()->budget->energyWhDay, $b->loads()->budget->energyWhDay, 1e-9, $name);
            self::assertEqualsWithDelta($a->simulations->year()?->servedPct(), $b->simulations->year()?->servedPct(), 1e-6, $name);
        }
    }

    public function testSeveralOfALoadAreThatManyLoads(): void
    {
        $split = 0;
        foreach (self::trees() as $name => $tree) {
            $each = [];
            foreach ($tree['appliances'] as $load) {
                $count = (int) ($load['quantity'] ?? 1);
                for ($i = 0; $i < $count; ++$i) {
                    $each[] = [...$load, 'uid' => $load['uid'] . ($i === 0 ? '' : "9$i"), 'quantity' => 1];
                    $split += $i === 0 ? 0 : 1;
                }
            }
            [$a, $b] = [Study::of(JobFile::fromArray($tree)), Study::of(JobFile::fromArray([...$tree, 'appliances' => $each]))];
            self::assertSame(self::told($a), self::told($b), $name);
            self::assertEqualsWithDelta($a->loads()->budget->energyWhDay, $b->loads()->budget->energyWhDay, 1e-6, $name);
            self::assertEqualsWithDelta($a->loads()->budget->acPeakW, $b->loads()->budget->acPeakW, 1e-6, $name);
        }
        self::assertGreaterThan(4, $split);
    }

    /** Half a year later and facing north, the south is the north; but for the sun, which is 3 % nearer in January than in July. */
    public function testTheSouthIsTheNorthHalfAYearLater(): void
    {
        foreach (self::trees() as $name => $tree) {
            if (!isset($tree['place']) || str_contains($name, 'wired')) {
                continue;
            }
            $half = static fn(array $months): array => [...array_slice($months, 6), ...array_slice($months, 0, 6)];
            $south = $tree;
            $south['place']['latitude_deg'] *= -1.0;
            foreach (['clearness', 'min_c'] as $line) {
                $south['place'][$line] = $half($tree['place'][$line]);
            }
            $south['travel']['months'] = array_map(static fn(int $m): int => ($m + 5) % 12 + 1, $tree['travel']['months']);
            foreach ($south['parts'] as &$part) {
                if ($part['kind'] === 'panel') {
                    $part['data'] = ['azimuth_deg' => fmod(540.0 - ($part['data']['azimuth_deg'] ?? 180.0), 360.0)] + $part['data'];
                }
            }
            unset($part);
            [$a, $b] = [Study::of(JobFile::fromArray($tree)), Study::of(JobFile::fromArray($south))];
            self::assertSame(self::told($a), self::told($b), $name);
            $sun = $a->simulations->sun()?->coverage();
            self::assertEqualsWithDelta($sun, $b->simulations->sun()?->coverage(), 0.08 * (float) $sun, $name);
        }
    }

    public function testTheSameIsSaidOfTwiceTheVolts(): void
    {
        $all = 0;
        foreach (self::both() as $name => [$twelve, $twentyFour]) {
            [$a, $b] = [self::told($twelve), self::told($twentyFour)];
            // The cables are as thick as they were: half the amperes burn none of them. And fuses are made in steps.
            $steps = static fn(string $rule): bool => preg_match('/^(fuse-above-cable|not-selective)@/', $rule) === 0;
            self::assertSame(array_filter($a, $steps, ARRAY_FILTER_USE_KEY), array_filter($b, $steps, ARRAY_FILTER_USE_KEY), $name);
            $all += count($b);
        }
        self::assertGreaterThan(25, $all);
    }

    public function testItLastsAsLongAndTheSunBringsAsMuch(): void
    {
        foreach (self::both() as $name => [$twelve, $twentyFour]) {
            $figures = static fn(Study $s): array => [
                'energy a day' => $s->loads()->budget->energyWhDay,
                'need' => $s->banks()->need->value,
                'usable' => $s->banks()->planned->bank === null ? null : $s->banks()->planned->usable()->value,
                'days' => $s->banks()->planned->bank === null ? null : $s->banks()->planned->days()->value,
                'mass' => $s->banks()->planned->bank?->massKg(),
                'watts at its limit' => ($s->banks()->planned->bank?->dischargeLimitA() ?? 0.0) * $s->system->vehicle->systemV,
                'sun' => $s->simulations->sun()?->coverage(),
                // A bare relay passes its amperes at whatever volts there are: it has no like at twice the volts.
                'year' => $s->planned()->of(Family::SplitRelay) === [] ? $s->simulations->year()?->servedPct() : null,
            ];
            [$a, $b] = [$figures($twelve), $figures($twentyFour)];
            foreach ($a as $what => $value) {
                $within = 1e-6 * max(1.0, (float) $value) + ($what === 'year' ? 0.5 : 0.0);
                self::assertEqualsWithDelta($value, $b[$what], $within, "$name: $what");
            }
        }
    }

    /** Volts are proposed twice as high, amperes of the house half as large; what is on the other side of a charger stays. */
    public function testItsSettingsFollow(): void
    {
        $other = [Parameter::InputLimit, Parameter::SupplyLimit, Parameter::EngineOff];
        $seen = 0;
        foreach (self::both() as $name => [$twelve, $twentyFour]) {
            $rows = static function (Study $study): array {
                $rows = [];
                foreach ($study->settings()->devices as ['part' => $part, 'rows' => $own]) {
                    foreach ($own as $row) {
                        $rows["$part->uid {$row->parameter->value}"] = $row;
                    }
                }

                return $rows;
            };
            [$a, $b] = [$rows($twelve), $rows($twentyFour)];
            self::assertSame(array_keys($a), array_keys($b), $name);
            foreach ($a as $key => $row) {
                $times = match (true) {
                    in_array($row->parameter, $other, true) => 1.0,
                    in_array($row->parameter->unit(), ['V', 'mV/°C'], true) => 2.0,
                    in_array($row->parameter->unit(), ['A', 'Ah'], true) => 0.5,
                    default => 1.0,
                };
                if ($row->profile->number === null) {
                    self::assertSame($row->profile->text(), $b[$key]->profile->text(), "$name: $key");
                } else {
                    // As fine as a device is set.
                    $within = 0.011 * $times + ($row->parameter->unit() === 'A' ? 0.5 : 0.0);
                    self::assertEqualsWithDelta($times * $row->profile->number, $b[$key]->profile->number, $within, "$name: $key");
                }
                ++$seen;
            }
        }
        self::assertGreaterThan(60, $seen);
    }

    /**
     * A bar of any size in the middle of a lead, a lead drawn from its other end, or two side by side of half its size: the current does not
     * care, and so nothing may be said otherwise. What lugs and links add between batteries is real, and is left out.
     */
    public function testHowALeadIsDrawnSaysNothing(): void
    {
        $cases = $before = [];
        foreach (self::trees() as $name => $tree) {
            foreach ($tree['conductors'] as &$conductor) {
                $conductor['length_m'] ??= 1.0;
            }
            unset($conductor);
            $before[$name] = self::told(Study::of(JobFile::fromArray($tree)));
            $houses = array_column(
                array_filter($tree['parts'], static fn(array $p): bool => $p['kind'] === 'battery' && ($p['role'] ?? 'house') === 'house'),
                'uid',
            );
            foreach (array_keys($tree['conductors']) as $at) {
                foreach (['bar', 'turned', 'pair'] as $how) {
                    $other = self::drawnOtherwise($tree, (int) $at, $how, $houses);
                    if ($other !== null) {
                        $cases[] = [$name, $other, "$name, lead $at, $how"];
                    }
                }
            }
        }
        self::assertGreaterThan(250, count($cases));
        foreach (Sample::some($cases, 60) as [$name, $other, $case]) {
            self::assertSame($before[$name], self::told(Study::of(JobFile::fromArray($other))), $case);
        }
    }

    /**
     * @param array<string, mixed> $tree
     * @param list<string>         $houses batteries of the house
     *
     * @return ?array<string, mixed>
     */
    private static function drawnOtherwise(array $tree, int $at, string $how, array $houses): ?array
    {
        $lead = $tree['conductors'][$at];
        $ofBank = array_map(
            static fn(string $end): bool => in_array(explode('.', $lead[$end])[0], $houses, true),
            ['from' => 'from', 'to' => 'to'],
        );
        if (isset($lead['planned_from']) || isset($lead['planned_to']) || ($ofBank['from'] && $ofBank['to'])) {
            return null;
        }
        if ($how === 'turned') {
            $tree['conductors'][$at] = ['from' => $lead['to'], 'to' => $lead['from']] + $lead;

            return $tree;
        }
        if ($how === 'bar') {
            $half = ['length_m' => $lead['length_m'] / 2.0] + $lead;
            $tree['parts'][] = ['uid' => 'zz', 'kind' => 'busbar', 'fate' => 'add', 'data' => ['rating_a' => 5000], 'serial' => 'x', 'place' => 'x'];
            $tree['conductors'][$at] = ['to' => 'zz.bar'] + $half;
            $tree['conductors'][] = ['uid' => 'zzz', 'from' => 'zz.bar'] + $half;

            return $tree;
        }
        // A third lug on a post is a word of its own, and two thinner ones carry more than one that is as thick as both.
        if (!isset($lead['size_mm2']) || $ofBank['from'] || $ofBank['to'] || $lead['size_mm2'] > 35.0) {
            return null;
        }
        $half = ['size_mm2' => $lead['size_mm2'] / 2.0] + $lead;
        $tree['conductors'][$at] = $half;
        $tree['conductors'][] = ['uid' => 'zzz'] + $half;

        return $tree;
    }
}
