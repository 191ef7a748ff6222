<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Closure;

/** Tells what one more battery and one more panel would bring at a point of the endurance map. */
final readonly class Worth
{
    /**
     * @param float $battery gain by one more string: days, or % of days
     * @param float $panel   gain by one more panel
     * @param string $better battery, panel, neither or either
     */
    private function __construct(public float $now, public float $battery, public float $panel, public string $better, public bool $byMoney)
    {
    }

    /** @param ?Closure(float): float $lasts what is known of the point itself, by what the map says of it; null: nothing more */
    public static function at(Endurance $map, int $strings, int $panels, ?Closure $lasts = null): self
    {
        [$here, $more] = $map->row($panels, [$strings, $strings + 1]);
        $battery = max(0.0, $more - $here);
        $panel = max(0.0, $map->at($strings, $panels + 1) - $here);
        [$perBattery, $perPanel] = [$map->battery->price, $map->panel->price];
        $byMoney = $perBattery !== null && $perPanel !== null && $perBattery > 0.0 && $perPanel > 0.0;
        // By money where the prices are known, else by weight.
        $a = $battery / max(0.01, $byMoney ? $perBattery : $map->battery->massKg);
        $b = $panel / max(0.01, $byMoney ? $perPanel : $map->panel->massKg);

        return new self($lasts === null ? $here : $lasts($here), $battery, $panel, match (true) {
            $battery < 1e-6 && $panel < 1e-6 => 'neither',
            $a > 1.05 * $b => 'battery',
            $b > 1.05 * $a => 'panel',
            default => 'either',
        }, $byMoney);
    }
}
