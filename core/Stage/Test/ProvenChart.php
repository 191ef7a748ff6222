<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Test;

use Pebblefell\Drawing\Frame;
use Pebblefell\Drawing\Labels;

/** Readings against limits: each line's limits drawn to the same band, the reading where it falls. */
final readonly class ProvenChart
{
    /** Px of a line; shares of the width at which the band begins and ends. Chosen. */
    private const ROW = 24.0;
    private const LOW = 0.25;
    private const HIGH = 0.75;

    /**
     * @param list<array{k: int, y: float, x: ?float, open: bool, good: bool, beyond: bool, label: string}> $rows k: line of the sheet
     */
    private function __construct(public Frame $frame, public array $rows, public float $lowX, public float $highX)
    {
    }

    /**
     * @param list<string> $labels by line of the sheet
     */
    public static function of(Proven $proven, array $labels, bool $narrow): ?self
    {
        $measured = array_filter($proven->rows, static fn(array $r): bool => $r['check']->reading !== null);
        if ($measured === []) {
            return null;
        }
        $left = $narrow ? 150.0 : 300.0;
        $frame = Frame::of($narrow, self::ROW * count($measured) + 8.0, $left, 4.0, 8.0, 4.0);
        $x = $frame->across(0.0, 1.0);
        $rows = [];
        foreach (array_keys($measured) as $line => $k) {
            ['check' => $check, 'tick' => $tick, 'verdict' => $verdict] = $proven->rows[$k];
            $at = $tick?->value === null || $check->reading === null || $verdict === Proven::OPEN ? null : self::at(
                $check,
                $tick->value,
                $tick->amps,
            );
            $rows[] = [
                'k' => $k,
                'y' => $frame->top + self::ROW * ($line + 0.5),
                'x' => $at === null ? null : round($x->at(max(0.02, min(0.98, $at))), 1),
                'open' => $verdict === Proven::OPEN,
                'good' => $verdict === Proven::GOOD,
                'beyond' => $at !== null && ($at < 0.02 || $at > 0.98),
                'label' => Labels::cut($labels[$k], $left - 14.0),
            ];
        }

        return new self($frame, $rows, round($x->at(self::LOW), 1), round($x->at(self::HIGH), 1));
    }

    /** Where a reading falls: its low limit at LOW, its high one at HIGH. */
    private static function at(Check $check, float $value, ?float $amps): float
    {
        [$low, $high] = $check->reading?->limits($amps) ?? [null, null];
        $low ??= min(0.0, $value);
        $high ??= max($low + 1e-9, $value);

        return self::LOW + (self::HIGH - self::LOW) * ($value - $low) / max(1e-9, $high - $low);
    }
}
