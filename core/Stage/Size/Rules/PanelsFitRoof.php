<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Part;

/** Every planned panel finds a place on the measured roof. */
final class PanelsFitRoof implements Rule
{
    public function judge(Study $study): array
    {
        $roof = $study->simulations->roof();
        if ($roof === null || ($roof->left === [] && $roof->clashes() === 0)) {
            return [];
        }

        return [new Finding(
            'panels-do-not-fit',
            Severity::Fix,
            [
                'parts' => array_map(static fn(Part $p): Named => Named::part($p->uid), $roof->left),
                'count' => Amount::of(count($roof->left) + $roof->clashes()),
                'roof' => Amount::of($roof->roof->areaM2(), 'm²', 1),
            ],
            [Figure::given('panels-without-a-place', count($roof->left) + $roof->clashes(), '', Origin::Computed)],
            variant: $roof->left === [] ? 'clash' : '',
        )];
    }
}
