<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank\Rules;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;

/** A bank whose BMS has opened, and that comes back only when it is charged, has a source that charges a dead one. */
final class SomethingWakesIt implements Rule
{
    public function judge(Study $study): array
    {
        $battery = $study->banks()->planned->parts[0] ?? null;
        $waking = $study->waking();
        if ($battery === null || $waking === null || $battery->data->text('wakes_by') !== 'charge' || $waking->isStuck() === false) {
            return [];
        }
        $unknown = $waking->isStuck() === null;

        return [new Finding(
            'nothing-wakes-it',
            $unknown ? Severity::Note : Severity::Fix,
            ['part' => Named::part($battery->uid)],
            [Figure::given('sources', count($waking->sources), '')],
            $battery->uid,
            variant: $unknown ? 'unknown' : '',
        )];
    }
}
