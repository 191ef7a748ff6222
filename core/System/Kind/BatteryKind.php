<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Sheet\DataSheet;

/** A battery: a block of several cells with or without its own BMS, or a bare cell. */
final class BatteryKind extends Kind
{
    public const CHEMISTRIES = ['flooded', 'agm', 'gel', 'lead_carbon', 'lfp'];

    /** Share of the capacity at which a battery is charged where nothing is said, per hour; and the most. Common practice. */
    private const CHARGE_SHARE = 0.2;
    private const MOST_CHARGE_SHARE = 0.5;

    /** Air between lead blocks, which warm while they charge, mm. Common practice: 6. LFP stands close. */
    private const LEAD_GAP_MM = 6.0;

    /** Watt-hours in a kilogram of battery. Common practice: 105 Ah AGM 31 kg, 100 Ah LFP 11 kg. */
    private const LEAD_WH_PER_KG = 40.0;
    private const LFP_WH_PER_KG = 115.0;

    public function lines(): array
    {
        return [
            F::choice('chemistry', self::CHEMISTRIES)->required(),
            F::number('nominal_v', 'V', 1, 60)->required(),
            F::number('capacity_ah', 'Ah', 0.5, 5000)->required(),
            F::number('rate_h', 'h', 0.2, 120),
            F::number('peukert', '', 1, 2),
            F::number('usable_pct', '%', 5, 100),
            F::number('cycles', '', 50, 20_000),
            F::number('internal_mohm', 'mΩ', 0.1, 500),
            F::number('discharge_limit_a', 'A', 1, 5000),
            F::number('discharge_30s_a', 'A', 1, 10_000),
            F::number('charge_limit_a', 'A', 0.5, 5000),
            F::number('recommended_charge_a', 'A', 0.5, 5000),
            F::number('absorption_v', 'V', 1, 70),
            F::number('absorption_h', 'h', 0, 24),
            F::number('float_v', 'V', 1, 70),
            F::number('max_charge_v', 'V', 1, 70),
            F::number('cutoff_v', 'V', 1, 70),
            F::number('tail_a', 'A', 0.1, 500),
            F::number('charge_min_c', '°C', -50, 30),
            F::number('discharge_min_c', '°C', -60, 30),
            F::number('max_series', '', 1, 32),
            F::number('max_parallel', '', 1, 64),
            F::number('rested_full_v', 'V', 1, 70),
            F::number('gap_mm', 'mm', 0, 100),
            F::choice('wakes_by', ['itself', 'charge', 'button']),
            F::flag('bms'),
            F::flag('low_temp_cutoff'),
            F::number('heater_w', 'W', 0, 500),
            F::number('torque_nm', 'N·m', 0.5, 60),
            ...self::stud(),
            F::number('age_years', 'years', 0, 40)->ofThisOne(),
            F::number('measured_ah', 'Ah', 0.1, 5000)->ofThisOne(),
            F::flag('in_living_space')->ofThisOne(),
        ];
    }

    public function families(): array
    {
        return [Family::Battery];
    }

    public function terminals(): array
    {
        return self::pair('', CircuitKind::HouseDc);
    }

    public function usual(DataSheet $sheet, string $key, float $systemV): ?float
    {
        $chemistry = $sheet->chemistry();
        $ah = $sheet->known('capacity_ah');
        $cells = $chemistry->cellsFor($sheet->known('nominal_v'));

        return match ($key) {
            'internal_mohm' => 1000.0 * $chemistry->resistanceOhmAh() * $cells / $sheet->orUsual('measured_ah'),
            'charge_limit_a' => self::MOST_CHARGE_SHARE * $ah,
            'recommended_charge_a' => self::CHARGE_SHARE * $ah,
            'discharge_30s_a' => $sheet->orUsual('discharge_limit_a'),
            'absorption_v' => $cells * $chemistry->absorptionCellV(),
            'absorption_h' => $chemistry->isLithium() ? 1.0 : 4.0,
            'charge_min_c' => $chemistry->chargeFloorC(),
            'discharge_min_c' => $chemistry->dischargeFloorC(),
            'rested_full_v' => $cells * $chemistry->restedFullCellV(),
            'gap_mm' => $chemistry->isLithium() ? 0.0 : self::LEAD_GAP_MM,
            'measured_ah' => $ah,
            'rate_h' => $chemistry->usualRateH(),
            'peukert' => $chemistry->peukertExponent(),
            'usable_pct' => 100.0 * $chemistry->usableShare(),
            'mass_kg' => $sheet->known('nominal_v') * $ah / ($chemistry->isLithium() ? self::LFP_WH_PER_KG : self::LEAD_WH_PER_KG),
            // New, and without what is not noted.
            'age_years', 'heater_w', 'discharge_limit_a' => 0.0,
            default => parent::usual($sheet, $key, $systemV),
        };
    }

    public function gives(): array
    {
        return ['rest' => 'plus'];
    }

    public function asked(): array
    {
        return [
            'absorption_v', 'absorption_h', 'float_v', 'max_charge_v', 'tail_a', 'recommended_charge_a', 'charge_limit_a',
            'discharge_limit_a', 'discharge_30s_a', 'cutoff_v', 'charge_min_c', 'low_temp_cutoff', 'discharge_min_c',
            'internal_mohm', 'max_series', 'max_parallel', 'wakes_by', 'rested_full_v', 'rate_h',
        ];
    }

    public function telling(): array
    {
        return ['chemistry', 'nominal_v', 'capacity_ah', 'rate_h', 'age_years'];
    }
}
