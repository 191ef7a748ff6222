<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Words\Lexicon;
use App\Words\Show;
use Pebblefell\Assessment\Assessment;
use Pebblefell\Assessment\Skyline;
use Pebblefell\Assessment\StageState;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Severity;
use Pebblefell\Region\Units;
use Pebblefell\Stage;
use Pebblefell\Stage\Progress;
use Pebblefell\Study;
use Pebblefell\System\Answer;
use Pebblefell\System\Fate;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Reach;
use Pebblefell\System\System;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every rule: a system that it speaks up about, and one next to it about which it must not. */
final class RulesTest extends TestCase
{
    use SoundSystem;

    /**
     * @return array<string, mixed>
     */
    private static function setting(string $parameter, string $asSet): array
    {
        return ['settings' => [['part' => 'k1', 'parameter' => $parameter, 'as_set' => $asSet]]];
    }

    /**
     * @return iterable<string, array{string, string, System, System}> rule, severity, a system it speaks about, one it must not
     */
    public static function cases(): iterable
    {
        $sound = self::system();
        $agm = self::system(battery: self::AGM);
        yield 'lead-only regulator kept beside lithium' => [
            'lead-only-charger',
            'stop',
            self::system(
                parts: [self::part('r1', 'regulator', ['technology' => 'pwm', 'max_charge_a' => 10, 'lithium' => 'none'], 'keep')],
            ),
            self::system(
                parts: [self::part('r1', 'regulator', ['technology' => 'pwm', 'max_charge_a' => 10, 'lithium' => 'none'], 'remove')],
            ),
        ];
        yield 'lead-only charger on lead' => [
            'lead-only-charger',
            'stop',
            self::system(parts: [self::part('k2', 'converter', ['output_a' => 20, 'lithium' => 'none'], 'keep')]),
            self::system(
                parts: [self::part('k2', 'converter', ['output_a' => 20, 'lithium' => 'none'], 'keep')],
                battery: self::AGM,
            ),
        ];
        yield 'unknown profile' => [
            'charger-profile-unknown',
            'fix',
            self::system(parts: [self::part('k2', 'dcdc', ['output_a' => 30])]),
            $sound,
        ];
        yield 'kept but not reprogrammed' => [
            'reprogram-charger',
            'fix',
            self::system(parts: [self::part('k2', 'mains_charger', ['output_a' => 30, 'lithium' => 'preset'], 'keep')]),
            self::system(parts: [self::part('k2', 'mains_charger', ['output_a' => 30, 'lithium' => 'preset'], 'reprogram')]),
        ];
        $kept = static fn(string $volts): System => self::system([
            'settings' => [['uid' => 's1', 'part' => 'k2', 'parameter' => 'absorption_v', 'found' => $volts]],
        ], [self::part('k2', 'mains_charger', ['output_a' => 30, 'lithium' => 'custom'], 'keep')]);
        yield 'kept, on lead volts and on lithium volts' => ['reprogram-charger', 'fix', $kept('14.8'), $kept('14.2')];
        yield 'bare relay' => [
            'bare-relay-on-lithium',
            'stop',
            self::system(parts: [self::part('i1', 'isolator', ['method' => 'relay'], 'keep')]),
            self::system(parts: [self::part('i1', 'isolator', ['method' => 'duty_cycled'], 'keep')]),
        ];
        yield 'bare relay, strong alternator' => [
            'bare-relay-on-lithium',
            'fix',
            self::system(parts: [
                self::part('i1', 'isolator', ['method' => 'relay'], 'keep'),
                self::part('l1', 'alternator', ['rated_a' => 280, 'regulated_v' => 14.2], 'keep'),
            ]),
            $agm,
        ];
        yield 'disconnect below the BMS' => [
            'disconnect-below-bms',
            'fix',
            self::system(parts: [self::part('d1', 'low_voltage_disconnect', ['rating_a' => 60, 'disconnect_v' => 10.5], 'keep')]),
            self::system(parts: [self::part('d1', 'low_voltage_disconnect', ['rating_a' => 60, 'disconnect_v' => 11.1], 'keep')]),
        ];
        yield 'old gauge' => [
            'old-gauge-left',
            'fix',
            self::system(parts: [self::part('g1', 'gauge', [], 'keep')]),
            self::system(parts: [self::part('g1', 'gauge', [], 'relabel')]),
        ];
        yield 'another make' => [
            'unlike-batteries',
            'fix',
            self::system(parts: [self::part('b9', 'battery', self::LFP, 'add', ['make' => 'Other'])]),
            self::system(batteries: 2),
        ];
        yield 'another chemistry' => [
            'unlike-batteries',
            'stop',
            self::system(parts: [self::part('b9', 'battery', self::AGM, 'keep')]),
            self::system(parts: [self::part('b9', 'battery', self::AGM, 'keep', ['role' => 'starter'])]),
        ];
        yield 'no such bank' => [
            'bank-voltage',
            'stop',
            self::system(['vehicle' => ['kind' => 'raft', 'system_v' => 48]], batteries: 3),
            self::system(['vehicle' => ['kind' => 'raft', 'system_v' => 48]], batteries: 4),
        ];
        // Two of a kind, linked plus to plus and minus to minus by long thin links, both take-offs on the first; and across.
        $pair = static fn(string $minusAt, float $metres = 1.5): array => ['conductors' => [
            ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'], ['uid' => 'c2', 'from' => "$minusAt.minus", 'to' => 'k1.output_minus'],
            ['uid' => 'l1', 'from' => 'b1.plus', 'to' => 'b2.plus', 'size_mm2' => 16, 'length_m' => $metres], [
                'uid' => 'l2', 'from' => 'b1.minus', 'to' => 'b2.minus', 'size_mm2' => 16, 'length_m' => $metres,
            ],
        ]];
        yield 'both leads on the first' => [
            'bank-shares-unevenly', 'fix', self::system($pair('b1'), batteries: 2), self::system($pair('b2'), batteries: 2),
        ];
        $heavy = [
            'appliances' => [
                ['uid' => 'a1', 'name' => 'winch', 'side' => 'dc', 'watts' => 2100, 'hours' => ['s1' => [['from_h' => 8, 'to_h' => 8.25]]]],
            ],
        ];
        yield 'the sum of the limits is not there' => [
            'bank-limit-by-share', 'fix', self::system([...$pair('b1'), ...$heavy], batteries: 2),
            self::system([...$pair('b2'), ...$heavy], batteries: 2),
        ];
        yield 'one is not linked' => [
            'bank-links-missing', 'fix', self::system($pair('b2'), batteries: 3), self::system($pair('b2'), batteries: 2),
        ];
        $posts = static fn(float $metres): array => [
            'conductors' => [
                ['uid' => 'c1', 'from' => 'x1.bar', 'to' => 'f1.in'],
                ...array_map(
                    static fn(int $i): array => [
                        'uid' => "l$i", 'from' => "b$i.plus", 'to' => 'x1.bar', 'size_mm2' => 50,
                        'length_m' => $i === 2 ? $metres : 0.4,
                    ],
                    [1, 2],
                ),
            ],
        ];
        $bar = [self::part('x1', 'busbar', ['rating_a' => 300])];
        yield 'unequal leads to a bar' => [
            'leads-unequal', 'fix', self::system($posts(0.9), $bar, batteries: 2), self::system($posts(0.4), $bar, batteries: 2),
        ];
        $read = static fn(float $b2, string $at = '2026-11-25T09:00:00Z', string $note = ''): array => [
            'measurements' => array_map(
                static fn(int $i): array => [
                    'uid' => "m$i", 'part' => "b$i", 'quantity' => 'volts', 'value' => $i === 2 ? $b2 : 13.6,
                    'at' => $i === 2 ? $at : '2026-11-25T08:50:00Z', 'note' => $note,
                ],
                [1, 2],
            ),
        ];
        $far = ['travel' => ['months' => [6], 'wish_days' => 1, 'hook_up' => 'never', 'driving_h_day' => 1]];
        yield 'far away with one BMS' => [
            'no-spare-battery', 'note', self::system($far), self::system([...$far, ...$pair('b2')], batteries: 2),
        ];
        yield 'one BMS near a post' => ['no-spare-battery', 'note', self::system($far), self::system()];
        yield 'not alike before they are joined' => [
            'strings-apart', 'stop', self::system($read(13.3), batteries: 2), self::system($read(13.55), batteries: 2),
        ];
        yield 'after the full method 0.2 V are usual' => [
            'strings-apart', 'stop', self::system($read(13.4), batteries: 2),
            self::system($read(13.4, note: 'balanced, full'), batteries: 2),
        ];
        yield 'readings of another day are no pair' => [
            'strings-apart', 'stop', self::system($read(13.0), batteries: 2),
            self::system($read(13.0, '2026-11-20T09:00:00Z'), batteries: 2),
        ];
        yield 'hour rate' => [
            'hour-rate-missing',
            'note',
            self::system(parts: [self::part('o1', 'battery', array_diff_key(self::AGM, ['rate_h' => 1]), 'remove')]),
            self::system(parts: [self::part('o1', 'battery', self::AGM, 'remove')]),
        ];
        yield 'no inverter' => [
            'no-inverter',
            'fix',
            self::system(self::load(['side' => 'ac', 'watts' => 500])),
            self::system(self::load(['side' => 'ac', 'watts' => 500]), [self::part('v1', 'inverter', ['continuous_w' => 600])]),
        ];
        yield 'inverter overloaded' => [
            'inverter-overloaded',
            'fix',
            self::system(self::load(['side' => 'ac', 'watts' => 700]), [self::part('v1', 'inverter', ['continuous_w' => 600])]),
            self::system(self::load(['side' => 'ac', 'watts' => 600]), [self::part('v1', 'inverter', ['continuous_w' => 600])]),
        ];
        yield 'inverter surge' => [
            'inverter-surge',
            'fix',
            self::system(
                self::load(['side' => 'ac', 'watts' => 300, 'surge_w' => 1300]),
                [self::part('v1', 'inverter', ['continuous_w' => 600, 'surge_w' => 1200])],
            ),
            self::system(
                self::load(['side' => 'ac', 'watts' => 300, 'surge_w' => 1100]),
                [self::part('v1', 'inverter', ['continuous_w' => 600, 'surge_w' => 1200])],
            ),
        ];
        yield 'standby' => [
            'standby-share',
            'note',
            self::system(self::load(['watts' => 50, 'standby_w' => 5, 'hours' => ['s1' => [['from_h' => 10, 'to_h' => 11]]]])),
            $sound,
        ];
        yield 'inverter for itself' => [
            'inverter-idle',
            'note',
            self::system(
                [
                    'scenarios' => [['uid' => 's1', 'name' => 'd', 'sizing' => true, 'inverter_always_on' => true]],
                    ...self::load(['side' => 'ac', 'watts' => 100, 'hours' => ['s1' => [['from_h' => 10, 'to_h' => 11]]]]),
                ],
                [self::part('v1', 'inverter', ['continuous_w' => 600, 'idle_w' => 10])],
            ),
            self::system(
                self::load(['side' => 'ac', 'watts' => 100]),
                [self::part('v1', 'inverter', ['continuous_w' => 600, 'idle_w' => 10])],
            ),
        ];
        yield 'short of the wish' => [
            'short-of-wish',
            'fix',
            self::system(['travel' => ['months' => [6], 'wish_days' => 4]]),
            $sound,
        ];
        yield 'BMS trips' => [
            'bank-current-limit',
            'fix',
            self::system(self::load(['watts' => 1500, 'hours' => ['s1' => [['from_h' => 10, 'to_h' => 10.25]]]])),
            self::system(self::load(['watts' => 1500, 'hours' => ['s1' => [['from_h' => 10, 'to_h' => 10.25]]]]), batteries: 2),
        ];
        yield 'no BMS' => ['no-bms', 'stop', self::system(battery: ['bms' => false] + self::LFP), $agm];
        yield 'BMS not noted' => ['no-bms', 'fix', self::system(battery: array_diff_key(self::LFP, ['bms' => 1])), $sound];
        $cold = ['place' => ['name' => 'P', 'latitude_deg' => 63, 'min_c' => array_fill(0, 12, -4)]];
        yield 'cold, no cut-off' => [
            'charging-below-freezing',
            'stop',
            self::system($cold, battery: ['low_temp_cutoff' => false, 'heater_w' => 0] + self::LFP),
            self::system($cold),
        ];
        yield 'cold, cut-off but no heater' => [
            'charging-below-freezing',
            'fix',
            self::system($cold, battery: ['heater_w' => 0] + self::LFP),
            self::system($cold, [self::part('h1', 'heating_pad', ['heater_w' => 38])], ['heater_w' => 0] + self::LFP),
        ];
        $shunt = [self::part('m1', 'monitor', ['shunt_a' => 300]), self::part('v1', 'inverter', ['continuous_w' => 600])];
        yield 'shunt bypassed' => [
            'shunt-bypassed',
            'fix',
            self::system(
                ['conductors' => [
                    ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'],
                    ['uid' => 'c2', 'from' => 'b1.minus', 'to' => 'm1.battery_minus'],
                    ['uid' => 'c3', 'from' => 'v1.battery_minus', 'to' => 'b1.minus'],
                ]],
                $shunt,
            ),
            self::system(
                ['conductors' => [
                    ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'],
                    ['uid' => 'c2', 'from' => 'b1.minus', 'to' => 'm1.battery_minus'],
                    ['uid' => 'c3', 'from' => 'v1.battery_minus', 'to' => 'm1.system_minus'],
                ]],
                $shunt,
            ),
        ];
        yield 'too heavy' => [
            'payload-exceeded',
            'stop',
            self::system(['vehicle' => ['kind' => 'caravan', 'system_v' => 12, 'payload_kg' => 10]]),
            self::system(['vehicle' => ['kind' => 'caravan', 'system_v' => 12, 'payload_kg' => 12]]),
        ];
        yield 'too heavy for the axle' => [
            'axle-exceeded',
            'stop',
            self::system(['vehicle' => ['kind' => 'caravan', 'system_v' => 12, 'axle_kg' => 10]]),
            self::system(
                ['vehicle' => ['kind' => 'caravan', 'system_v' => 12, 'axle_kg' => 10]],
                [self::part('o1', 'battery', self::AGM, 'remove')],
            ),
        ];
        $sun = [
            self::part('s1', 'panel', ['pmax_w' => 100]),
            self::part('r1', 'regulator', ['technology' => 'mppt', 'max_charge_a' => 10, 'lithium' => 'custom']),
        ];
        yield 'sun short, nothing else' => [
            'sun-short',
            'fix',
            self::system(['travel' => ['months' => [12], 'wish_days' => 1, 'hook_up' => 'never', 'driving_h_day' => 0]], $sun),
            self::system([], [...$sun, self::part('s2', 'panel', ['pmax_w' => 100])]),
        ];
        yield 'sun short, but driving' => [
            'sun-short',
            'note',
            self::system(
                ['travel' => ['months' => [12], 'wish_days' => 1, 'hook_up' => 'never', 'driving_h_day' => 2]],
                [...$sun, self::part('d1', 'dcdc', ['output_a' => 30, 'lithium' => 'custom'])],
            ),
            self::system(),
        ];
        yield 'nothing charges' => [
            'nothing-charges',
            'fix',
            self::system(['parts' => [self::part('b1', 'battery', self::LFP), self::part('f1', 'fuse', ['rating_a' => 100])]]),
            $sound,
        ];
        yield 'panels without regulator' => [
            'panels-without-regulator',
            'stop',
            self::system(parts: [self::part('s1', 'panel', ['pmax_w' => 100])]),
            self::system(parts: $sun),
        ];
        yield 'regulator clips' => [
            'regulator-clips',
            'note',
            self::system(parts: [self::part('s2', 'panel', ['pmax_w' => 100]), ...$sun]),
            self::system(parts: $sun),
        ];
        yield 'charging loop' => [
            'charging-loop',
            'stop',
            self::system(
                ['conductors' => [
                    ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'],
                    ['uid' => 'c2', 'from' => 'v1.ac_out', 'to' => 'k1.ac_in'],
                ]],
                [self::part('v1', 'inverter', ['continuous_w' => 600])],
            ),
            self::system(
                ['conductors' => [
                    ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'],
                    ['uid' => 'c2', 'from' => 'n1.ac_out', 'to' => 'k1.ac_in'],
                ]],
                [self::part('v1', 'inverter', ['continuous_w' => 600]), self::part('n1', 'shore_inlet', ['rating_a' => 16])],
            ),
        ];
        yield 'volts too high' => [
            'charge-volts-too-high',
            'stop',
            self::system(self::setting('absorption_v', '14.8')),
            self::system(self::setting('absorption_v', '14.6')),
        ];
        yield 'set otherwise' => [
            'set-otherwise-float-v',
            'fix',
            self::system(self::setting('float_v', '13.8')),
            self::system(self::setting('float_v', '13.5')),
        ];
        yield 'equalising' => [
            'equalise-on',
            'stop',
            self::system(self::setting('equalise_v', '15.2')),
            self::system(self::setting('equalise_v', 'off')),
        ];
        $cannot = fn(string $v): System => self::system(
            ['settings' => [['part' => 'k2', 'parameter' => 'equalise_v', 'as_set' => $v]]],
            [self::part('k2', 'mains_charger', ['output_a' => 10, 'lithium' => 'preset', 'equalise_can_disable' => false])],
        );
        yield 'equalising that cannot be switched off' => ['equalise-on', 'note', $cannot('14.6'), $cannot('off')];
        $inverter = static fn(float $cutoff): array => self::part('n1', 'inverter', ['continuous_w' => 300, 'low_cutoff_v' => $cutoff]);
        yield 'an inverter that cuts off below the BMS' => [
            'never-acts', 'stop', self::system(parts: [$inverter(10.5)]), self::system(parts: [$inverter(11.8)]),
        ];
        $gate = static fn(float $opens, float $back): array => self::part(
            'd1',
            'low_voltage_disconnect',
            ['rating_a' => 60, 'disconnect_v' => $opens, 'reconnect_v' => $back],
        );
        yield 'a cut-off on the disconnect' => [
            'rungs-touch', 'fix', self::system(parts: [$inverter(11.15), $gate(11.1, 12)]),
            self::system(parts: [$inverter(11.8), $gate(11.1, 12)]),
        ];
        yield 'a disconnect that comes back at once' => [
            'reconnect-below-disconnect', 'fix', self::system(parts: [$gate(11.1, 11.1)]), self::system(parts: [$gate(11.1, 12)]),
        ];
        $typed = static fn(array $settings): System => self::system(
            ['settings' => array_map(
                static fn(string $p, string $v): array => ['part' => 'k1', 'parameter' => $p, 'as_set' => $v],
                array_keys($settings),
                $settings,
            )],
        );
        yield 'float over absorption' => [
            'float-above-absorption', 'fix', $typed(['absorption_v' => '14.0', 'float_v' => '14.2']),
            $typed(['absorption_v' => '14.2', 'float_v' => '14.2']),
        ];
        yield 're-bulk at float' => [
            'rebulk-above-float', 'fix', $typed(['float_v' => '13.5', 'rebulk_v' => '13.5']),
            $typed(['float_v' => '13.5', 'rebulk_v' => '13.3']),
        ];
        $regulator = self::part(
            'r1',
            'regulator',
            ['technology' => 'mppt', 'max_charge_a' => 10, 'lithium' => 'custom', 'load_output_a' => 20],
        );
        $wired = static fn(string $to): array => [
            'conductors' => [
                ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'],
                ['uid' => 'c2', 'from' => 'r1.battery_plus', 'to' => $to],
            ],
        ];
        yield 'breaker between regulator and battery' => [
            'regulator-loses-battery',
            'fix',
            self::system($wired('w1.out'), [$regulator, self::part('w1', 'breaker', ['rating_a' => 30])]),
            self::system($wired('f2.out'), [$regulator, self::part('f2', 'fuse', ['rating_a' => 30])]),
        ];
        $alternator = self::part('a0', 'alternator', ['rated_a' => 120, 'for_house' => true]);
        $driven = static fn(array $leads, array $signals = [], array $parts = []): System => self::system([
            'conductors' => [
                ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'],
                ...array_map(
                    static fn(array $l, int $i): array => ['uid' => "d$i", 'from' => $l[0], 'to' => $l[1]],
                    $leads,
                    array_keys($leads),
                ),
            ],
            'signals' => $signals,
        ], [
            $alternator, self::part('f2', 'fuse', ['rating_a' => 150]),
            self::part('g0', 'alternator_regulator', ['obeys_bms' => true]), ...$parts,
        ]);
        $hears = [['uid' => 's9', 'kind' => 'may_charge', 'from' => 'b1', 'to' => 'g0']];
        $direct = [['b1.plus', 'f2.in'], ['f2.out', 'a0.plus']];
        $two = static fn(float $up, float $down): System => self::system([
            'conductors' => [['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f8.in'], ['uid' => 'c2', 'from' => 'f8.out', 'to' => 'f9.in']],
        ], [
            self::part('f8', 'fuse', ['rating_a' => $up, 'family' => 'class_t']), self::part(
                'f9',
                'fuse',
                ['rating_a' => $down, 'family' => 'class_t'],
            ),
        ]);
        yield 'two fuses that may open together' => ['not-selective', 'note', $two(150, 100), $two(150, 30)];
        yield 'the larger fuse behind the smaller' => ['not-selective', 'note', $two(60, 100), $two(100, 10)];
        $shunt = static fn(float $a): System => self::system(
            [
                'conductors' => [
                    ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'],
                    ['uid' => 'c2', 'from' => 'b1.minus', 'to' => 'm9.battery_minus'],
                ],
                'appliances' => [
                    ['uid' => 'a1', 'name' => 'winch', 'side' => 'dc', 'watts' => 900, 'hours' => ['s1' => [['from_h' => 0, 'to_h' => 2]]]],
                ],
            ],
            [self::part('m9', 'monitor', ['shunt_a' => $a])],
        );
        yield 'a shunt too small' => ['part-overloaded', 'fix', $shunt(50), $shunt(100)];
        $bar = static fn(float $a): System => self::system(
            ['conductors' => [
                ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'], ['uid' => 'c2', 'from' => 'f1.out', 'to' => 'x9.bar'],
                ['uid' => 'c3', 'from' => 'x9.bar', 'to' => 'x1.supply_plus'],
            ]],
            [
                self::part('x9', 'busbar', ['rating_a' => $a]), self::part('x1', 'distribution_box', ['circuits' => 8]),
                self::part('n1', 'inverter', ['continuous_w' => 100]),
            ],
        );
        yield 'a bar too small' => ['part-overloaded', 'fix', $bar(1), $bar(100)];
        yield 'a BMS that opens under an alternator' => ['alternator-loses-load', 'fix', $driven($direct), $driven($direct, $hears)];
        $switch = self::part('w2', 'switch', ['rating_a' => 300]);
        yield 'a switch that opens under an alternator' => [
            'alternator-loses-load',
            'fix',
            $driven([['b1.plus', 'w2.in'], ['w2.out', 'f2.in'], ['f2.out', 'a0.plus']], $hears, [$switch]),
            $driven([['b1.plus', 'w2.in'], ...$direct], $hears, [$switch]),
        ];
        $roof = [
            $regulator, $switch, self::part('v1', 'panel', self::PANEL), self::part('x2', 'busbar', ['rating_a' => 250]),
            self::part('f2', 'fuse', ['rating_a' => 30]), self::part('w3', 'switch', ['rating_a' => 30]),
        ];
        $sunny = static fn(string $panels): System => self::system(['conductors' => [
            [
                'uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in',
            ], ['uid' => 'c2', 'from' => 'f1.out', 'to' => 'w2.in'], ['uid' => 'c3', 'from' => 'w2.out', 'to' => 'x2.bar'],
            ['uid' => 'c4', 'from' => 'x2.bar', 'to' => 'f2.in'], ['uid' => 'c5', 'from' => 'f2.out', 'to' => 'r1.battery_plus'],
            ['uid' => 'c6', 'from' => 'v1.plus', 'to' => $panels], [
                'uid' => 'c7', 'from' => 'w3.out', 'to' => $panels === 'w3.in' ? 'r1.pv_plus' : 'v1.minus',
            ],
        ]], $roof);
        yield 'a main switch that leaves panels on their regulator' => [
            'regulator-loses-battery', 'fix', $sunny('r1.pv_plus'), $sunny('w3.in'),
        ];
        $fed = static fn(float $amps): System => self::system(
            ['conductors' => [
                ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'],
                ['uid' => 'c2', 'from' => 'r1.load_plus', 'to' => 'x1.supply_plus'],
            ]],
            [$regulator, self::part('x1', 'distribution_box', ['circuits' => 8, 'rating_a' => $amps])],
        );
        yield 'too much on the load output' => ['load-output-overloaded', 'fix', $fed(40), $fed(20)];
        $bay = static fn(float $height): array => ['vehicle' => ['kind' => 'caravan', 'system_v' => 12, 'bay_mm' => [700, 345, $height]]];
        $sized = ['length_mm' => 329, 'width_mm' => 172, 'height_mm' => 214] + self::LFP;
        yield 'too low for the bay' => [
            'bank-does-not-fit',
            'fix',
            self::system($bay(230), battery: $sized, batteries: 2),
            self::system($bay(240), battery: $sized, batteries: 2),
        ];
        yield 'too many for the bay' => [
            'bank-does-not-fit',
            'fix',
            self::system($bay(240), battery: $sized, batteries: 5),
            self::system($bay(240), battery: $sized, batteries: 4),
        ];
        $lead = static fn(float $mm2): System => self::system(
            ['conductors' => [
                ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'],
                ['uid' => 'c2', 'from' => 'l1.plus', 'to' => 'k2.input_plus', 'size_mm2' => $mm2, 'length_m' => 6],
            ]],
            [
                self::part('k2', 'dcdc', ['output_a' => 30, 'efficiency_pct' => 90, 'lithium' => 'custom']),
                self::part('l1', 'alternator', ['rated_a' => 120], 'keep'),
            ],
        );
        // 30 A × 14 ÷ (13.5 × 0.9) = 34.6 A; over 6 m of 4 mm² 2.1 V, of 8 mm² 0.89 V; a tenth of 13.5 V is 1.35 V.
        yield 'thin tow lead' => ['dcdc-lead-undersized', 'fix', $lead(4), $lead(8)];
        $drive = static fn(float $outputA, float $alternatorA): System => self::system(parts: [
            self::part('k2', 'dcdc', ['output_a' => $outputA, 'efficiency_pct' => 90, 'lithium' => 'custom']),
            self::part('l1', 'alternator', ['rated_a' => $alternatorA], 'keep'),
        ]);
        // 50 A out takes 57.6 A in: 48 % of 120 A, and more than half of it less 30 A at idle; 29 % of 200 A.
        yield 'weak tow vehicle' => ['dcdc-wears-alternator', 'fix', $drive(50, 120), $drive(30, 120)];
        yield 'not at idle' => ['dcdc-not-at-idle', 'fix', $drive(50, 120), $drive(50, 200)];
        yield 'at idle with care' => ['dcdc-idle-with-care', 'note', $drive(50, 200), $drive(30, 200)];
        yield 'more than the alternator has' => ['dcdc-overloads-alternator', 'stop', $drive(70, 100), $drive(50, 120)];
        $array = static fn(int $series, int $panels, array $second = []): System => self::system(
            ['place' => ['name' => 'P', 'latitude_deg' => 55, 'min_c' => array_fill(0, 12, 8), 'record_low_c' => -20]],
            [
                self::part(
                    'r1',
                    'regulator',
                    [
                        'technology' => 'mppt', 'max_pv_v' => 75, 'max_charge_a' => 50, 'max_pv_isc_a' => 30, 'lithium' => 'custom',
                        'array_series' => $series,
                    ],
                ),
                ...array_map(static fn(int $i): array => self::part("s$i", 'panel', self::PANEL), range(1, $panels)),
                ...($second === [] ? [] : [self::part('s9', 'panel', $second + self::PANEL)]),
            ],
        );
        // 22.4 V × (1 + 0.28 % × 45) = 25.2 V each at −20 °C: two make 50 V, three 76 V.
        yield 'three in series on a cold morning' => ['array-volts-too-high', 'stop', $array(3, 3), $array(2, 2)];
        // 6 × 5.75 A = 34.5 A short-circuit.
        yield 'too many strings' => ['array-current-too-high', 'fix', $array(1, 6), $array(2, 6)];
        yield 'an odd panel' => ['mixed-panels', 'fix', $array(2, 1, ['pmax_w' => 60, 'isc_a' => 3.5, 'imp_a' => 3.3]), $array(2, 2)];
        $pwm = static fn(int $series): System => self::system(
            ['place' => ['name' => 'P', 'latitude_deg' => 55, 'min_c' => array_fill(0, 12, 8)]],
            [
                self::part('r1', 'regulator', [
                    'technology' => 'pwm', 'max_pv_v' => 75, 'max_charge_a' => 30, 'lithium' => 'custom', 'array_series' => $series,
                ]),
                self::part('s1', 'panel', self::PANEL),
                self::part('s2', 'panel', self::PANEL),
            ],
        );
        // Two of 18.6 V in series at a regulator that only connects: half of their volts are lost. One alone is right.
        yield 'two in series at a switching regulator' => ['pwm-wastes-volts', 'fix', $pwm(2), $pwm(1)];
        // 16.6 V of a hot panel is no more than a 24 V bank's absorption; two in series are.
        $low = static fn(int $series): System => self::system(
            [
                'vehicle' => ['kind' => 'camper_van', 'system_v' => 24],
                'conductors' => [
                    ['uid' => 'c1', 'from' => 'b2.plus', 'to' => 'f1.in'], ['uid' => 'c2', 'from' => 'b1.plus', 'to' => 'b2.minus'],
                ],
                'place' => ['name' => 'P', 'latitude_deg' => 55, 'min_c' => array_fill(0, 12, 8)],
            ],
            [
                self::part('r1', 'regulator', [
                    'technology' => 'mppt', 'max_pv_v' => 100, 'max_charge_a' => 30, 'lithium' => 'custom', 'array_series' => $series,
                ]),
                self::part('s1', 'panel', self::PANEL),
                self::part('s2', 'panel', self::PANEL),
            ],
            batteries: 2,
        );
        yield 'one panel on 24 V' => ['array-volts-too-low', 'fix', $low(1), $low(2)];
        // 40 kg at the coupling of 4 m: all of it on the coupling; its plate says 100 kg, and 80 stand on it.
        $axle = static fn(float $kg, float $x, array $vehicle = []): System => self::system(
            ['vehicle' => [
                'kind' => 'caravan', 'system_v' => 12, 'wheelbase_m' => 4.0, 'front_kg' => 80, 'rear_kg' => 1300,
                'front_max_kg' => 100, 'rear_max_kg' => 1400, ...$vehicle,
            ]],
            [self::part('x1', 'gauge', ['mass_kg' => $kg, 'along_m' => $x])],
        );
        yield 'a coupling that bears too much' => ['axle-overloaded', 'stop', $axle(40, 0.0), $axle(15, 0.0)];
        yield 'an axle that bears too much' => ['axle-overloaded', 'stop', $axle(120, 4.0), $axle(90, 4.0)];
        // 80 − 30 of 1440 kg are 3.5 %, less than the 4 % under which a trailer sways; common practice.
        yield 'a nose that is too light' => ['nose-light', 'note', $axle(120, 5.0, ['rear_max_kg' => 2000]), $axle(20, 5.0)];
        $post = static fn(float $chargerA): System => self::system([
            'appliances' => [
                ['uid' => 'a1', 'name' => 'kettle', 'side' => 'ac', 'watts' => 1700, 'hours' => ['s1' => [['from_h' => 8, 'to_h' => 8.2]]]],
            ],
        ], [
            self::part('k3', 'mains_charger', ['output_a' => $chargerA, 'lithium' => 'custom']),
            self::part('v1', 'inverter', ['continuous_w' => 3000]),
        ]);
        // 1700 W are 7.4 A of 10 A; 50 A of charging take 50 × 14.2 ÷ (0.88 × 230) = 3.5 A, 31 A take 2.2 A.
        yield 'a weak post' => ['hook-up-overloaded', 'fix', $post(20), $post(1)];
        $sensor = static fn(string $fate): System => self::system(
            [
                'signals' => [['uid' => 'g1', 'kind' => 'battery_temperature', 'from' => 'b1', 'to' => 'k1', 'fate' => $fate]],
                'settings' => [['part' => 'k1', 'parameter' => 'compensation_mv_per_c', 'found' => '-24']],
            ],
        );
        yield 'temperature compensation left on' => [
            'compensation-left-on',
            'fix',
            $sensor('keep'),
            self::system(self::setting('compensation_mv_per_c', '0')),
        ];
        $switch = static fn(array $data): System => self::system(parts: [self::part('w1', 'switch', ['rating_a' => 20] + $data, 'keep')]);
        yield 'dead switch' => ['label-misleads', 'note', $switch(['dead' => true]), $switch(['dead' => false])];
        yield 'wrong label' => [
            'label-misleads',
            'note',
            $switch(['label_says' => 'Bilge', 'really_feeds' => 'Heater']),
            $switch(['label_says' => 'Heater', 'really_feeds' => 'heater']),
        ];
        yield 'serial missing' => [
            'pack-lacks-serial',
            'note',
            self::system(parts: [self::part('m1', 'monitor', ['shunt_a' => 300], 'add', ['serial' => ''])]),
            self::system(parts: [self::part('z1', 'busbar', ['rating_a' => 300], 'add', ['serial' => ''])]),
        ];
    }

