<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;

/**
 * A self-built LFP pack cell by cell: groups in series, charged as one. A charger sees only its two ends; the fullest group decides.
 *
 * Capacities and charges lie evenly across their spreads, the largest charge on the smallest cell, which is the worst case.
 */
final readonly class CellPack
{
    /** A cell may not pass this, V. Common practice: charge limit 3.65. */
    public const CELL_LIMIT_V = 3.65;

    /** A common bar of a pack: so many V a cell while the charge ends. Common practice. */
    public const USUAL_CHARGE_V = 3.55;

    /**
     * @param list<float> $ah     of each group
     * @param list<float> $socPct of each group at the start
     * @param list<float> $cellV of each group when the first reaches its limit
     */
    private function __construct(
        public array $ah,
        public array $socPct,
        public array $cellV,
        public float $packLimitV,
        public float $chargedAh,
        public float $leftAh,
        public float $balanceH,
    ) {
    }

    /**
     * @param int   $groups        in series, 4 to 16
     * @param int   $parallel      cells in a group
     * @param float $cellAh        of one cell
     * @param float $capacityPct   largest less smallest group, % of the mean
     * @param float $chargePct     fullest less emptiest group, % points
     * @param float $socPct        mean charge at the start
     * @param float $chargeA       charge current
     * @param float $cellOhm       of one cell
     * @param float $bleedA        of the balancer, on one group
     *
     * @throws InvalidValue
     */
    public static function of(
        int $groups,
        int $parallel,
        float $cellAh,
        float $capacityPct,
        float $chargePct,
        float $socPct = 50.0,
        float $chargeA = 30.0,
        float $cellOhm = 0.0006,
        float $bleedA = 0.1,
    ): self {
        Guard::between($groups, 2, 16, '/groups');
        Guard::between($parallel, 1, 16, '/parallel');
        Guard::positive($cellAh, '/cell_ah');
        Guard::between($capacityPct, 0.0, 60.0, '/capacity_spread_pct');
        Guard::between($chargePct, 0.0, 60.0, '/charge_spread_pct');
        Guard::between($socPct, 0.0, 100.0, '/soc_pct');
        Guard::notNegative($chargeA, '/charge_a');
        Guard::positive($cellOhm, '/cell_ohm');
        Guard::positive($bleedA, '/bleed_a');
        $ah = $soc = $room = [];
        for ($i = 0; $i < $groups; ++$i) {
            $place = $groups === 1 ? 0.0 : $i / ($groups - 1) - 0.5;
            $ah[] = $parallel * $cellAh * (1.0 + $place * $capacityPct / 100.0);
            $soc[] = max(0.0, min(100.0, $socPct - $place * $chargePct));
            $room[] = $ah[$i] * (1.0 - $soc[$i] / 100.0);
        }
        $charged = min([INF, ...$room]);
        $curve = Chemistry::Lfp->restCurve();
        $drop = $chargeA * $cellOhm / $parallel;
        $volts = [];
        foreach ($ah as $i => $capacity) {
            $at = $soc[$i] + 100.0 * $charged / $capacity;
            $volts[] = $curve->volts(min(100.0, $at)) + $drop;
        }
        // The fullest stands at its limit, where the curve is steep; the others at their rested volts and the drop.
        $fullest = (int) array_search($charged, $room, true);
        $volts[$fullest] = self::CELL_LIMIT_V;
        $most = max([0.0, ...$room]);

        return new self($ah, $soc, array_values($volts), array_sum($volts), $charged, $most - $charged, ($most - $charged) / $bleedA);
    }

    /** mV between the highest and the lowest group when the first reaches its limit. */
    public function spreadMv(): float
    {
        return 1000.0 * (max([0.0, ...$this->cellV]) - min([9.0, ...$this->cellV]));
    }
}
