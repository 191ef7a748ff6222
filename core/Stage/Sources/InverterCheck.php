<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources;

use Pebblefell\Finding\Figure;
use Pebblefell\Study;
use Pebblefell\System\Part;

/** Tells what stands behind the planned inverter: amps at low volts, heat, and what being on costs. */
final readonly class InverterCheck
{
    private function __construct(public Part $inverter, private Study $study)
    {
    }

    public static function of(Study $study): ?self
    {
        $inverter = $study->planned()->inverter();

        return $inverter === null ? null : new self($inverter, $study);
    }

    /** DC amps at full power and low volts: what leads, fuse and bank must bear. */
    public function lowVoltsA(): ?Figure
    {
        $watts = $this->inverter->data->figure('continuous_w');
        if ($watts === null) {
            return null;
        }
        $volts = $this->inverter->data->figureOrUsual('low_cutoff_v', $this->study->system->vehicle->systemV);
        $loads = $this->study->loads();

        return new Figure(
            'dc-amps-at-low-volts',
            ($watts->value / ($loads->efficiencyPct->value / 100.0) + $loads->idleW->value) / $volts->value,
            'A',
            'dc-amps-at-low-volts',
            [$watts, $loads->efficiencyPct, $loads->idleW, $volts],
            'first-principles',
        );
    }

    /** Heat at full power: what the ventilation gap must carry away. */
    public function heatW(): ?Figure
    {
        $watts = $this->inverter->data->figure('continuous_w');
        $loads = $this->study->loads();

        return $watts === null ? null : new Figure(
            'heat-at-full-power',
            $watts->value * (100.0 / $loads->efficiencyPct->value - 1.0) + $loads->idleW->value,
            'W',
            'heat-at-full-power',
            [$watts, $loads->efficiencyPct, $loads->idleW],
            'first-principles',
        );
    }

    /** Returns what it takes for itself if it is left on all day. */
    public function idleDay(): Figure
    {
        return new Figure(
            'left-on-a-day',
            24.0 * $this->study->loads()->idleW->value,
            'Wh',
            'left-on-a-day',
            [$this->study->loads()->idleW],
            'first-principles',
        );
    }
}
