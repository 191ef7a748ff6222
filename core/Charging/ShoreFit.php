<?php

declare(strict_types=1);

namespace Pebblefell\Charging;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Quantity\Guard;

/**
 * Charging and pass-through share one breaker: charger AC A + outlets A ≤ breaker A.
 *
 * Charger AC A = output A × DC V / (efficiency × mains V), at a power factor of 1. First principles.
 */
final readonly class ShoreFit
{
    private function __construct(
        public float $mainsV,
        public float $breakerA,
        private float $outputA,
        private float $dcV,
        private float $efficiencyPct,
        public float $passthroughW,
        public float $chargerAcA,
        public float $totalAcA,
        public float $headroomA,
        public float $maxChargerOutputA,
    ) {
    }

    /**
     * @param float $passthroughW at the outlets while it charges
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(float $mainsV, float $breakerA, float $outputA, float $dcV, float $efficiencyPct, float $passthroughW): self
    {
        Guard::positive($mainsV, '/voltage_v');
        Guard::positive($breakerA, '/breaker_a');
        Guard::notNegative($outputA, '/charger_output_a');
        Guard::positive($dcV, '/charger_dc_v');
        Guard::positive($efficiencyPct, '/charger_efficiency_pct');
        Guard::between($efficiencyPct, 1.0, 100.0, '/charger_efficiency_pct');
        Guard::notNegative($passthroughW, '/passthrough_w');
        $chargerAcA = $outputA * $dcV / ($efficiencyPct / 100.0 * $mainsV);
        $passA = $passthroughW / $mainsV;

        return new self(
            $mainsV,
            $breakerA,
            $outputA,
            $dcV,
            $efficiencyPct,
            $passthroughW,
            $chargerAcA,
            $chargerAcA + $passA,
            $breakerA - $chargerAcA - $passA,
            max(0.0, ($breakerA - $passA) * $mainsV * $efficiencyPct / 100.0 / $dcV),
        );
    }

    public function total(): Figure
    {
        return new Figure('drawn-from-the-post', $this->totalAcA, 'A', 'drawn-from-the-post', [
            Figure::given('charger-output', $this->outputA, 'A', Origin::DataSheet),
            Figure::given('dc-volts', $this->dcV, 'V'),
            Figure::given('efficiency', $this->efficiencyPct, '%', Origin::DataSheet),
            Figure::given('mains', $this->mainsV, 'V'),
            Figure::given('outlets', $this->passthroughW, 'W'),
        ], 'power-factor-one');
    }

    /**
     * @param string $subject uid of the charger
     *
     * @return list<Finding>
     */
    public function findings(string $subject = ''): array
    {
        if ($this->headroomA >= 0.0) {
            return [];
        }
        $outlets = $this->passthroughW / $this->mainsV;

        return [new Finding(
            'hook-up-overloaded',
            Severity::Fix,
            [
                ...Amount::exceeding(
                    ['charger' => $this->chargerAcA, 'outlets' => $outlets],
                    ['breaker' => $this->breakerA],
                    'A',
                    1,
                ),
                // In whole amperes that still fit.
                'most' => Amount::of(floor($this->maxChargerOutputA), 'A', 0),
            ],
            [$this->total(), Figure::given('breaker', $this->breakerA, 'A')],
            $subject,
            variant: $outlets >= $this->breakerA ? 'outlets' : '',
        )];
    }
}
