<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;

/** Judges that what the plan adds stays within the payload that is left. */
final class WeightAllowed implements Rule
{
    public function judge(Study $study): array
    {
        $vehicle = $study->system->vehicle;
        $added = $study->system->difference()->massKg();
        $bank = -$study->banks()->savedKg()->value;
        $findings = [];
        if ($vehicle->payloadKg !== null && $added > $vehicle->payloadKg) {
            $findings[] = self::tooHeavy('payload-exceeded', $added, $vehicle->payloadKg);
        }
        if ($vehicle->axleKg !== null && $bank > $vehicle->axleKg) {
            $findings[] = self::tooHeavy('axle-exceeded', $bank, $vehicle->axleKg);
        }

        return $findings;
    }

    private static function tooHeavy(string $rule, float $addedKg, float $leftKg): Finding
    {
        return new Finding(
            $rule,
            Severity::Stop,
            Amount::compared(['added' => $addedKg, 'left' => $leftKg], 'kg', 0),
            [Figure::given('added', round($addedKg, 1), 'kg', Origin::Computed), Figure::given('left', $leftKg, 'kg')],
        );
    }
}
