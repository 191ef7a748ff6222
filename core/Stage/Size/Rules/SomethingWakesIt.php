<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size\Rules;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Part;

/** A bank whose BMS has opened, and that comes back only when it is charged, has a charger that charges a dead one. */
final class SomethingWakesIt implements Rule
{
    public function judge(Study $study): array
    {
        $parts = $study->banks()->planned->parts;
        if ($parts === [] || $parts[0]->data->text('wakes_by') !== 'charge') {
            return [];
        }
        $wake = array_map(static fn(Part $p): ?bool => $p->data->flag('gives_dead_volts'), $study->planned()->chargers());
        if (in_array(true, $wake, true)) {
            return [];
        }
        $unknown = in_array(null, $wake, true);

        return [new Finding(
            'nothing-wakes-it',
            $unknown ? Severity::Note : Severity::Fix,
            ['part' => Named::part($parts[0]->uid)],
            [Figure::given('sources', count($wake), '')],
            $parts[0]->uid,
            variant: $unknown ? 'unknown' : '',
        )];
    }
}
