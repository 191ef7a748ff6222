<?php

declare(strict_types=1);

namespace Pebblefell\System\Sheet;

use LogicException;
use Pebblefell\Charging\DcdcFit;
use Pebblefell\Charging\PanelSheet;
use Pebblefell\Charging\RegulatorSheet;
use Pebblefell\System\PartKind;
use Pebblefell\Trip\Heater;
use Pebblefell\Trip\SolarSource;

/** What stands in where a data sheet is silent: each gap is filled here and nowhere else, and whoever shows it marks it as assumed. */
final class Gaps
{
    public const SOURCE = 'common practice';

    /** Share of full charge that a charger from the mains loses, and an inverter gives on. Common practice. */
    public const MAINS_EFFICIENCY_PCT = 88.0;

    /** What an inverter takes for itself, W. Common practice: 10 to 24 W (0.8 to 2 A at 12 V), and 85 to 92 % efficiency. */
    private const IDLE_W = 15.0;

    /** Volts to which a vehicle regulates, and below which an inverter is taken to stop, at 12 V. Common practice: 13.8 to 14.6 V. */
    public const REGULATED_V = 14.2;
    private const LOW_CUTOFF_V = 11.0;

    /** What a DC-DC charger for a 12 V vehicle takes at its input, V. Common practice. */
    private const INPUT_FROM_V = 11.0;
    private const INPUT_TO_V = 16.0;

    /** Share of the capacity at which lead and lithium are charged where nothing is said, per hour; and the most. Common practice. */
    private const CHARGE_SHARE = 0.2;
    private const MOST_CHARGE_SHARE = 0.5;

    /** Watt-hours in a kilogram of battery, and kilograms of a framed panel by its watts. Common practice: 105 Ah AGM 31 kg, 100 Ah LFP 11 kg, 200 W 11 kg. */
    private const LEAD_WH_PER_KG = 40.0;
    private const LFP_WH_PER_KG = 115.0;
    private const PANEL_KG_PER_W = 0.055;

    /** What a distribution box is counted at where its rating is not noted, A. Chosen, on the safe side. */
    private const BOX_A = 40.0;

    /**
     * @throws LogicException for a line for which nothing is usual
     */
    public static function usual(DataSheet $sheet, string $key, float $systemV): float
    {
        return match ($sheet->kind) {
            PartKind::Battery => self::ofBattery($sheet, $key),
            PartKind::Panel => match ($key) {
                'tilt_deg' => 0.0,
                'azimuth_deg' => 180.0,
                'noct_c' => SolarSource::USUAL_NOCT_C,
                'voc_tempco_pct_per_c' => PanelSheet::USUAL_VOC_PCT_PER_C,
                'vmp_tempco_pct_per_c' => PanelSheet::USUAL_VMP_PCT_PER_C,
                'mass_kg' => self::PANEL_KG_PER_W * $sheet->known('pmax_w'),
                default => self::none($sheet, $key),
            },
            default => match ($key) {
                'array_series' => 1.0,
                'start_above_battery_v' => RegulatorSheet::USUAL_START_ABOVE_V,
                'efficiency_pct' => $sheet->kind === PartKind::Dcdc ? DcdcFit::USUAL_EFFICIENCY_PCT : self::MAINS_EFFICIENCY_PCT,
                'output_v', 'input_v' => $systemV,
                'input_min_v' => self::INPUT_FROM_V,
                'input_max_v' => self::INPUT_TO_V,
                'regulated_v' => self::REGULATED_V * $systemV / 12.0,
                'low_cutoff_v' => self::LOW_CUTOFF_V * $systemV / 12.0,
                'idle_w' => self::IDLE_W,
                'idle_pct' => DcdcFit::USUAL_IDLE_PCT,
                'on_c' => Heater::USUAL_ON_C,
                'off_c' => Heater::USUAL_OFF_C,
                'rating_a' => self::BOX_A,
                'mass_kg' => 0.0,
                default => self::none($sheet, $key),
            },
        };
    }

    private static function ofBattery(DataSheet $sheet, string $key): float
    {
        $chemistry = $sheet->chemistry();
        $ah = $sheet->known('capacity_ah');
        $cells = $chemistry->cellsFor($sheet->known('nominal_v'));

        return match ($key) {
            'internal_mohm' => 1000.0 * $chemistry->resistanceOhmAh() * $cells / ($sheet->number('measured_ah') ?? $ah),
            'charge_limit_a' => self::MOST_CHARGE_SHARE * $ah,
            'recommended_charge_a' => self::CHARGE_SHARE * $ah,
            'discharge_30s_a' => $sheet->number('discharge_limit_a') ?? 0.0,
            'absorption_v' => $cells * $chemistry->absorptionCellV(),
            'absorption_h' => $chemistry->isLithium() ? 1.0 : 4.0,
            'charge_min_c' => $chemistry->chargeFloorC(),
            'measured_ah' => $ah,
            'rate_h' => $chemistry->usualRateH(),
            'peukert' => $chemistry->peukertExponent(),
            'usable_pct' => 100.0 * $chemistry->usableShare(),
            'mass_kg' => $sheet->known('nominal_v') * $ah / ($chemistry->isLithium() ? self::LFP_WH_PER_KG : self::LEAD_WH_PER_KG),
            // New, and without what is not noted.
            'age_years', 'heater_w' => 0.0,
            default => self::none($sheet, $key),
        };
    }

    private static function none(DataSheet $sheet, string $key): never
    {
        throw new LogicException("nothing is usual for $key of a {$sheet->kind->value}");
    }
}
