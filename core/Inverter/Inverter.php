<?php

declare(strict_types=1);

namespace Pebblefell\Inverter;

use Pebblefell\Quantity\Guard;

/**
 * An inverter as the bank sees it: what the outlets take, divided by the efficiency, plus what it draws for being on.
 */
final readonly class Inverter
{
    private function __construct(public float $efficiencyPct, public float $idleW, public bool $alwaysOn)
    {
    }

    /**
     * @param float $efficiencyPct above 0 to 100
     * @param float $idleW its own draw while on
     * @param bool  $alwaysOn      left on day and night, or on only while something draws from it
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(float $efficiencyPct, float $idleW = 0.0, bool $alwaysOn = true): self
    {
        Guard::positive($efficiencyPct, '/efficiency_pct');

        return new self(
            Guard::between($efficiencyPct, 0.0, 100.0, '/efficiency_pct'),
            Guard::notNegative($idleW, '/idle_w'),
            $alwaysOn,
        );
    }

    public function isOn(float $loadW): bool
    {
        return $this->alwaysOn || $loadW > 0.0;
    }

    /** DC watts for $loadW at the outlets: load / efficiency + idle; 0 when it is off. */
    public function dcWatts(float $loadW): float
    {
        Guard::notNegative($loadW, '/load_w');

        return $this->isOn($loadW) ? $loadW / ($this->efficiencyPct / 100) + $this->idleW : 0.0;
    }

    /** Hours that $capacityWh of usable charge carries $loadW; infinite while it draws nothing. */
    public function runtimeH(float $loadW, float $capacityWh): float
    {
        $dc = $this->dcWatts($loadW);

        return $dc > 0.0 ? $capacityWh / $dc : INF;
    }
}
