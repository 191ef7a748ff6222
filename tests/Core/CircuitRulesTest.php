<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Words\Lexicon;
use App\Words\Show;
use Pebblefell\Circuit\AcSide;
use Pebblefell\Region\Units;
use Pebblefell\Stage\Loads\OtherSystem;
use Pebblefell\Study;
use Pebblefell\System\Fate;
use Pebblefell\System\JobFile;
use Pebblefell\System\PartKind;
use Pebblefell\System\System;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Sample;

/**
 * Rules that follow conductors, amps in time and volts: each speaks about one system and is silent, or asks, about one a step beside it.
 */
#[Group('sampled')]
final class CircuitRulesTest extends TestCase
{
    use SoundSystem;

    /**
     * @param array<string>                    $wires "from to mm² m insulation", the last three optional
     * @param array<string, array{0: string, 1?: array<string, mixed>, 2?: string}> $parts kind, and data, by uid
     * @param array<string, mixed>             $more  at the top of the file
     * @param array<string, mixed>             $battery
     */
    private static function drawn(array $wires, array $parts = [], array $more = [], array $battery = self::LFP, int $batteries = 1): System
    {
        $rows = $conductors = [];
        foreach ($parts as $uid => $part) {
            $role = $part[2] ?? null;
            $rows[] = self::part($uid, $part[0], $part[1] ?? [], 'add', $role === null ? [] : ['role' => $role]);
        }
        foreach (array_values($wires) as $i => $wire) {
            [$from, $to, $mm2, $m, $class] = [...explode(' ', $wire), '', '', ''];
            $conductors[] = ['uid' => "w$i", 'from' => $from, 'to' => $to] + array_filter(
                ['size_mm2' => (float) $mm2, 'length_m' => (float) $m, 'insulation_c' => (float) $class],
            );
        }

        return self::system(['conductors' => $conductors, ...$more], $rows, $battery, $batteries);
    }