    #[DataProvider('cases')]
    public function testSpeaksUpAndKeepsQuiet(string $rule, string $severity, System $bad, System $good): void
    {
        $named = static fn(System $s): array => array_values(array_filter(
            Study::of($s)->assessment()->verdicts,
            static fn($v): bool => $v->finding->rule === $rule,
        ));
        $found = $named($bad);
        self::assertNotSame([], $found, "$rule says nothing");
        self::assertSame($severity, $found[0]->finding->severity->value);
        foreach (['en'] as $language) {
            $said = (new Lexicon(new Show(Units::Metric, locale: $language)))->finding($found[0]->finding);
            self::assertDoesNotMatchRegularExpression(
                '/(?<![\\w:]):[a-z]|findings\\.|\\b' . $rule . '\\b/',
                implode(' | ', [$said->title, $said->message, $said->remedy, $said->source]),
                $language,
            );
        }
        self::assertSame(
            [],
            array_map(static fn($v): string => $v->finding->fingerprint(), $named($good)),
            "$rule speaks where it must not",
        );
    }

    /**
     * Systems in which one value is turned; the rule speaks on one side of the point where its two figures meet.
     *
     * @return iterable<string, array{string, callable(float): System, float, float, float}> rule, system by the value turned, a value
     *     at which it speaks, one at which it must not, the figures' ratio at the turn
     */
    public static function turns(): iterable
    {
        $panels = static fn(int $n): array => array_map(static fn(int $i): array => self::part("q$i", 'panel', self::PANEL), range(1, $n));
        $panelled = static fn(int $n, array $regulator): System => self::system(
            ['conductors' => [
                ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'],
                ...array_map(static fn(int $i): array => ['uid' => "w$i", 'from' => "q$i.plus", 'to' => 'r1.pv_plus'], range(1, $n)),
            ]],
            [
                ...$panels($n),
                self::part('r1', 'regulator', ['technology' => 'mppt', 'max_charge_a' => 50, 'lithium' => 'custom', ...$regulator]),
            ],
        );
        $mains = static fn(float $watts, array $inverter): System => self::system(
            self::load(['side' => 'ac', 'watts' => $watts]),
            [self::part('v1', 'inverter', $inverter)],
        );
        yield 'watts on the bank' => [
            'bank-current-limit', static fn(float $w): System => self::system(self::load(['watts' => $w])), 3000, 300, 1.0,
        ];
        yield 'watts on the inverter' => [
            'inverter-overloaded', static fn(float $w): System => $mains($w, ['continuous_w' => 600]), 900, 100, 1.0,
        ];
        yield 'what the inverter gives' => [
            'inverter-overloaded', static fn(float $w): System => $mains(500, ['continuous_w' => $w]), 300, 900, 1.0,
        ];
        yield 'days wished' => [
            'short-of-wish', static fn(float $days): System => self::system(['travel' => ['months' => [6], 'wish_days' => $days]]), 20,
            0.5, 1.0,
        ];
        yield 'payload' => [
            'payload-exceeded',
            static fn(float $kg): System => self::system(['vehicle' => ['kind' => 'caravan', 'system_v' => 12, 'payload_kg' => $kg]]),
            1, 60, 1.0,
        ];
        yield 'axle' => [
            'axle-exceeded',
            static fn(float $kg): System => self::system(['vehicle' => ['kind' => 'caravan', 'system_v' => 12, 'axle_kg' => $kg]]), 1,
            60, 1.0,
        ];
        yield 'weight of the battery' => [
            'payload-exceeded',
            static fn(float $kg): System => self::system(
                ['vehicle' => ['kind' => 'caravan', 'system_v' => 12, 'payload_kg' => 30]],
                battery: [...self::LFP, 'mass_kg' => $kg],
            ),
            90,
            5,
            1.0,
        ];
        yield 'amps of the regulator' => [
            'regulator-clips', static fn(float $a): System => $panelled(4, ['max_charge_a' => $a, 'max_pv_v' => 150]), 5, 60, 1.0,
        ];
        yield 'a setting' => [
            'charge-volts-too-high', static fn(float $v): System => self::system(self::setting('absorption_v', (string) round($v, 6))),
            15, 14, 1.0,
        ];
        yield 'the lead to the charger' => ['dcdc-lead-undersized', static fn(float $m): System => self::system(
            ['conductors' => [
                ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'],
                ['uid' => 'w1', 'from' => 'alt.plus', 'to' => 'd1.input_plus', 'size_mm2' => 16, 'length_m' => $m],
            ]],
            [self::part('alt', 'alternator', ['rated_a' => 180]), self::part('d1', 'dcdc', ['output_a' => 30, 'lithium' => 'custom'])],
        ), 40, 0.5, 1.0];
        yield 'two batteries apart' => ['strings-apart', static fn(float $v): System => self::system(
            ['measurements' => array_map(
                static fn(int $i): array => [
                    'uid' => "m$i", 'part' => "b$i", 'quantity' => 'volts', 'value' => $i === 2 ? 13.6 - $v : 13.6,
                    'at' => "2026-11-25T09:0$i:00Z",
                ],
                [1, 2],
            )],
            batteries: 2,
        ), 1.0, 0.01, 1.0];
    }

