<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Bank\Levelling;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;

/** `equalise`: batteries on a common bar, until they are even. */
final class Equalise implements Calculation
{
    public static function schema(): array
    {
        return Schema::object(
            [
                'batteries' => Schema::listOf(Schema::object(
                    ['id' => ['type' => 'string', 'minLength' => 1], 'capacity_ah' => Schema::positive(), 'r_ohm' => Schema::positive()],
                    ['soc_pct' => Schema::between(0, 100), 'ocv_v' => Schema::positive()],
                )),
                'chemistry' => Schema::oneOf(...array_column(Chemistry::cases(), 'value')),
                'link_ohm' => Schema::notNegative(),
            ],
            ['until_a' => Schema::positive(1)],
        );
    }

    public static function run(array $in): array
    {
        $levelling = Levelling::of($in['batteries'], Chemistry::from($in['chemistry']), $in['link_ohm'], $in['until_a']);
        if ($levelling->hours === null) {
            throw InvalidValue::at('/until_a', 'not-in-hours', ['hours' => 2000]);
        }
        $rows = static fn(array $values, string $key): array => array_map(
            static fn(string $id, float $v): array => ['id' => $id, $key => $v],
            array_map(strval(...), array_keys($values)),
            array_values($values),
        );

        return [
            'initial' => $rows($levelling->initialA, 'current_a'),
            'hours' => $levelling->hours,
            'moved_ah' => $levelling->movedAh,
            'final' => $rows($levelling->finalSocPct, 'soc_pct'),
        ];
    }
}
