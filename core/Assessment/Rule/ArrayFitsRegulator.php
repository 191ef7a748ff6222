<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Setting\Parameter;
use Pebblefell\Sizing\PvArray;
use Pebblefell\Sizing\Sums;
use Pebblefell\System\Place;

/** Each array suits its regulator: volts on the coldest morning and in the heat, current, watts, like with like. */
final class ArrayFitsRegulator implements Rule
{
    public function stage(): Stage
    {
        return Stage::Sources;
    }

    public function judge(Sums $sums): array
    {
        $bank = $sums->banks->planned->bank;
        if ($bank === null) {
            return [];
        }
        $absorptionV = $sums->settings->profile?->figure(Parameter::Absorption)->value ?? $bank->nominalV();
        $low = $sums->system->place?->recordLowC() ?? Place::ASSUMED_MIN_C - Place::RECORD_BELOW_C;
        $findings = [];
        foreach (PvArray::allOf($sums->planned) as $array) {
            $fit = $array->fit($array->series(), $low, $absorptionV);
            $findings = [...$findings, ...($fit?->findings($array->regulator->uid ?? '') ?? self::byWatts($array, $absorptionV))];
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
        $amps = new Figure('Full-sun current', $array->watts() / $absorptionV, 'A', 'array watts ÷ absorption volts', [Figure::given('array', $array->watts(), 'W', Origin::DataSheet), Figure::given('absorption', $absorptionV, 'V')], 'first principles');
        if ($limit === null || $limit->value >= $amps->value) {
            return [];
        }

        return [new Finding('regulator-clips', Severity::Note, ['array' => Amount::of($array->watts(), 'W', 0), 'amps' => Amount::of($amps->value, 'A', 0), 'limit' => Amount::of($limit->value, 'A', 0)], [$amps, $limit], $array->regulator->uid, variant: 'watts')];
    }
}
