<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Finding\Finding;
use Pebblefell\Setting\Ladder;
use Pebblefell\Setting\Rung;

/** `ladder`: every voltage at which something acts, and where they get in one another's way. */
final class Ladders implements Calculation
{
    public static function schema(): array
    {
        return Schema::object(
            [
                'chemistry' => Schema::oneOf(...array_column(Chemistry::cases(), 'value')),
                'cells' => Schema::whole(1, 100),
                'settings' => Schema::listOf(Schema::object([
                    'device' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 80],
                    'parameter' => Schema::oneOf(...Ladder::PARAMETERS),
                    'value_v' => Schema::positive(),
                ])),
            ],
            ['bms' => Schema::object(['high_v' => Schema::positive(), 'low_v' => Schema::positive()])],
        );
    }

    public static function run(array $in): array
    {
        $settings = array_map(static fn(array $s): Rung => new Rung($s['device'], $s['parameter'], (float) $s['value_v']), $in['settings']);
        $ladder = Ladder::of(
            Chemistry::from($in['chemistry']),
            $in['cells'],
            $settings,
            $in['bms']['high_v'] ?? null,
            $in['bms']['low_v'] ?? null,
        );

        return [
            'ladder' => array_map(
                static fn(Rung $r): array => ['device' => $r->device, 'parameter' => $r->parameter, 'value_v' => $r->valueV],
                $ladder->rungs,
            ),
            'findings' => array_map(static fn(Finding $f): Said => new Said($f), $ladder->findings()),
        ];
    }
}
