<?php

declare(strict_types=1);

namespace Pebblefell\Setting;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;

/**
 * Tells what acts on the way down, for the whole bank: warning, cut-off, disconnect, and where they come back. Each acts before the one
 * below it, and all of them before the BMS.
 */
final readonly class GuardProfile
{
    /**
     * V a 12 V bank. Common practice for LFP: reconnect 12.0, disconnect 11.1 over a BMS at 10.8; for lead: cut-off at about a fifth, come
     * back when it charges.
     */
    private const LFP = ['warning_v' => 12.8, 'restart_v' => 12.5, 'reconnect_v' => 12.0, 'cutoff_v' => 11.8, 'disconnect_v' => 11.1];
    private const LEAD = ['warning_v' => 12.1, 'restart_v' => 12.7, 'reconnect_v' => 12.6, 'cutoff_v' => 11.6, 'disconnect_v' => 11.2];

    /** At least so far above what stands below it, V a 12 V bank. Common practice. */
    public const ABOVE_V = 0.3;
    private const BACK_V = 0.5;

    /** BMS cut-off where the data sheet is silent, V a cell. Common practice: 10.8 V on four cells. */
    public const BMS_CELL_V = 2.7;

    /**
     * @param array<string, Figure> $values by Parameter value
     */
    private function __construct(private array $values)
    {
    }

    /**
     * @param int    $cells in series in the bank
     * @param Figure $low   V at which the BMS opens, or below which a cell is harmed, of the whole bank
     */
    public static function above(Chemistry $chemistry, int $cells, Figure $low): self
    {
        $twelves = $cells / ($chemistry->isLithium() ? 4.0 : 6.0);
        $usual = $chemistry->isLithium() ? self::LFP : self::LEAD;
        /** @param key-of<self::LFP> $p */
        $above = static fn(string $p, Figure $below, float $apart): Figure => new Figure(
            $p === 'disconnect_v' ? 'disconnect' : 'guard',
            round(max($usual[$p] * $twelves, $below->value + $apart * $twelves), 2),
            'V',
            'guard',
            [
                Figure::given('usual-for-it', round($usual[$p] * $twelves, 2), 'V', Origin::Assumed),
                $below,
                Figure::given('at-least-above', round($apart * $twelves, 2), 'V', Origin::Assumed),
            ],
            'common-practice-unpublished',
        );
        // From the bottom up: each no nearer to what it follows than it must.
        $disconnect = $above('disconnect_v', $low, self::ABOVE_V);
        $cutoff = $above('cutoff_v', $disconnect, self::ABOVE_V);
        $values = [
            Parameter::Disconnect->value => $disconnect,
            Parameter::Cutoff->value => $cutoff,
            Parameter::Reconnect->value => $above('reconnect_v', $disconnect, self::BACK_V),
            Parameter::Warning->value => $above('warning_v', $cutoff, self::ABOVE_V),
            Parameter::Restart->value => $above('restart_v', $cutoff, self::BACK_V),
        ];

        return new self($values);
    }

    public function of(Parameter $parameter): ?Figure
    {
        return $this->values[$parameter->value] ?? null;
    }
}
