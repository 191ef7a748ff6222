<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources\Rules;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;

/** Panels feed the bank through a regulator. */
final class PanelsHaveRegulator implements Rule
{
    public function judge(Study $study): array
    {
        $watts = $study->planned()->arrayW();
        if ($watts <= 0.0 || $study->banks()->planned->bank === null) {
            return [];
        }
        if ($study->planned()->of(Family::SolarRegulator) === []) {
            return [new Finding('panels-without-regulator', Severity::Stop, [], [Figure::given('array', $watts, 'W', Origin::DataSheet)])];
        }

        return [];
    }
}
