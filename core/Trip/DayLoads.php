<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

use Pebblefell\Load\Budget;

/** A day's loads cut into the simulation's steps. */
final readonly class DayLoads
{
    /**
     * @param list<float> $dcW      mean W of the DC loads in each step
     * @param list<float> $acW      mean W at the outlets in each step
     * @param list<float> $idleW    mean W that the inverter takes for being on, when it feeds the outlets
     * @param float $efficiency of the inverter, 0 to 1
     */
    private function __construct(public array $dcW, public array $acW, public array $idleW, public float $efficiency)
    {
    }

    public static function of(Budget $budget, int $perDay): self
    {
        $stepH = 24.0 / $perDay;
        $efficiency = $budget->inverter === null ? 1.0 : $budget->inverter->efficiencyPct / 100;
        $dc = $ac = $idle = array_fill(0, $perDay, 0.0);
        foreach ($budget->moments as $moment) {
            $acW = $moment->acMeanW();
            $idleW = max(0.0, $moment->meanW - $moment->dcMeanW - $acW / $efficiency);
            $last = min($perDay - 1, (int) ceil($moment->toH / $stepH) - 1);
            for ($k = (int) floor($moment->fromH / $stepH); $k <= $last; ++$k) {
                $share = (min($moment->toH, ($k + 1) * $stepH) - max($moment->fromH, $k * $stepH)) / $stepH;
                if ($share > 0.0) {
                    $dc[$k] += $moment->dcMeanW * $share;
                    $ac[$k] += $acW * $share;
                    $idle[$k] += $idleW * $share;
                }
            }
        }

        return new self(array_values($dc), array_values($ac), array_values($idle), $efficiency);
    }

    /** A day on which nothing is switched on. */
    public function none(): self
    {
        $zero = array_map(static fn(): float => 0.0, $this->dcW);

        return new self($zero, $zero, $zero, $this->efficiency);
    }

    /**
     * W at the battery in each step.
     *
     * @return list<float>
     */
    public function atBatteryW(): array
    {
        return array_map(
            fn(float $dc, float $ac, float $idle): float => $dc + $ac / $this->efficiency + $idle,
            $this->dcW,
            $this->acW,
            $this->idleW,
        );
    }
}
