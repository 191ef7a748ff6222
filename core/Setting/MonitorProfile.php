<?php

declare(strict_types=1);

namespace Pebblefell\Setting;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;

/** Tells what a battery monitor is told, so that its percentage is true. */
final class MonitorProfile
{
    private const COMMON_PRACTICE = 'common-practice-unpublished';

    /** Full counts from so far below absorption, V a 12 V bank; at so many minutes; current in % of the capacity. Common practice. */
    private const BELOW_ABSORPTION_V = 0.2;
    private const CHARGED_MIN = 3.0;
    private const TAIL_PCT = ['lfp' => 4.0, 'lead' => 2.0];

    /** Of what goes in, % that comes out again. Common practice. */
    private const EFFICIENCY_PCT = ['lfp' => 99.0, 'lead' => 90.0];

    /** It warns, and counts as empty, at so many %. Common practice: lead lasts if half is left. */
    private const ALARM_PCT = ['lfp' => 20.0, 'lead' => 60.0];
    private const FLOOR_PCT = ['lfp' => 10.0, 'lead' => 50.0];

    /**
     * @param int     $cells   in series in the bank
     * @param ?Figure $peukert of the battery's sheet
     *
     * @return array<string, Figure> by Parameter value
     */
    public static function of(Chemistry $chemistry, int $cells, float $capacityAh, Figure $absorption, ?Figure $peukert): array
    {
        $family = $chemistry->isLithium() ? 'lfp' : 'lead';
        $twelves = $cells / ($chemistry->isLithium() ? 4.0 : 6.0);
        $usual = static fn(string $label, float $value, string $unit): Figure => Figure::given(
            $label,
            $value,
            $unit,
            Origin::Assumed,
            self::COMMON_PRACTICE,
        );

        return [
            Parameter::Capacity->value => Figure::given('capacity', round($capacityAh, 1), 'Ah', Origin::DataSheet, 'battery-sheet'),
            Parameter::ChargedVolts->value => new Figure(
                'charged-volts',
                round($absorption->value - self::BELOW_ABSORPTION_V * $twelves, 2),
                'V',
                'charged-volts',
                [$absorption, Figure::given('below-absorption', round(self::BELOW_ABSORPTION_V * $twelves, 2), 'V', Origin::Assumed)],
                self::COMMON_PRACTICE,
            ),
            Parameter::ChargedTail->value => $usual('charged-tail', self::TAIL_PCT[$family], '%'),
            Parameter::ChargedTime->value => $usual('charged-time', self::CHARGED_MIN, 'min'),
            Parameter::Efficiency->value => $usual('charge-efficiency', self::EFFICIENCY_PCT[$family], '%'),
            Parameter::Peukert->value => $peukert ?? $usual('peukert', $chemistry->peukertExponent(), ''),
            Parameter::LowAlarm->value => $usual('low-alarm', self::ALARM_PCT[$family], '%'),
            Parameter::Floor->value => $usual('discharge-floor', self::FLOOR_PCT[$family], '%'),
        ];
    }
}
