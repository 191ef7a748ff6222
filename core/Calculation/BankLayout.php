<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Bank\Layout;
use Pebblefell\Bank\Link;

/** `bank-layout`: the links of a usual layout, ready for bank-share. */
final class BankLayout implements Calculation
{
    public static function schema(): array
    {
        return Schema::object([
            'count' => Schema::whole(1, 26),
            'layout' => Schema::oneOf(...array_column(Layout::cases(), 'value')),
            'link_ohm' => Schema::notNegative(),
            'lead_ohm' => Schema::notNegative(),
        ]);
    }

    public static function run(array $in): array
    {
        $links = Layout::from($in['layout'])->links(array_slice(range('A', 'Z'), 0, $in['count']), $in['link_ohm'], $in['lead_ohm']);

        return [
            'links' => array_map(static fn(Link $l): array => ['from' => $l->from, 'to' => $l->to, 'ohm' => $l->ohm], $links),
            'takeoff' => ['positive' => Layout::POSITIVE, 'negative' => Layout::NEGATIVE],
        ];
    }
}
