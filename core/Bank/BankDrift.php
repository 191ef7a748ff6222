<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;

/** The whole bank through a discharge or a charge: how the shares drift along the flat of the curve and swing at its ends. */
final readonly class BankDrift
{
    private const STEPS = 400;

    /**
     * @param list<array{hours: float, amps: list<float>, socPct: list<float>, bankV: float}> $course
     * @param string $ended   empty, full, limit or time
     * @param ?int   $endedBy the source, from 0, that ended it
     */
    private function __construct(public array $course, public string $ended, public ?int $endedBy)
    {
    }

    /**
     * @param int   $cells in series in one battery
     * @param list<float> $capacitiesAh of each battery
     * @param float       $loadA        positive: discharge; negative: charge
     * @param list<float> $fromSocPct
     *
     * @throws InvalidValue
     */
    public static function of(
        Network $network,
        Chemistry $chemistry,
        int $cells,
        array $capacitiesAh,
        float $loadA,
        array $fromSocPct,
    ): self {
        if (abs($loadA) < 1e-9) {
            throw InvalidValue::at('/current_a', 'not-0');
        }
        foreach ($capacitiesAh as $i => $ah) {
            Guard::positive($ah, "/batteries/$i/capacity_ah");
        }
        $curve = $chemistry->restCurve();
        $soc = $fromSocPct;
        $per = max(1.0, array_sum($capacitiesAh) / abs($loadA)) * 1.3 / self::STEPS;
        $course = [];
        $hours = 0.0;
        $ended = ['time', null];
        for ($k = 0; $k <= 4 * self::STEPS; ++$k) {
            $share = $network->shareAt(
                array_map(static fn(float $s): float => $cells * $curve->volts(max(0.0, min(100.0, $s))), $soc),
                $loadA,
            );
            $course[] = ['hours' => $hours, 'amps' => $share->amps, 'socPct' => $soc, 'bankV' => $share->bankV];
            foreach ($network->sources as $i => $source) {
                if ($loadA > 0.0 ? $soc[$i] <= 0.0 : $soc[$i] >= 100.0) {
                    $ended = [$loadA > 0.0 ? 'empty' : 'full', $i];
                    break 2;
                }
                $limit = $loadA > 0.0 ? $source->dischargeLimitA : $source->chargeLimitA;
                if ($limit !== null && abs($share->amps[$i]) > $limit && $k > 0) {
                    $ended = ['limit', $i];
                    break 2;
                }
            }
            foreach ($soc as $i => $s) {
                $soc[$i] = max(0.0, min(100.0, $s - 100.0 * $share->amps[$i] * $per / $capacitiesAh[$i]));
            }
            $hours += $per;
        }

        return new self($course, ...$ended);
    }

    /** Largest spread of the charges on the way, % points. */
    public function widestPct(): float
    {
        return max([
            0.0,
            ...array_map(static fn(array $c): float => max([0.0, ...$c['socPct']]) - min([100.0, ...$c['socPct']]), $this->course),
        ]);
    }
}
