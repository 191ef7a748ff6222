<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Word;

/** Tells what the readings of one battery show besides its charge: a bad joint, a cell that lags, a cold cut-off that does not work. */
final readonly class Symptom
{
    /** A reading at rest and one under charge are compared when they lie no further apart, h. Chosen. */
    private const PAIR_H = 1.0;

    /** Less current shows no joint, A. Chosen. */
    private const SHOWS_A = 3.0;

    /** Volts that the current alone does not explain, Ω: a loose clamp or lug. Chosen: some ten times a good joint. */
    private const LOOSE_OHM = 0.008;

    /** Charged to the end and rested so long, a battery that rests below so much charge on its curve did not take it all. Chosen. */
    private const RESTED_H = 6.0;
    private const FULL_PCT = 96.0;

    /** From so long on it is judged by the volts of a day's rest. */
    private const DAY_H = 24.0;

    /** Cells of a rested battery lie within this, mV, unless one lags. Chosen, after 4 mV at rest that became 127 mV near the top. */
    private const CELLS_REST_MV = 30.0;

    private function __construct()
    {
    }

    /**
     * @return list<Word> what is to be looked at, the weightiest first
     */
    public static function of(Candidate $c): array
    {
        return array_values(array_filter([self::cold($c), self::joint($c), self::lagging($c)]));
    }

    private static function cold(Candidate $c): ?Word
    {
        foreach ($c->readings as $reading) {
            if ($reading->celsius !== null
                && $reading->celsius < $c->subject->chargeFloorC - 0.5
                && ($reading->amps ?? 0.0) > 0.5
                && $c->subject->chemistry->isLithium()) {
                return Word::of(
                    'balance.symptoms.frost',
                    ['amps' => Amount::of($reading->amps ?? 0.0, 'A', 1), 'celsius' => Amount::of($reading->celsius, '°C', 0)],
                );
            }
        }

        return null;
    }

    private static function joint(Candidate $c): ?Word
    {
        $worst = 0.0;
        $still = null;
        foreach ($c->readings as $reading) {
            $amps = $reading->amps ?? 0.0;
            if (abs($amps) < 0.5) {
                $still = $reading;
            } elseif ($amps >= self::SHOWS_A && $still !== null && $reading->atS - $still->atS <= 3600.0 * self::PAIR_H) {
                $hours = ($reading->atS - $still->atS) / 3600.0;
                $soc = $c->subject->socPct($still->volts) + 100.0 * $amps * $hours / $c->subject->capacityAh;
                $worst = max(
                    $worst,
                    ($reading->volts - $c->subject->restV($soc) - Subject::SURFACE_CELL_V * $c->subject->cells) / $amps - $c->subject->ohm,
                );
            }
        }

        return $worst > self::LOOSE_OHM ? Word::of('balance.symptoms.joint', ['ohm' => Amount::of(1000.0 * $worst, 'mΩ', 0)]) : null;
    }

    private static function lagging(Candidate $c): ?Word
    {
        $last = $c->last();
        $rests = in_array($c->step, [BalanceStep::Resting, BalanceStep::Ready], true);
        if ($last === null || !$rests || !$c->subject->chemistry->isLithium()) {
            return null;
        }
        if (($last->spreadMv() ?? 0.0) > self::CELLS_REST_MV) {
            return Word::of('balance.symptoms.lags', [
                'cell' => (string) (1 + (int) array_search(
                    min([99.0, ...$last->cells ?? []]),
                    $last->cells ?? [],
                    true,
                )), 'mv' => Amount::of($last->spreadMv(), 'mV', 0),
            ]);
        }
        $charged = array_filter(
            $c->readings,
            static fn(BatteryReading $r): bool => $r->atS < $c->sinceS && $r->volts >= $c->subject->absorptionV - 0.01 * $c->subject->cells,
        );

        return $charged !== [] && $last->atS - $c->sinceS >= 3600.0 * self::RESTED_H && $last->volts < self::fullV($c, $last)
            ? Word::of(
                'balance.symptoms.rests-low',
                ['volts' => Amount::of($last->volts, 'V', 2), 'full' => Amount::of(self::fullV($c, $last), 'V', 2)],
            )
            : null;
    }

    /**
     * Where a full one rests by now: on its curve while its surface charge fades, after a day at its data sheet's or its chemistry's volts.
     */
    private static function fullV(Candidate $c, BatteryReading $last): float
    {
        return $last->atS - $c->sinceS >= 3600.0 * self::DAY_H ? $c->subject->fullV : $c->subject->restV(self::FULL_PCT);
    }
}