    /**
     * @param callable(float): System $turned
     */
    #[DataProvider('turns')]
    public function testARuleTurnsOnceAndWhereItsTwoFiguresMeet(
        string $rule,
        callable $turned,
        float $speaks,
        float $silent,
        float $ratio,
    ): void {
        $said = static fn(float $x): ?Finding => array_values(
            array_filter(Study::of($turned($x))->assessment()->verdicts, static fn($v): bool => $v->finding->rule === $rule),
        )[0]->finding ?? null;
        self::assertNotNull($said($speaks), 'speaks at the one end');
        self::assertNull($said($silent), 'is silent at the other');
        [$yes, $no] = [$speaks, $silent];
        for ($i = 0; $i < 40; ++$i) {
            $middle = ($yes + $no) / 2.0;
            $said($middle) === null ? $no = $middle : $yes = $middle;
        }
        $finding = $said($yes);
        self::assertNotNull($finding);
        self::assertEqualsWithDelta($ratio, $finding->figures[0]->value / $finding->figures[1]->value, 0.015, $rule);
        // It turns once: further on it goes on speaking, further back it stays silent.
        foreach ([0.25, 0.5, 0.75] as $part) {
            self::assertNotNull($said($yes + $part * ($speaks - $yes)));
            self::assertNull($said($no + $part * ($silent - $no)));
        }
    }

