<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\System\JobFile;
use Pebblefell\System\System;

/** A small system that no rule has a word about, to be changed in one thing at a time. */
trait SoundSystem
{
    protected const LFP = [
        'chemistry' => 'lfp', 'nominal_v' => 12.8, 'capacity_ah' => 100, 'bms' => true, 'low_temp_cutoff' => true, 'heater_w' => 40,
        'discharge_limit_a' => 100, 'max_charge_v' => 14.6, 'cutoff_v' => 10.8, 'mass_kg' => 11,
    ];
    protected const PANEL = [
        'pmax_w' => 100, 'voc_v' => 22.4, 'vmp_v' => 18.6, 'isc_a' => 5.75, 'imp_a' => 5.38, 'voc_tempco_pct_per_c' => -0.28,
        'vmp_tempco_pct_per_c' => -0.36,
    ];
    protected const AGM = ['chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 110, 'rate_h' => 20, 'mass_kg' => 32];

    /**
     * A small sound system: one LFP battery with its fuse, a mains charger that suits, a DC load; places and months known.
     *
     * @param array<string, mixed>       $change what differs at the top of the file
     * @param array<array<string, mixed>> $parts that come besides
     * @param ?array<string, mixed>      $battery the data sheet, if another
     */
    private static function system(array $change = [], array $parts = [], ?array $battery = null, int $batteries = 1): System
    {
        $rows = [];
        for ($i = 1; $i <= $batteries; ++$i) {
            $rows[] = [
                'uid' => "b$i",
                'kind' => 'battery',
                'fate' => 'add',
                'data' => $battery ?? self::LFP,
                'serial' => 'x',
                'place' => 'bay',
            ];
        }

        return JobFile::fromArray([
            'title' => 'T', 'region' => 'europe', 'target_chemistry' => 'lfp', 'client' => ['name' => 'C'],
            'vehicle' => ['kind' => 'camper_van', 'system_v' => 12],
            'travel' => ['months' => [6], 'wish_days' => 1, 'hook_up' => 'mostly', 'driving_h_day' => 1],
            'place' => ['name' => 'P', 'latitude_deg' => 55, 'min_c' => array_fill(0, 12, 8)],
            'conductors' => [['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in']],
            'scenarios' => [['uid' => 's1', 'name' => 'day', 'sizing' => true]],
            'appliances' => [[
                'uid' => 'a1',
                'name' => 'lamp',
                'side' => 'dc',
                'watts' => 20,
                'hours' => ['s1' => [['from_h' => 0, 'to_h' => 24]]],
            ]],
            'parts' => [
                ...$rows,
                self::part('f1', 'breaker', ['rating_a' => 100, 'interrupt_a' => 20000]),
                self::part('m0', 'monitor', ['shunt_a' => 300]),
                self::part('k1', 'mains_charger', ['output_a' => 30, 'lithium' => 'custom']),
                ...$parts,
            ],
            ...$change,
        ]);
    }

    /**
     * @param array<string, mixed> $data
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private static function part(string $uid, string $kind, array $data = [], string $fate = 'add', array $more = []): array
    {
        return ['uid' => $uid, 'kind' => $kind, 'fate' => $fate, 'data' => $data, 'serial' => 'x', 'place' => 'y', ...$more];
    }

    /**
     * @param array<string, mixed> $load
     *
     * @return array<string, mixed>
     */
    private static function load(array $load): array
    {
        return [
            'appliances' => [
                [
                    'uid' => 'a1', 'name' => 'load', 'side' => 'dc', 'watts' => 20,
                    'hours' => ['s1' => [['from_h' => 0, 'to_h' => 24]]], ...$load,
                ],
            ],
        ];
    }
}
