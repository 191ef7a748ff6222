<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Setting\Parameter;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\PvArray;

/** Each array suits its regulator: volts on the coldest morning and in the heat, current, watts, like with like. */
final class ArrayFitsRegulator implements Rule
{
    public function judge(Study $study): array
    {
        $bank = $study->banks()->planned->bank;
        if ($bank === null) {
            return [];
        }
        $absorptionV = $study->settings()->profile?->figure(Parameter::Absorption)->value ?? $bank->nominalV();
        $low = $study->coldestMorningC();
        $place = $study->system->place;
        $usual = $place === null ? null : max(array_map($place->minCOf(...), $study->system->travel->months ?: range(1, 12)));
        $findings = [];
        foreach ($study->arrays() as $array) {
            $fit = $array->fit(null, $low, $absorptionV);
            $findings = [...$findings, ...($fit?->findings($array->regulator->uid ?? '', $usual) ?? self::byWatts($array, $absorptionV))];
        }

        return $findings;
    }

    /**
     * As long as the panels' volts and amps are not known, only the watts can be judged.
     *
     * @return list<Finding>
     */
    private static function byWatts(PvArray $array, float $absorptionV): array
    {
        if ($array->regulator === null) {
            return [];
        }
        $limit = $array->regulator->data->figure('max_charge_a');
        $amps = new Figure(
            'full-sun-current',
            $array->watts() / $absorptionV,
            'A',
            'full-sun-current',
            [Figure::given('array', $array->watts(), 'W', Origin::DataSheet), Figure::given('absorption', $absorptionV, 'V')],
            'first-principles',
        );
        if ($limit === null || $limit->value >= $amps->value) {
            return [];
        }

        return [new Finding(
            'regulator-clips',
            Severity::Note,
            [
                'array' => Amount::of($array->watts(), 'W', 0),
                ...Amount::compared(['amps' => $amps->value, 'limit' => $limit->value], 'A', 0),
            ],
            [$amps, $limit],
            $array->regulator->uid,
            variant: 'watts',
        )];
    }
}