    public function testTheSoundSystemIsSound(): void
    {
        self::assertSame([], array_map(static fn($v): string => $v->finding->key(), Study::of(self::system())->assessment()->verdicts));
    }

    public function testAnAnswerHoldsForItsFiguresAndIsAskedAgainForOthers(): void
    {
        $wish = static fn(float $days, array $answers = []): Assessment => Study::of(
            self::system(['travel' => ['months' => [6], 'wish_days' => $days], 'answers' => $answers]),
        )->assessment();
        $finding = $wish(4)->find('short-of-wish')?->finding;
        self::assertNotNull($finding);
        $answer = (new Answer(
            $finding->key(),
            $finding->fingerprint(),
            'overruled',
            'They have a generator',
            'P',
            '2026-11-25',
        ))->toArray();
        $settled = $wish(4, [$answer]);
        self::assertFalse($settled->find('short-of-wish')?->isOpen());
        self::assertSame(0, $settled->count(Severity::Fix));
        $again = $wish(6, [$answer])->find('short-of-wish');
        self::assertTrue($again?->isOpen());
        self::assertSame('They have a generator', $again->earlier?->reason);
    }

    public function testTheSkylineShowsDoneToDoAndCracked(): void
    {
        $skyline = Skyline::of(
            Study::of(
                self::system(
                    parts: [self::part('r1', 'regulator', ['technology' => 'pwm', 'max_charge_a' => 10, 'lithium' => 'none'], 'keep')],
                ),
            )->assessment(),
            new Progress(false, true),
        );
        self::assertSame(
            [StageState::Stopped, StageState::Done, StageState::Done, StageState::ToDo],
            [$skyline->states['survey'], $skyline->states['loads'], $skyline->states['size'], $skyline->states['settings']],
        );
        self::assertSame([Stage::Survey, false], [$skyline->nextStage, $skyline->finished]);
        $measured = ['conductors' => [['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in', 'size_mm2' => 35, 'length_m' => 0.2]]];
        $next = static fn(array $change, Progress $progress): Stage => Skyline::of(
            Study::of(self::system($change))->assessment(),
            $progress,
        )->nextStage;
        self::assertSame(
            [Stage::Wiring, Stage::DayPlan, Stage::Balance, Stage::Settings],
            [
                $next([], new Progress(false, true)), $next($measured, new Progress(false, false)),
                $next($measured, new Progress(false, false, true)), $next($measured, new Progress(false, true, true)),
            ],
        );
    }

