<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Charging\DcdcFit;
use Pebblefell\Conductor\Run;
use Pebblefell\Conductor\Way;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Finding;
use Pebblefell\Quantity\ConductorSize;

/** `dcdc-fit`: a DC-DC charger on an alternator. */
final class DcdcFits implements Calculation
{
    public static function schema(): array
    {
        return Schema::object(
            [
                'alternator_a' => Schema::positive(),
                'charger_output_a' => Schema::positive(),
                'cable' => Schema::object(['size_mm2' => Schema::positive(), 'length_m' => Schema::positive()]),
                'vehicle_load_a' => Schema::notNegative(),
            ],
            [
                'charger_efficiency_pct' => Schema::percent(DcdcFit::USUAL_EFFICIENCY_PCT),
                'input_v' => Schema::positive(DcdcFit::USUAL_INPUT_V),
                'output_v' => Schema::positive(DcdcFit::USUAL_OUTPUT_V),
                'idle_output_pct' => Schema::between(0, 100, DcdcFit::USUAL_IDLE_PCT),
            ],
        );
    }

    public static function run(array $in): array
    {
        try {
            $lead = Run::of(ConductorSize::ofArea($in['cable']['size_mm2']), $in['cable']['length_m']);
        } catch (InvalidValue $e) {
            throw $e->under('/cable');
        }
        $fit = DcdcFit::of(
            $in['alternator_a'],
            $in['charger_output_a'],
            $in['vehicle_load_a'],
            Way::of($lead),
            $in['charger_efficiency_pct'],
            $in['input_v'],
            $in['output_v'],
            $in['idle_output_pct'],
        );

        return [
            'input_a' => $fit->inputA,
            'drop_v' => $fit->dropV(),
            'share_of_alternator_pct' => $fit->sharePct(),
            'may_charge_at_idle' => $fit->mayChargeAtIdle(),
            'recommended_output_a' => $fit->recommendedOutputA,
            'findings' => array_map(static fn(Finding $f): Said => new Said($f), $fit->findings()),
        ];
    }
}