    /**
     * @return iterable<string, array{string, string, System, System}> rule and subject, severity, the system that it speaks about, the
     *     one beside it
     */
    public static function cases(): iterable
    {
        $main = ['b1.plus f1.in'];
        $inverter = ['v1' => ['inverter', ['continuous_w' => 1000]]];
        $ac = self::load(['side' => 'ac', 'watts' => 100]);
        $v24 = [
            'vehicle' => ['kind' => 'coach', 'system_v' => 24],
            'conductors' => [['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in']],
        ];

        $device = static fn(string $kind, array $data): System => self::system($v24, [self::part('x', $kind, $data)], batteries: 2);
        yield 'a 12 V inverter on 24 V' => [
            'device-volts@x', 'stop', $device('inverter', ['continuous_w' => 500, 'input_v' => 12]),
            $device('inverter', ['continuous_w' => 500, 'input_v' => 24]),
        ];
        yield 'a 12 V alternator for the house on 24 V' => [
            'device-volts@x', 'stop', $device('alternator', ['rated_a' => 280, 'for_house' => true, 'regulated_v' => 14.2]),
            $device('alternator', ['rated_a' => 280, 'for_house' => false, 'regulated_v' => 14.2]),
        ];
        yield 'a charger for 12 V, one for 24 V' => [
            'device-volts@x', 'stop', $device('mains_charger', ['output_a' => 30, 'output_v' => 12, 'lithium' => 'custom']),
            $device('mains_charger', ['output_a' => 30, 'output_v' => 24, 'lithium' => 'custom']),
        ];
        $boost = static fn(float $from, float $to): System => self::system(
            [],
            [
                self::part('x', 'dcdc', ['output_a' => 20, 'input_min_v' => $from, 'input_max_v' => $to, 'lithium' => 'custom']),
                self::part('l1', 'alternator', ['rated_a' => 120, 'regulated_v' => 28.2]),
            ],
        );
        yield 'an input for 12 V on a 24 V alternator' => ['device-volts@x', 'stop', $boost(10.5, 16), $boost(20, 33)];
        $fuse = static fn(float $volts): System => self::system(
            ['vehicle' => ['kind' => 'raft', 'system_v' => 48], 'conductors' => [['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'x.in']]],
            [self::part('x', 'fuse', ['rating_a' => 100, 'max_v' => $volts])],
            batteries: 4,
        );
        yield 'a 32 V fuse on 48 V' => ['protection-volts@x', 'stop', $fuse(32), $fuse(80)];
        $panels = static fn(int $n, float $volts): System => self::drawn(['p1.plus x.in', 'x.out r1.pv_plus', ...$main], [
            ...array_combine(array_map(static fn(int $i): string => "p$i", range(1, $n)), array_fill(0, $n, ['panel', self::PANEL])),
            'x' => ['breaker', ['rating_a' => 20, 'max_v' => $volts]], 'r1' => [
                'regulator',
                ['technology' => 'mppt', 'max_charge_a' => 50, 'max_pv_v' => 250, 'array_series' => $n, 'lithium' => 'custom'],
            ],
        ]);
        yield 'a breaker of too few volts at the array' => ['protection-volts@x', 'stop', $panels(3, 60), $panels(3, 100)];
        yield 'an array that can kill' => ['touch-volts@r1', 'note', $panels(3, 100), $panels(2, 100)];
        yield 'nothing opens the array' => [
            'no-solar-switch@r1',
            'note',
            self::drawn(
                ['p1.plus r1.pv_plus', ...$main],
                [
                    'p1' => ['panel', self::PANEL],
                    'r1' => ['regulator', ['technology' => 'mppt', 'max_charge_a' => 10, 'lithium' => 'custom']],
                ],
            ),
            $panels(1, 100),
        ];

        $charge = static fn(float $amps, string $set = ''): System => self::system(
            ($set === '' ? [] : ['settings' => [['part' => 'd1', 'parameter' => 'charge_current_a', 'as_set' => $set]]]),
            [
                self::part('d1', 'dcdc', ['output_a' => $amps, 'lithium' => 'custom']), self::part('p1', 'panel', ['pmax_w' => 200]),
                self::part('r1', 'regulator', ['technology' => 'mppt', 'max_charge_a' => 20, 'lithium' => 'custom']),
            ],
            [...self::LFP, 'charge_limit_a' => 50],
        );
        yield 'sun with the engine' => ['charge-sum', 'fix', $charge(40), $charge(30)];
        yield 'until it is set lower' => ['charge-sum', 'fix', $charge(40), $charge(40, '30')];
        $start = static fn(float $surge, float $watts = 300): System => self::system(
            self::load(['side' => 'ac', 'watts' => $watts, 'surge_w' => $surge]),
            [self::part('v1', 'inverter', ['continuous_w' => 900, 'surge_w' => 6000])],
            [...self::LFP, 'discharge_30s_a' => 200],
        );
        yield 'a start above the 30 s limit' => ['start-opens-bms', 'fix', $start(2500), $start(1200)];
        yield 'full power above the limit for long' => [
            'start-opens-bms', 'note', self::system($ac, [self::part('v1', 'inverter', ['continuous_w' => 2000])]),
            self::system($ac, [self::part('v1', 'inverter', ['continuous_w' => 800])]),
        ];
        $warm = static fn(float $celsius): System => self::system(
            [
                'measurements' => [
                    ['uid' => 'm', 'part' => 'v1', 'quantity' => 'temperature', 'value' => $celsius, 'at' => '2026-11-25T09:00:00Z'],
                ],
                ...$ac,
            ],
            [self::part('v1', 'inverter', ['continuous_w' => 800])],
        );
        yield 'an inverter in a warm locker' => ['heat-derates@v1', 'note', $warm(40), $warm(24)];

        $cold = static fn(array $battery, array $months = [1], array $parts = []): System => self::system(
            [
                'travel' => ['months' => $months, 'wish_days' => 1, 'hook_up' => 'mostly', 'driving_h_day' => 1],
                'place' => [
                    'name' => 'P', 'latitude_deg' => 63, 'min_c' => [-8, -8, -6, -2, 2, 8, 9, 9, 5, 2, -3, -6], 'record_low_c' => -30,
                ],
            ],
            $parts,
            [...self::LFP, ...$battery],
        );
        yield 'a record of January says nothing of July' => [
            'charging-below-freezing', 'fix', $cold(['heater_w' => 0]), $cold(['heater_w' => 0], [7]),
        ];
        yield 'a heater that holds, and one that does not' => [
            'charging-below-freezing', 'fix', $cold(['heater_w' => 5]), $cold(['heater_w' => 40]),
        ];
        yield 'warm, but nothing stops the charge' => ['charging-below-freezing', 'stop', $cold(['low_temp_cutoff' => false]), $cold([])];

        $unfused = static fn(string ...$wires): System => self::drawn($wires, $inverter);
        yield 'an inverter on the bank without a fuse' => [
            'no-main-fuse', 'stop', $unfused('b1.plus v1.battery_plus', 'b1.plus f1.in'),
            $unfused('b1.plus f1.in', 'f1.out v1.battery_plus'),
        ];
        yield 'nothing drawn is asked' => ['no-main-fuse', 'fix', $unfused(), $unfused('b1.plus f1.in')];
        $switched = static fn(string ...$wires): System => self::drawn(
            $wires,
            ['s1' => ['switch', ['rating_a' => 200]], 'g1' => ['distribution_box', ['circuits' => 6]]],
        );
        yield 'a switch before the fuse' => [
            'main-fuse-not-placed@f1', 'fix', $switched('b1.plus s1.in', 's1.out f1.in', 'f1.out g1.supply_plus'),
            $switched('b1.plus f1.in', 'f1.out s1.in', 's1.out g1.supply_plus'),
        ];
        $long = static fn(float $watts): System => self::system(self::load(['watts' => $watts]));
        yield 'for hours at its rating' => ['main-fuse-too-small@f1', 'fix', $long(1100), $long(900)];
        $each = static fn(float $watts): System => self::drawn(
            ['b1.plus x.in', 'b2.plus y.in', 'x.out z.bar', 'y.out z.bar', 'z.bar g.supply_plus'],
            [
                'x' => ['fuse', ['rating_a' => 60, 'interrupt_a' => 20000]],
                'y' => ['fuse', ['rating_a' => 60, 'interrupt_a' => 20000]], 'z' => ['busbar', ['rating_a' => 250]],
                'g' => ['distribution_box', ['circuits' => 6]],
            ],
            self::load(['watts' => $watts]),
            batteries: 2,
        );
        yield 'two fuses, each on its battery, share the load' => ['main-fuse-too-small@x', 'fix', $each(1300), $each(1100)];
        $breaks = static fn(float $amps): System => self::drawn(
            ['b1.plus x.in'],
            ['x' => ['fuse', ['rating_a' => 150, 'interrupt_a' => $amps]]],
            battery: [...self::LFP, 'internal_mohm' => 4],
        );
        yield 'a terminal fuse of 10 kA is right on 4 mΩ' => ['main-fuse-breaks-too-little@x', 'stop', $breaks(2000), $breaks(10_000)];
        $branch = static fn(string $lead): System => self::drawn(
            ['b1.plus f1.in 35 0.3', "f1.out y.bar $lead", "y.bar x.in $lead"],
            ['y' => ['busbar', ['rating_a' => 250]], 'x' => ['fuse', ['rating_a' => 20, 'family' => 'blade']]],
            battery: [...self::LFP, 'internal_mohm' => 2],
        );
        yield 'a blade fuse close by, and one far off' => ['fuse-breaks-too-little@x', 'fix', $branch('35 0.5'), $branch('2.5 3')];
        $cable = static fn(string ...$wires): System => self::drawn([...$main, ...$wires], $inverter);
        yield 'a fuse above its cable' => [
            'fuse-above-cable@f1', 'stop', $cable('f1.out v1.battery_plus 10 2 90'), $cable('f1.out v1.battery_plus 25 2 90'),
        ];
        yield 'two side by side carry their sum' => [
            'fuse-above-cable@f1', 'stop', $cable('f1.out v1.battery_plus 10 2 90'),
            $cable('f1.out v1.battery_plus 10 2 90', 'f1.out v1.battery_plus 10 2 90'),
        ];
        yield 'insulation that nobody noted is asked' => [
            'fuse-above-cable@f1', 'note', $cable('f1.out v1.battery_plus 16 2'), $cable('f1.out v1.battery_plus 16 2 90'),
        ];

        $layer = static fn(array $data, string ...$behind): System => self::drawn(
            [...$main, 'f1.out d1.supply', ...$behind],
            [...$inverter, 'd1' => ['low_voltage_disconnect', $data + ['rating_a' => 100, 'disconnect_v' => 11.5]]],
        );
        yield 'an inverter behind a disconnect' => [
            'disconnect-feeds-inverter@d1', 'stop', $layer([], 'd1.load v1.battery_plus'), $layer([], 'f1.out v1.battery_plus'),
        ];
        yield 'unless it carries both ways' => [
            'disconnect-feeds-inverter@d1', 'stop', $layer([], 'd1.load v1.battery_plus'),
            $layer(['carries_both_ways' => true], 'd1.load v1.battery_plus'),
        ];
        yield 'a charger behind a disconnect' => [
            'charger-behind-disconnect@k1', 'fix', $layer([], 'd1.load k1.output_plus'), $layer([], 'f1.out k1.output_plus'),
        ];
        yield 'a disconnect a step above the BMS' => [
            'disconnect-below-bms@d1', 'fix', $layer(['disconnect_v' => 11.0]), $layer(['disconnect_v' => 11.1]),
        ];

        $rcd = static fn(float $milliamps, string ...$wires): System => self::drawn(
            [...$main, ...$wires],
            [
                ...$inverter, 'e1' => ['earth_leakage', ['rating_a' => 16, 'residual_ma' => $milliamps]],
                's1' => ['breaker', ['rating_a' => 16]], 'i1' => ['shore_inlet', ['rating_a' => 16]],
            ],
            $ac,
        );
        yield '300 mA protects a house, not people' => [
            'earth-leakage-not-covered@v1', 'stop', $rcd(300, 'v1.ac_out e1.line', 'e1.load s1.in'),
            $rcd(30, 'v1.ac_out e1.line', 'e1.load s1.in'),
        ];
        yield 'a device at the inlet does not see the inverter' => [
            'earth-leakage-not-covered@v1', 'stop', $rcd(30, 'i1.ac_out e1.line', 'e1.load s1.in', 'v1.ac_out s1.in'),
            $rcd(30, 'i1.ac_out e1.line', 'v1.ac_out e1.line', 'e1.load s1.in'),
        ];
        yield 'nothing drawn at the outlets is asked' => [
            'earth-leakage-not-covered@v1', 'fix', self::system($ac, [self::part('v1', 'inverter', ['continuous_w' => 800])]),
            self::system($ac, [self::part('v1', 'inverter', ['continuous_w' => 800, 'earth_leakage_ma' => 30])]),
        ];
        $bond = static fn(string $bond): System => self::system(
            [],
            [self::part('v1', 'inverter', ['continuous_w' => 800, 'neutral_bond' => $bond])],
        );
        yield 'an open neutral' => ['neutral-bond-open@v1', 'note', $bond('open'), $bond('switched')];
        $loop = static fn(string ...$wires): System => self::drawn(
            [...$main, ...$wires],
            [...$inverter, 'e1' => ['earth_leakage', ['rating_a' => 16, 'residual_ma' => 30]], 'i1' => ['shore_inlet', ['rating_a' => 16]]],
        );
        yield 'a charger on the inverter, past a device' => [
            'charging-loop@k1', 'stop', $loop('v1.ac_out e1.line', 'e1.load k1.ac_in'), $loop('i1.ac_out e1.line', 'e1.load k1.ac_in'),
        ];
        yield 'a charger that nobody knows the supply of' => ['charger-supply-unknown@k1', 'note', $loop(), $loop('i1.ac_out k1.ac_in')];
        $starter = static fn(string $kind, array $data, string $a, string $b): System => self::drawn(
            [...$main, "f1.out x.$a", "x.$b z.plus"],
            ['x' => [$kind, $data], 'z' => ['battery', self::AGM, 'starter']],
        );
        yield 'starter and house through a switch alone' => [
            'starter-joined@z', 'stop', $starter('switch', ['rating_a' => 200], 'in', 'out'),
            $starter('isolator', ['method' => 'duty_cycled'], 'house', 'starter'),
        ];

        yield 'nothing measures the charge' => [
            'no-monitor', 'note', self::system(['conductors' => [], 'parts' => [self::part('b1', 'battery', self::LFP)]]),
            self::system(),
        ];
        yield 'while nobody is there it is a fix' => [
            'no-monitor',
            'fix',
            self::system(
                [
                    'travel' => ['months' => [6], 'unattended' => true], 'conductors' => [],
                    'parts' => [self::part('b1', 'battery', self::LFP)],
                ],
            ),
            self::system(['travel' => ['months' => [6], 'unattended' => true]]),
        ];
        yield 'nothing cuts the bank' => [
            'no-isolator', 'fix',
            self::drawn(['b1.plus x.in', 'x.out v1.battery_plus'], [...$inverter, 'x' => ['fuse', ['rating_a' => 100]]]),
            self::drawn(['b1.plus f1.in', 'f1.out v1.battery_plus'], $inverter),
        ];
        $engine = static fn(array $dcdc, array $alternator, array $more = []): System => self::system(
            $more,
            [
                self::part('d1', 'dcdc', ['output_a' => 30, 'lithium' => 'custom', ...$dcdc]),
                self::part('l1', 'alternator', ['rated_a' => 120, ...$alternator]),
            ],
        );
        $signal = ['signals' => [['uid' => 'g1', 'kind' => 'engine_running', 'from' => 'l1', 'to' => 'd1', 'fate' => 'add']]];
        yield 'a wire that is wanted' => [
            'no-engine-signal@d1', 'fix', $engine(['engine_signal' => 'ignition_wire'], []),
            $engine(['engine_signal' => 'ignition_wire'], [], $signal),
        ];
        yield 'volts beside a variable alternator' => [
            'smart-alternator@d1', 'fix', $engine(['engine_signal' => 'volts'], ['variable_volts' => true]),
            $engine(['engine_signal' => 'volts'], []),
        ];
        $relay = static fn(array $data, string $kind, array $alternator = []): System => self::system(
            ['vehicle' => ['kind' => $kind, 'system_v' => 12]],
            [
                self::part('i1', 'isolator', ['method' => 'relay', ...$data]),
                self::part('l1', 'alternator', ['rated_a' => 300, ...$alternator]),
            ],
        );
        yield 'a relay of 50 A' => [
            'relay-overloaded@i1', 'fix', $relay(['rating_a' => 50], 'motorhome'), $relay(['rating_a' => 50], 'caravan'),
        ];
        yield 'a relay that goes by volts' => [
            'smart-alternator@i1', 'fix', $relay(['method' => 'volts_sensing'], 'caravan', ['variable_volts' => true]),
            $relay(['method' => 'relay'], 'caravan', ['variable_volts' => true]),
        ];
        yield 'over the plug of a caravan the relay is no stop' => [
            'bare-relay-on-lithium@i1', 'stop', $relay([], 'motorhome', ['rated_a' => 90]),
            $relay(['method' => 'duty_cycled'], 'caravan'),
        ];

        $aged = static fn(float $years): System => self::system(
            parts: [self::part('b2', 'battery', [...self::LFP, 'age_years' => $years])],
        );
        yield 'one model a year apart may be joined' => ['unlike-batteries', 'note', $aged(1.0), $aged(0.4)];
        yield 'three years apart may not' => ['unlike-batteries', 'fix', $aged(3.0), $aged(0.4)];
        yield 'three side by side where two are allowed' => [
            'too-many-in-parallel@b1', 'stop', self::system(battery: [...self::LFP, 'max_parallel' => 2], batteries: 3),
            self::system(battery: [...self::LFP, 'max_parallel' => 2], batteries: 2),
        ];
        yield 'in series where none are allowed' => [
            'too-many-in-series@b1', 'stop', self::system($v24, battery: [...self::LFP, 'max_series' => 1], batteries: 2),
            self::system($v24, battery: [...self::LFP, 'max_series' => 2], batteries: 2),
        ];
        yield 'a bank of bare cells' => [
            'bank-voltage', 'stop',
            self::system(battery: [...self::LFP, 'nominal_v' => 3.2, 'max_charge_v' => 3.65, 'cutoff_v' => 2.7], batteries: 3),
            self::system(battery: [...self::LFP, 'nominal_v' => 3.2, 'max_charge_v' => 3.65, 'cutoff_v' => 2.7], batteries: 4),
        ];
        $wet = static fn(bool $inside): System => self::system(
            battery: ['chemistry' => 'flooded', 'in_living_space' => $inside] + self::AGM,
        );
        yield 'acid under the bed' => ['vent-outside@b1', 'fix', $wet(true), $wet(false)];
        $rest = static fn(float $b2): System => self::system(
            [
                ...$v24,
                'measurements' => array_map(
                    static fn(int $i): array => [
                        'uid' => "m$i", 'part' => "b$i", 'quantity' => 'volts', 'value' => $i === 2 ? $b2 : 13.3,
                        'at' => '2026-11-25T08:50:00Z',
                    ],
                    [1, 2],
                ),
            ],
            batteries: 2,
        );
        yield 'an odd block of a string' => ['blocks-apart@b2', 'fix', $rest(13.15), $rest(13.22)];
        $charger = static fn(array $data): System => self::system(parts: [self::part('x', 'converter', ['output_a' => 20, ...$data])]);
        yield 'a converter of 13.5 V' => [
            'never-fills@x', 'fix', $charger(['lithium' => 'none', 'absorption_min_v' => 13.5, 'absorption_max_v' => 13.5]),
            $charger(['lithium' => 'none', 'absorption_min_v' => 14.2, 'absorption_max_v' => 14.2]),
        ];
        yield 'a converter for lead that gives what lithium bears' => [
            'lead-only-charger@x', 'stop', $charger(['lithium' => 'none', 'absorption_max_v' => 14.8]),
            $charger(['lithium' => 'none', 'absorption_max_v' => 14.4]),
        ];
        $preset = static fn(float $volts): System => self::system(
            parts: [
                self::part(
                    'x',
                    'mains_charger',
                    ['output_a' => 20, 'lithium' => 'preset', 'absorption_min_v' => $volts, 'absorption_max_v' => $volts],
                ),
            ],
            battery: [...self::LFP, 'absorption_v' => 14.2],
        );
        yield 'behind its switch it gives too much' => ['charge-volts-too-high@x', 'stop', $preset(14.8), $preset(14.2)];
        yield 'behind its switch it gives other volts' => ['preset-volts@x', 'fix', $preset(14.6), $preset(14.2)];
        $wake = static fn(bool $gives): System => self::system(
            [
                'conductors' => [],
                'parts' => [
                    self::part('b1', 'battery', [...self::LFP, 'wakes_by' => 'charge']),
                    self::part('k1', 'mains_charger', ['output_a' => 30, 'lithium' => 'custom', 'gives_dead_volts' => $gives]),
                ],
            ],
        );
        yield 'nothing wakes it' => ['nothing-wakes-it@b1', 'fix', $wake(false), $wake(true)];
        $lived = static fn(string $wish, float $watts = 20): System => self::system(
            [
                ...self::load(['watts' => $watts]),
                'travel' => ['months' => [6], 'wish_days' => 5, 'hook_up' => 'never', 'driving_h_day' => 2, 'wish' => $wish],
            ],
            [self::part('d1', 'dcdc', ['output_a' => 30, 'lithium' => 'custom'])],
        );
        yield 'days as they live, with driving' => ['short-of-wish', 'fix', $lived('still'), $lived('lived')];
        yield 'too much even as they live' => ['short-of-wish', 'fix', $lived('lived', 80), $lived('lived')];
        $told = static fn(array $signals): System => self::system(
            ['signals' => $signals],
            [
                self::part('m1', 'bms', ['cells' => 4, 'opens' => 'by_signals']),
                self::part('l1', 'alternator', ['rated_a' => 150, 'for_house' => true, 'regulated_v' => 14.2]),
            ],
        );
        $hears = static fn(string ...$uids): array => array_map(
            static fn(string $uid): array => ['uid' => "g$uid", 'kind' => 'may_charge', 'from' => 'm1', 'to' => $uid],
            array_values($uids),
        );
        yield 'a charger that does not hear the BMS' => ['bms-not-heard@k1', 'fix', $told($hears('l1')), $told($hears('l1', 'k1'))];
        $forced = static fn(string $opens): System => self::system(
            ['signals' => []],
            [self::part('m1', 'bms', ['cells' => 4, 'opens' => $opens])],
        );
        yield 'one that opens the lead itself stops a charger by force' => ['bms-not-heard@k1', 'fix', $forced('by_signals'), $forced('relay')];
        yield 'an alternator that does not hear it' => ['bms-not-heard@l1', 'fix', $told($hears('k1')), $told($hears('l1', 'k1'))];
        $drum = static fn(float $watts): System => self::system(
            ['appliances' => [
                ['uid' => 'a1', 'name' => 'kettle', 'side' => 'ac', 'watts' => 900, 'hours' => ['s1' => [['from_h' => 7, 'to_h' => 8]]]],
            ]],
            [self::part('x', 'generator', ['continuous_w' => $watts]), self::part('v1', 'inverter', ['continuous_w' => 1200])],
        );
        yield 'a generator for half of it' => ['generator-too-small@x', 'fix', $drum(700), $drum(2500)];
        $plug = static fn(float $rated): System => self::drawn(
            [...$main, 'f1.out x.in', 'x.out y.supply_plus'],
            ['x' => ['plug', ['rating_a' => $rated]], 'y' => ['distribution_box', ['circuits' => 4]]],
            self::load(['watts' => 360]),
        );
        yield 'a plug for less than runs through it' => ['plug-too-small@x', 'fix', $plug(16), $plug(50)];
        // 100 A through a loop of 4 m of 35 mm² at 50 °C: 0.554 mΩ/m × 1.118 × 4 m × 100 A = 0.25 V (IEC 60228 class 5, 0.00393/K).
        $lead = static fn(float $mm2, float $m, float $watts = 1200): System => self::drawn(
            ['b1.plus f1.in 70 0.2 105', "f1.out x.supply_plus $mm2 $m 90"],
            ['x' => ['distribution_box', ['circuits' => 4]]],
            self::load(['watts' => $watts]),
        );
        yield 'a lead that burns' => ['cable-too-thin@w1', 'stop', $lead(6, 0.5), $lead(35, 0.5)];
        // What flows out comes back, through the shunt and behind it.
        $back = static fn(float $mm2, string $from = 'm0.battery_minus', string $to = 'b1.minus'): System => self::drawn(
            [
                'b1.plus f1.in 70 0.2 105', 'f1.out x.supply_plus 35 0.5 90', "$from $to $mm2 0.5 90",
                $from === 'm0.battery_minus' ? 'x.supply_minus m0.system_minus 35 0.5 90' : 'm0.battery_minus b1.minus 35 0.5 90',
            ],
            ['x' => ['distribution_box', ['circuits' => 4]]],
            self::load(['watts' => 1200]),
        );
        yield 'a return that burns' => ['cable-too-thin@w2', 'stop', $back(6), $back(35)];
        // A gauge's own thin return is its own affair, though no other is drawn beside it.
        $last = static fn(string $wire): System => self::drawn(
            ['b1.plus f1.in 70 0.2 105', 'f1.out x.supply_plus 35 0.5 90', 'm0.battery_minus b1.minus 70 0.3 90', $wire],
            ['x' => ['distribution_box', ['circuits' => 4]], 'g' => ['gauge', []]],
            self::load(['watts' => 1200]),
        );
        yield 'the return of a gauge' => [
            'cable-too-thin@w3', 'stop', $last('x.supply_minus m0.system_minus 6 0.5 90'), $last('g.minus m0.system_minus 1.5 2 90'),
        ];
        yield 'a return behind the shunt that burns' => [
            'cable-too-thin@w2', 'stop', $back(6, 'x.supply_minus', 'm0.system_minus'), $back(35, 'x.supply_minus', 'm0.system_minus'),
        ];
        $clamp = static fn(float $takes): System => self::drawn(
            ['b1.plus f1.in 70 0.2 105', 'f1.out y.in 70 0.3 90', 'y.out x.supply_plus 70 0.3 90'],
            ['y' => ['fuse', ['rating_a' => 150, 'terminal_mm2' => $takes]], 'x' => ['distribution_box', ['circuits' => 4]]],
            self::load(['watts' => 600]),
        );
        yield 'a cable that the terminal does not take' => ['cable-too-thick@w1', 'fix', $clamp(35), $clamp(70)];
        yield 'a lead that loses too much' => ['drop-too-large@x', 'fix', $lead(35, 3.5), $lead(35, 1.5)];
        $second = static fn(float $rating, float $watts = 240): System => self::drawn(
            [...$main, 'f1.out y.in', 'y.out x.supply_plus'],
            ['y' => ['fuse', ['rating_a' => $rating]], 'x' => ['distribution_box', ['circuits' => 4]]],
            self::load(['watts' => $watts]),
        );
        yield 'a fuse below what lasts' => ['fuse-too-small@y', 'fix', $second(15), $second(30)];
        yield 'the main fuse opens first' => ['not-selective@y', 'note', $second(100), $second(60)];
        $idle = static fn(float $amps, float $alternator): System => self::system(
            parts: [
                self::part('d1', 'dcdc', ['output_a' => $amps, 'lithium' => 'custom']),
                self::part('l1', 'alternator', ['rated_a' => $alternator]),
            ],
        );
        yield '30 A at idle on 90 A is fine' => ['dcdc-not-at-idle@d1', 'fix', $idle(30, 85), $idle(30, 90)];

        // A DC-DC charger with a solar input of its own, which is shut while the engine charges: 40 A, not 60, into a bank that takes 55.
        $hub = static fn(bool $way): System => self::system(parts: [
            self::part('d1', 'dcdc', ['output_a' => 40, 'lithium' => 'custom']), self::part(
                'l1',
                'alternator',
                ['rated_a' => 120],
                'keep',
                ['role' => 'starter'],
            ),
            self::part(
                'r1',
                'regulator',
                [
                    'technology' => 'mppt', 'max_charge_a' => 20, 'max_pv_v' => 75, 'lithium' => 'custom',
                    ...($way ? ['gives_way' => true] : []),
                ],
                'add',
                ['part_of' => 'd1'],
            ),
            ...array_map(static fn(int $i): array => self::part("p$i", 'panel', self::PANEL), range(1, 3)),
        ], battery: [...self::LFP, 'charge_limit_a' => 55]);
        yield 'one input at a time' => ['input-gives-way@r1', 'note', $hub(true), $hub(false)];
        yield 'two inputs together' => ['charge-sum', 'fix', $hub(false), $hub(true)];
        // A second DC system beside the first, and what goes straight to a battery.
        $apart = static fn(array $wires, array $parts = [], array $battery = self::LFP): System => self::drawn(['b1.plus f1.in', ...$wires], ['s9' => ['battery', $battery, 'apart'], 'f9' => ['fuse', ['rating_a' => 20, 'interrupt_a' => 20000]], ...$parts], [
            'appliances' => [
                [
                    'uid' => 'a9', 'name' => 'step light', 'side' => 'dc', 'watts' => 20, 'fed_by' => 'f9',
                    'hours' => ['s1' => [['from_h' => 0, 'to_h' => 24]]],
                ],
            ],
        ]);
        $own = ['s9.plus f9.in'];
        yield 'a system of its own stays live' => [
            'second-system@s9', 'note', $apart($own), self::drawn(['b1.plus f1.in'], ['s9' => ['battery', self::AGM, 'starter']]),
        ];
        yield 'nothing charges it' => [
            'second-system-uncharged@s9', 'fix', $apart($own),
            $apart([...$own, 'k9.output_plus s9.plus'], ['k9' => ['mains_charger', ['output_a' => 10, 'lithium' => 'custom']]]),
        ];
        yield 'joined to the house by a fuse alone' => ['systems-joined@s9', 'fix', $apart([...$own, 'f9.out b1.plus']), $apart($own)];
        yield 'joined, of another chemistry' => [
            'systems-joined@s9', 'stop', $apart([...$own, 'f9.out b1.plus'], [], self::AGM), $apart($own, [], self::AGM),
        ];
        $straight = static fn(string $on, array $wires): System => self::drawn($wires, [
            'q1' => ['switch', ['rating_a' => 200]], 'f9' => ['fuse', ['rating_a' => 20, 'interrupt_a' => 20000]],
            'd1' => ['distribution_box', ['circuits' => 4]],
        ], [
            'appliances' => [
                [
                    'uid' => 'a9', 'name' => 'alarm', 'side' => 'dc', 'watts' => 2, 'fed_by' => $on,
                    'hours' => ['s1' => [['from_h' => 0, 'to_h' => 24]]],
                ],
            ],
        ]);
        $switched = ['b1.plus f1.in', 'f1.out q1.in', 'q1.out d1.supply_plus'];
        yield 'a load on the post, without a fuse' => [
            'load-without-fuse@b1', 'fix', $straight('b1', [...$switched, 'b1.plus f9.in']),
            $straight('f9', [...$switched, 'b1.plus f9.in']),
        ];
        yield 'a pump’s own fuse is not the house’s main fuse' => [
            'no-main-fuse', 'fix', $straight('f9', ['b1.plus f9.in']), $straight('f9', [...$switched, 'b1.plus f9.in']),
        ];
        yield 'a load before the main switch' => [
            'straight-to-battery@f9', 'note', $straight('f9', [...$switched, 'b1.plus f9.in']),
            $straight('f9', [...$switched, 'q1.out f9.in']),
        ];
    }

    #[DataProvider('cases')]
    public function testItSpeaksAboutTheOneAndIsSilentAboutTheOther(string $key, string $severity, System $bad, System $beside): void
    {
        $found = Study::of($bad)->assessment()->find($key)?->finding;
        self::assertSame($severity, $found?->severity->value, $key);
        $quiet = Study::of($beside)->assessment()->find($key)?->finding;
        self::assertNotSame($severity, $quiet?->severity->value, "$key beside it");
        self::assertNull($quiet, "$key beside it");
    }

    public function testWhatHangsOnAnotherSystemIsInNoneOfTheHousesSums(): void
    {
        $loads = static fn(string $by): array => ['appliances' => [
            ['uid' => 'a1', 'name' => 'lamp', 'side' => 'dc', 'watts' => 10, 'hours' => ['s1' => [['from_h' => 0, 'to_h' => 24]]]],
            [
                'uid' => 'a9', 'name' => 'step light', 'side' => 'dc', 'watts' => 5, 'fed_by' => $by,
                'hours' => ['s1' => [['from_h' => 0, 'to_h' => 24]]],
            ],
        ]];
        $apart = [
            's9' => ['battery', self::AGM, 'apart'], 'k9' => ['mains_charger', ['output_a' => 10, 'lithium' => 'custom']],
            'v9' => ['inverter', ['continuous_w' => 300]],
        ];
        $study = Study::of(self::drawn(['b1.plus f1.in', 's9.plus k9.output_plus', 's9.plus v9.battery_plus'], $apart, $loads('s9')));
        self::assertSame(240.0, $study->loads()->budget->energyWhDay, '10 W for a day');
        [$other] = OtherSystem::all($study);
        self::assertSame(
            [120.0, ['k9'], ['a9']],
            [$other->budget->energyWhDay, array_column($other->sources, 'uid'), array_keys($other->loads)],
        );
        // 110 Ah of AGM at 12 V, half of it, give or take Peukert at 0.4 A and the cold: some five days of 120 Wh.
        self::assertEqualsWithDelta(5.5, $other->bank->days()->value, 1.2);
        // Its charger and its inverter are not the house's.
        self::assertSame([['k1'], null], [array_column($study->planned()->chargers(), 'uid'), $study->planned()->inverter()]);
        // The same load hanging on the house: one sum.
        self::assertSame(
            360.0,
            Study::of(self::drawn(['b1.plus f1.in', 's9.plus k9.output_plus'], $apart, $loads('b1')))->loads()->budget->energyWhDay,
        );
        // It goes into the file and comes back.
        self::assertSame('s9', JobFile::fromArray(JobFile::toArray($study->system))->appliances['a9']->fedBy);
    }

    public function testAFuseCarriesWhatIsNotedToHangOnIt(): void
    {
        $on = static fn(string $by): Study => Study::of(self::drawn(['b1.plus f1.in', 'f1.out d1.supply_plus', 'b1.plus f9.in'], [
            'd1' => ['distribution_box', ['circuits' => 4]],
            'f9' => ['fuse', ['rating_a' => 20]],
        ], [
            'appliances' => [
                [
                    'uid' => 'a9', 'name' => 'compressor', 'side' => 'dc', 'watts' => 120, 'fed_by' => $by,
                    'hours' => ['s1' => [['from_h' => 0, 'to_h' => 24]]],
                ],
            ],
        ]));
        $loadsA = static fn(Study $s, string $fuse): float => $s->cables()->behind($s->system->parts[$fuse])->peakA()->value;
        self::assertSame([0.0, 10.0], [$loadsA($on('f9'), 'f1'), $loadsA($on('f9'), 'f9')]);
        self::assertSame([10.0, 0.0], [$loadsA($on('d1'), 'f1'), $loadsA($on('d1'), 'f9')]);
    }

    public function testASourceOfOtherVoltsCountsNowhere(): void
    {
        $with = static fn(float $volts): Study => Study::of(self::system([
            'vehicle' => ['kind' => 'coach', 'system_v' => 24], 'conductors' => [],
            'travel' => ['months' => [6], 'hook_up' => 'mostly', 'driving_h_day' => 4],
        ], [
            self::part('x', 'mains_charger', ['output_a' => 80, 'output_v' => $volts, 'lithium' => 'custom']),
            self::part('l', 'alternator', ['rated_a' => 280, 'for_house' => true, 'regulated_v' => 1.2 * $volts]),
        ], batteries: 2));
        [$other, $right] = [$with(12), $with(24)];
        self::assertSame(
            [['k1'], ['k1', 'x']],
            array_map(
                static fn(Study $s): array => array_map(
                    static fn(array $d): string => $d['part']->uid,
                    array_values(array_filter($s->settings()->devices, static fn(array $d): bool => $d['part']->kind->isCharger())),
                ),
                [$other, $right],
            ),
        );
        self::assertEqualsWithDelta(80.0, $right->supply()->most()->value - $other->supply()->most()->value, 1e-9);
        self::assertEqualsWithDelta(80.0, $right->mains()->chargerA - $other->mains()->chargerA, 1e-9);
        self::assertSame(0.0, $other->trip()?->driveA());
        self::assertGreaterThan(100.0, $right->trip()?->driveA());
    }

    /**
     * Demo jobs with random lines on random sheets, random fates and random conductors, circles among them: each is judged to an end, and
     * all that is said is whole in both languages.
     */
    public function testWhateverIsDrawnIsJudgedInWholeWords(): void
    {
        mt_srand(1126 + (Sample::isLong() ? 0 : Sample::seed()));
        $lexicons = array_map(static fn(string $l): Lexicon => new Lexicon(new Show(Units::Metric, locale: $l)), ['en', 'de']);
        $trees = array_map(
            static fn(string $path): array => json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR),
            glob(dirname(__DIR__) . '/files/v1/*.json') ?: [],
        );
        $rules = [];
        for ($n = 0, $rounds = Sample::many(80, 300); $n < $rounds; ++$n) {
            $system = JobFile::fromArray(self::shaken($trees[$n % count($trees)]));
            foreach (Study::of($system)->assessment()->verdicts as $verdict) {
                $finding = $verdict->finding;
                $rules[$finding->rule] = true;
                foreach ($lexicons as $lexicon) {
                    $said = $lexicon->finding($finding);
                    self::assertDoesNotMatchRegularExpression(
                        '/(?<![\\w:]):[a-z]{2}|findings\\.|\\bNAN\\b|\\bINF\\b/',
                        implode(' | ', [$said->title, $said->message, $said->remedy, $said->source]),
                        $finding->key(),
                    );
                    foreach ($finding->figures as $figure) {
                        self::assertDoesNotMatchRegularExpression(
                            '/^[a-z]+(-[a-z0-9]+)+$|figures\\./',
                            $lexicon->label($figure) . '',
                            $finding->key(),
                        );
                        self::assertFinite($figure->value, $finding->key());
                    }
                }
            }
        }
        self::assertGreaterThan(Sample::isLong() ? 60 : 20, count($rules), 'so many rules were heard, SAMPLE_SEED=' . Sample::seed());
    }

    /**
     * @param array<string, mixed> $tree of a job file
     *
     * @return array<string, mixed>
     */
    private static function shaken(array $tree): array
    {
        $points = [];
        foreach ($tree['parts'] as $i => $part) {
            $kind = PartKind::from($part['kind']);
            $tree['parts'][$i]['photos'] = [];
            if (mt_rand(0, 3) === 0) {
                $tree['parts'][$i]['fate'] = Fate::cases()[mt_rand(0, count(Fate::cases()) - 1)]->value;
            }
            foreach ($kind->fields() as $key => $field) {
                if (mt_rand(0, 9) === 0 && !in_array($field->type, ['text', 'date'], true)) {
                    $tree['parts'][$i]['data'][$key] = match (true) {
                        $field->choices !== [] => $field->choices[mt_rand(0, count($field->choices) - 1)],
                        $field->type === 'number' => $field->low + mt_rand(1, 1000) / 1000 * ($field->high - $field->low) / [1, 50][mt_rand(0, 1)],
                        default => mt_rand(0, 1) === 1,
                    };
                }
            }
            foreach (array_keys($kind->terminals()) as $terminal) {
                $points[] = $part['uid'] . '.' . $terminal;
            }
        }
        for ($i = $points === [] ? 12 : mt_rand(0, 4); $i < 12; ++$i) {
            [$from, $to] = [$points[mt_rand(0, count($points) - 1)], $points[mt_rand(0, count($points) - 1)]];
            if ($from !== $to) {
                $tree['conductors'][] = [
                    'uid' => "z$i", 'from' => $from, 'to' => $to, 'fate' => 'add',
                    'size_mm2' => [0.5, 2.5, 16, 35, 95, 300][mt_rand(0, 5)], 'length_m' => mt_rand(1, 50) / 10,
                ];
            }
        }

        return $tree;
    }

    public function testAChargerWithOneSwitchHasOneBox(): void
    {
        $boxes = static fn(array $data): array => array_map(
            static fn($row): array => [$row->parameter->value, $row->planned()->number],
            array_column(
                Study::of(self::system(parts: [self::part('x', 'mains_charger', ['output_a' => 20, ...$data])]))->settings()->devices,
                'rows',
            )[1],
        );
        self::assertSame([['absorption_v', 14.2]], $boxes(['lithium' => 'preset', 'absorption_min_v' => 14.2, 'absorption_max_v' => 14.2]));
        self::assertGreaterThan(5, count($boxes(['lithium' => 'custom', 'absorption_min_v' => 12, 'absorption_max_v' => 16])));
    }

    public function testAChargerThatTheStarterSideCannotFeedCountsNowhere(): void
    {
        $charged = static fn(float $from, float $to): array => (static fn(Study $s): array => [
            $s->supply()->most()->value,
            $s->trip()?->driveA(),
        ])(Study::of(self::system(
            ['travel' => ['months' => [6], 'wish_days' => 1, 'hook_up' => 'never', 'driving_h_day' => 2]],
            [
                self::part('d', 'dcdc', ['output_a' => 40, 'input_min_v' => $from, 'input_max_v' => $to, 'lithium' => 'custom']),
                self::part('l', 'alternator', ['rated_a' => 120, 'regulated_v' => 28.2]),
            ],
        )));
        self::assertSame([40.0, 40.0], $charged(20, 33));
        self::assertSame([30.0, 0.0], $charged(10.5, 16), 'the mains charger alone');
    }

    /** Guarded is only what a device is seen to guard: an inlet that feeds a charger alone, or nothing, is no all-clear. */
    public function testNothingIsCalledGuardedThatNoDeviceIsSeenToGuard(): void
    {
        $guard = static function (array $leads, array $more = []): string {
            $graph = self::system([
                'conductors' => array_map(
                    static fn(array $l, int $i): array => ['uid' => "m$i", 'from' => $l[0], 'to' => $l[1]],
                    $leads,
                    array_keys($leads),
                ),
            ], [
                self::part('i1', 'shore_inlet', ['rating_a' => 16]), self::part('n1', 'inverter', ['continuous_w' => 300]),
                self::part('e1', 'earth_leakage', ['rating_a' => 16, 'residual_ma' => 30, ...$more]),
            ])->planned();

            return (new AcSide($graph))->guard($graph->parts['i1']);
        };
        self::assertSame('undrawn', $guard([]));
        self::assertSame('no-outlets', $guard([['i1.ac_out', 'k1.ac_in']]));
        self::assertSame('guarded', $guard([['i1.ac_out', 'e1.line']]));
        self::assertSame('none', $guard([['i1.ac_out', 'e1.line']], ['residual_ma' => 300]));
    }
}
