<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Conductor\Run;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Remedy;
use Pebblefell\Finding\Severity;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Sizing\Sums;
use Pebblefell\System\Conductor;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;

/** The lead from the alternator side to a DC-DC charger carries its input current without losing too much: tow leads seldom do. */
final class TowLeadCarries implements Rule
{
    /** Volts at the alternator side while the engine runs, per 12 V of system. Common practice. */
    private const INPUT_V = 13.5;

    /** Volts at the charger's output, per 12 V. Common practice. */
    private const OUTPUT_V = 14.0;

    private const USUAL_EFFICIENCY_PCT = 90.0;

    /** ABYC E-11 (from memory): 3 % for critical circuits. */
    private const MOST_DROP = 0.03;

    public function stage(): Stage
    {
        return Stage::Survey;
    }

    public function judge(Sums $sums): array
    {
        $findings = [];
        foreach ($sums->planned->ofKind(PartKind::Dcdc) as $charger) {
            foreach ($sums->planned->at($charger->uid . '.input_plus') as $lead) {
                $finding = $this->lead($sums, $charger, $lead);
                if ($finding !== null) {
                    $findings[] = $finding;
                }
            }
        }

        return $findings;
    }

    private function lead(Sums $sums, Part $charger, Conductor $lead): ?Finding
    {
        $output = $charger->data->figure('output_a');
        if ($output === null || $lead->sizeMm2 === null || $lead->lengthM === null) {
            return null;
        }
        $efficiency = $charger->data->figure('efficiency_pct') ?? Figure::given('Efficiency', self::USUAL_EFFICIENCY_PCT, '%', Origin::Assumed);
        $amps = new Figure('input current', $output->value * self::OUTPUT_V / (self::INPUT_V * $efficiency->value / 100), 'A', 'output × 14.0 V ÷ (13.5 V × efficiency)', [$output, $efficiency], 'first principles');
        $run = Run::of(ConductorSize::ofArea($lead->sizeMm2), $lead->lengthM);
        $drop = new Figure('volts lost', $run->dropV($amps->value), 'V', 'current × 2 × ρ × length ÷ area', [
            $amps,
            Figure::given('length one way', $lead->lengthM, 'm'),
            Figure::given('size', $lead->sizeMm2, 'mm²'),
        ], 'IEC 60028 copper (from memory)');
        $allowed = self::MOST_DROP * self::INPUT_V * $sums->system->vehicle->systemV / 12.0;
        if ($drop->value <= $allowed) {
            return null;
        }
        $units = $sums->system->region->units();
        $better = $run->areaFor($amps->value, $allowed);

        return new Finding(
            'tow-lead-undersized',
            Severity::Fix,
            'The lead to the DC-DC charger is too thin',
            sprintf('At %.0f A it loses %.1f V over %s. The charger sees less than the alternator gives, and may shut off.', $amps->value, $drop->value, $units->conductorSize($lead->sizeMm2)),
            new Remedy($better === null ? 'Shorten it, or dial the charger down' : 'Fit ' . $units->conductorSize($better->areaMm2) . ' on both sides of the plug, or dial the charger down'),
            'ABYC E-11, 3 % for critical circuits (from memory)',
            [$drop, Figure::given('allowed', $allowed, 'V')],
            $charger->uid,
        );
    }
}
