<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Loads\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Loads\OtherSystem;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Part;

/** A second DC system is kept apart, is charged by something, and is known to whoever opens the main switch. Common practice. */
final class OtherSystems implements Rule
{
    public function judge(Study $study): array
    {
        $findings = [];
        foreach (OtherSystem::all($study) as $other) {
            $battery = $other->batteries[0];
            $args = ['part' => Named::part($battery->uid)];
            if ($other->isJoined($study)) {
                $unlike = array_filter(
                    $study->banks()->planned->parts,
                    static fn(Part $p): bool => $p->data->chemistry() !== $battery->data->chemistry(),
                ) !== [];
                $findings[] = new Finding(
                    'systems-joined',
                    $unlike ? Severity::Stop : Severity::Fix,
                    $args,
                    [],
                    $battery->uid,
                    [],
                    $unlike ? 'unlike' : '',
                );

                continue;
            }
            $findings[] = new Finding('second-system', Severity::Note, $args, [], $battery->uid);
            if ($other->budget->energyWhDay > 0.0 && $other->sources === []) {
                $findings[] = new Finding(
                    'second-system-uncharged',
                    Severity::Fix,
                    [...$args, 'days' => Amount::of(min(999.0, $other->bank->days()->value), 'days', 1)],
                    [
                        Figure::given('energy-a-day-at-the-battery', round($other->budget->energyWhDay), 'Wh', Origin::Computed),
                        $other->bank->usable(),
                    ],
                    $battery->uid,
                );
            }
        }

        return $findings;
    }
}
