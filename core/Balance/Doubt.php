<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

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
     * @return ?string what to ask, or null: it can be
     */
    public static function about(Subject $subject, Step $step, Reading $reading, ?Reading $before): ?string
    {
        $nominal = $subject->cells * $subject->chemistry->nominalCellV();
        $share = $reading->volts / $nominal;
        if ($share < self::CELL_LOW || $share > self::CELL_HIGH) {
            foreach ([10.0, 100.0, 0.1, 0.01] as $slip) {
                if ($share * $slip >= 0.85 && $share * $slip <= 1.2) {
                    return sprintf('%s V on a %.1f V battery: is the decimal point in the right place? %s V would fit.', self::plain($reading->volts), $nominal, self::plain($reading->volts * $slip));
                }
            }

            return sprintf('%s V on a %.1f V battery cannot be: wrong terminals, or a dead cell?', self::plain($reading->volts), $nominal);
        }
        if ($reading->amps !== null) {
            $most = 1.5 * max($subject->chargeLimitA ?? 0.0, $subject->dischargeLimitA ?? 0.0, $subject->capacityAh);
            if (abs($reading->amps) > $most) {
                return sprintf('%s A is more than this battery ever carries: a decimal slip, or amps in place of milliamps?', self::plain($reading->amps));
            }
            if ($step->takesCurrent() && $reading->amps < -0.5) {
                return sprintf('%s A while it is being charged: is the sign, or the clamp, the wrong way round?', self::plain($reading->amps));
            }
            if ($step === Step::Resting && abs($reading->amps) > 0.5) {
                return sprintf('%s A while it rests: is something still connected?', self::plain($reading->amps));
            }
        }
        if ($reading->celsius !== null && ($reading->celsius < -45.0 || $reading->celsius > 75.0)) {
            return sprintf('%s °C at the battery: Fahrenheit, or a slip?', self::plain($reading->celsius));
        }
        if ($reading->cells !== null) {
            if (count($reading->cells) !== $subject->cells) {
                return sprintf('%d cells, and the battery has %d: is one left out?', count($reading->cells), $subject->cells);
            }
            $sum = array_sum($reading->cells);
            if (abs($sum - $reading->volts) > self::SUM_V * $subject->cells) {
                return sprintf('the cells add up to %.2f V, the battery reads %.2f V: which is misread?', $sum, $reading->volts);
            }
        }
        if ($before !== null && $step === Step::Resting) {
            $minutes = max(1.0, ($reading->atS - $before->atS) / 60.0);
            if (abs($reading->volts - $before->volts) > self::JUMP_V * $subject->cells * min(5.0, $minutes)) {
                return sprintf('%.2f V, and %.2f V before: a resting battery does not jump so.', $reading->volts, $before->volts);
            }
        }

        return null;
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.');
    }
}
