<?php

declare(strict_types=1);

namespace Pebblefell\Sizing;

use Pebblefell\Finding\Figure;
use Pebblefell\System\Part;

/** What stands behind the planned inverter: amps at low volts, heat, and what being on costs. */
final readonly class InverterCheck
{
    private function __construct(public Part $inverter, private Sums $sums)
    {
    }

    public static function of(Sums $sums): ?self
    {
        $inverter = $sums->planned->inverter();

        return $inverter === null ? null : new self($inverter, $sums);
    }

    /** DC amps at full power and low volts: what leads, fuse and bank must bear. */
    public function lowVoltsA(): ?Figure
    {
        $watts = $this->inverter->data->figure('continuous_w');
        if ($watts === null) {
            return null;
        }
        $volts = $this->inverter->data->figureOrUsual('low_cutoff_v', $this->sums->system->vehicle->systemV);
        $loads = $this->sums->loads;

        return new Figure('DC amps at low volts', ($watts->value / ($loads->efficiencyPct->value / 100.0) + $loads->idleW->value) / $volts->value, 'A', '(continuous W ÷ efficiency + idle draw) ÷ low volts', [$watts, $loads->efficiencyPct, $loads->idleW, $volts], 'first principles');
    }

    /** Heat at full power: what the ventilation gap must carry away. */
    public function heatW(): ?Figure
    {
        $watts = $this->inverter->data->figure('continuous_w');
        $loads = $this->sums->loads;

        return $watts === null ? null : new Figure('Heat at full power', $watts->value * (100.0 / $loads->efficiencyPct->value - 1.0) + $loads->idleW->value, 'W', 'continuous W × (1 ÷ efficiency − 1) + idle draw', [$watts, $loads->efficiencyPct, $loads->idleW], 'first principles');
    }

    /** What it takes for itself if it is left on all day. */
    public function idleDay(): Figure
    {
        return new Figure('Left on, a day', 24.0 * $this->sums->loads->idleW->value, 'Wh', 'idle draw × 24 h', [$this->sums->loads->idleW], 'first principles');
    }
}