    public function testEachPartHasTheProposalOfItsWorstFinding(): void
    {
        $assessment = Study::of(self::system(parts: [
            self::part('r1', 'regulator', ['technology' => 'pwm', 'max_charge_a' => 10, 'lithium' => 'none'], 'keep'),
            self::part('k2', 'mains_charger', ['output_a' => 30, 'lithium' => 'preset'], 'keep'),
            self::part('g1', 'gauge', [], 'keep'),
        ]))->assessment();
        self::assertSame(
            [Fate::Remove, Fate::Reprogram, Fate::Relabel, null],
            array_map($assessment->proposalFor(...), ['r1', 'k2', 'g1', 'b1']),
        );
    }

    public function testFoundAndPlannedAreTwoStatesOfOneGraph(): void
    {
        $system = self::system(['conductors' => [
            ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in', 'fate' => 'add'], [
                'uid' => 'c2', 'from' => 'o1.plus', 'to' => 'f0.in', 'fate' => 'remove',
            ], [
                'uid' => 'c3',
                'from' => 'o1.minus',
                'to' => 'g1.minus',
            ],
        ]], [
            self::part('o1', 'battery', self::AGM, 'remove'),
            self::part('f0', 'fuse', ['rating_a' => 60], 'remove'),
            self::part('g1', 'gauge', [], 'relabel'),
        ]);
        self::assertSame(['o1', 'f0', 'g1'], array_keys($system->found()->parts));
        self::assertSame(['b1', 'f1', 'm0', 'k1', 'g1'], array_keys($system->planned()->parts));
        self::assertSame(['c2', 'c3'], array_keys($system->found()->conductors));
        self::assertSame(['c1'], array_keys($system->planned()->conductors), 'a conductor whose part leaves, leaves with it');
        self::assertSame(
            [['b1.plus', 'f1.in']],
            array_map(
                static fn(Reach $r): array => array_map(strval(...), $r->points()),
                $system->planned()->islands(Passage::conductors()),
            ),
        );
        self::assertEqualsWithDelta(11.0 - 32.0, $system->difference()->massKg(), 1e-9);
    }
}
