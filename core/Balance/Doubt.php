<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Word;

/** A reading that cannot be, or hardly: asked about at once. */
final readonly class Doubt
{
    /** Outside these volts a cell of any sort is dead, or the meter was read wrongly. Chosen. */
    private const CELL_LOW = 0.6;
    private const CELL_HIGH = 1.3;

    /** A rested battery does not move faster than this, V a cell and minute. Chosen. */
    private const JUMP_V = 0.2;

    /** The cells and the pack's own volts may differ by so much a cell, V. Chosen: two meters' errors. */
    private const SUM_V = 0.03;

    private function __construct()
    {
    }

    /**
     * @return ?Word what to ask, or null: it can be
     */
    public static function about(Subject $subject, BalanceStep $step, BatteryReading $reading, ?BatteryReading $before): ?Word
    {
        $nominal = $subject->cells * $subject->chemistry->nominalCellV();
        $share = $reading->volts / $nominal;
        if ($share < self::CELL_LOW || $share > self::CELL_HIGH) {
            foreach ([10.0, 100.0, 0.1, 0.01] as $slip) {
                if ($share * $slip >= 0.85 && $share * $slip <= 1.2) {
                    return Word::of(
                        'balance.doubts.slip',
                        [
                            'volts' => self::volts($reading->volts),
                            'nominal' => Amount::of($nominal, 'V', 1),
                            'fits' => self::volts($reading->volts * $slip),
                        ],
                    );
                }
            }

            return Word::of(
                'balance.doubts.impossible',
                ['volts' => self::volts($reading->volts), 'nominal' => Amount::of($nominal, 'V', 1)],
            );
        }
        if ($reading->amps !== null) {
            $most = 1.5 * max($subject->chargeLimitA ?? 0.0, $subject->dischargeLimitA ?? 0.0, $subject->capacityAh);
            if (abs($reading->amps) > $most) {
                return Word::of('balance.doubts.too-much', ['amps' => Amount::of($reading->amps, 'A')]);
            }
            if ($step->takesCurrent() && $reading->amps < -0.5) {
                return Word::of('balance.doubts.backwards', ['amps' => Amount::of($reading->amps, 'A')]);
            }
            if ($step === BalanceStep::Resting && abs($reading->amps) > 0.5) {
                return Word::of('balance.doubts.not-resting', ['amps' => Amount::of($reading->amps, 'A')]);
            }
        }
        if ($reading->celsius !== null && ($reading->celsius < -45.0 || $reading->celsius > 75.0)) {
            return Word::of('balance.doubts.celsius', ['celsius' => Amount::of($reading->celsius, '°C')]);
        }
        if ($reading->cells !== null) {
            if (count($reading->cells) !== $subject->cells) {
                return Word::of('balance.doubts.cells', ['read' => (string) count($reading->cells), 'has' => (string) $subject->cells]);
            }
            $sum = array_sum($reading->cells);
            if (abs($sum - $reading->volts) > self::SUM_V * $subject->cells) {
                return Word::of('balance.doubts.sum', ['sum' => Amount::of($sum, 'V', 2), 'volts' => Amount::of($reading->volts, 'V', 2)]);
            }
        }
        if ($before !== null && $step === BalanceStep::Resting) {
            $minutes = max(1.0, ($reading->atS - $before->atS) / 60.0);
            if (abs($reading->volts - $before->volts) > self::JUMP_V * $subject->cells * min(5.0, $minutes)) {
                return Word::of(
                    'balance.doubts.jump',
                    ['volts' => Amount::of($reading->volts, 'V', 2), 'before' => Amount::of($before->volts, 'V', 2)],
                );
            }
        }

        return null;
    }

    private static function volts(float $value): Amount
    {
        return Amount::of($value, 'V', 3);
    }
}
