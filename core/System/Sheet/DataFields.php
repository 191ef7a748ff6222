<?php

declare(strict_types=1);

namespace Pebblefell\System\Sheet;

use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataField as F;

/** The lines of each kind's data sheet, with unit and bounds. The bounds catch slips of the pen, they are not limits of the trade. */
final class DataFields
{
    public const CHEMISTRIES = ['flooded', 'agm', 'gel', 'lead_carbon', 'lfp'];

    /** What a charger can do for lithium: nothing, a ready profile, or volts set by hand. */
    public const LITHIUM = ['none', 'preset', 'custom'];

    /** @var array<string, array<string, F>> built once a run; they are constants that PHP cannot write as such */
    private static array $built = [];

    /** @return array<string, F> by key, in reading order */
    public static function of(PartKind $kind): array
    {
        return self::$built[$kind->value] ??= self::build($kind);
    }

    /** @return array<string, F> */
    private static function build(PartKind $kind): array
    {
        $fields = [];
        foreach ([...self::own($kind), ...self::body($kind)] as $field) {
            $fields[$field->key] = $field;
        }

        return $fields;
    }

    /**
     * @return list<F>
     */
    private static function own(PartKind $kind): array
    {
        return match ($kind) {
            PartKind::Battery => self::battery(),
            PartKind::Panel => [
                F::number('pmax_w', 'Power at STC', 'W', 1, 2000)->required(),
                F::number('voc_v', 'Open-circuit volts', 'V', 1, 1000),
                F::number('vmp_v', 'Volts at power', 'V', 1, 1000),
                F::number('isc_a', 'Short-circuit current', 'A', 0.1, 50),
                F::number('imp_a', 'Current at power', 'A', 0.1, 50),
                F::number('voc_tempco_pct_per_c', 'Voc by temperature', '%/°C', -1, 0),
                F::number('vmp_tempco_pct_per_c', 'Vmp by temperature', '%/°C', -1, 0),
                F::number('noct_c', 'Cell temperature, NOCT', '°C', 20, 80),
                F::number('tilt_deg', 'Tilt', '°', 0, 90)->ofThisOne(),
                F::number('azimuth_deg', 'Faces, from north', '°', 0, 360)->ofThisOne(),
            ],
            PartKind::Regulator => [
                F::choice('technology', 'Technology', ['mppt', 'pwm'])->required(),
                F::number('max_charge_a', 'Charge current', 'A', 1, 500)->required(),
                F::number('max_pv_v', 'Array volts, at most', 'V', 5, 1000),
                F::number('max_pv_isc_a', 'Array short-circuit, at most', 'A', 1, 500),
                F::number('start_above_battery_v', 'Starts above battery by', 'V', 0, 50),
                F::number('load_output_a', 'Load output', 'A', 0, 100),
                F::number('array_series', 'Panels in series', '', 1, 20)->ofThisOne(),
                ...self::charging(),
            ],
            PartKind::Dcdc => [
                F::number('output_a', 'Output', 'A', 1, 500)->required(),
                F::number('output_v', 'Output, nominal', 'V', 5, 100),
                F::number('input_min_v', 'Input from', 'V', 5, 100),
                F::number('input_max_v', 'Input to', 'V', 5, 100),
                F::number('efficiency_pct', 'Efficiency', '%', 50, 100),
                F::choice('engine_signal', 'Engine-running signal', ['none', 'ignition_wire', 'volts']),
                F::flag('dial_down', 'Output can be dialled down'),
                ...self::charging(),
            ],
            PartKind::Isolator => [
                F::choice('method', 'Method', ['relay', 'volts_sensing', 'duty_cycled', 'diode'])->required(),
                F::number('rating_a', 'Rating', 'A', 1, 1000),
            ],
            PartKind::Alternator => [
                F::number('rated_a', 'Rated current', 'A', 10, 1000)->required(),
                F::number('regulated_v', 'Regulated to', 'V', 12, 60),
                F::number('idle_pct', 'At idle', '%', 10, 100),
                F::flag('for_house', 'Second alternator, for the house bank'),
            ],
            PartKind::MainsCharger, PartKind::Converter => [
                F::number('output_a', 'Output', 'A', 0.5, 500)->required(),
                F::number('output_v', 'Output, nominal', 'V', 5, 100),
                F::number('mains_v', 'Mains', 'V', 90, 260),
                F::number('efficiency_pct', 'Efficiency', '%', 50, 100),
                F::flag('hidden_switch', 'Lead/lithium switch inside'),
                ...self::charging(),
            ],
            PartKind::Inverter => self::inverting(),
            PartKind::InverterCharger => [
                ...self::inverting(),
                F::number('charge_a', 'Charge current', 'A', 1, 500)->required(),
                F::number('transfer_a', 'Transfer switch', 'A', 1, 200),
                F::flag('supports_supply', 'Tops up a weak supply from the bank'),
                ...self::charging(),
            ],
            PartKind::Monitor => [
                F::number('shunt_a', 'Shunt', 'A', 1, 5000)->required(),
                F::number('max_v', 'Volts, at most', 'V', 5, 1000),
                F::number('own_draw_ma', 'Own draw', 'mA', 0, 500),
            ],
            PartKind::LowVoltageDisconnect => [
                F::number('rating_a', 'Rating', 'A', 1, 1000)->required(),
                F::number('disconnect_v', 'Disconnects at', 'V', 5, 100),
                F::number('reconnect_v', 'Reconnects at', 'V', 5, 100),
            ],
            PartKind::Fuse => [
                F::number('rating_a', 'Rating', 'A', 0.5, 1000)->required(),
                F::choice('family', 'Family', ['blade', 'sf30', 'sf51', 'strip', 'terminal', 'class_t', 'gpv']),
                F::number('interrupt_a', 'Breaks up to', 'A', 10, 300_000),
                F::number('max_v', 'Volts, at most', 'V', 5, 1500),
            ],
            PartKind::Breaker => [
                F::number('rating_a', 'Rating', 'A', 0.5, 1000)->required(),
                F::number('interrupt_a', 'Breaks up to', 'A', 10, 300_000),
                F::number('max_v', 'Volts, at most', 'V', 5, 1500),
                F::number('poles', 'Poles', '', 1, 4),
            ],
            PartKind::Busbar => [
                F::number('rating_a', 'Rating', 'A', 1, 5000)->required(),
                F::number('studs', 'Studs', '', 1, 24),
                F::number('stud_mm', 'Stud size', 'mm', 3, 16),
                F::number('max_v', 'Volts, at most', 'V', 5, 1500),
            ],
            PartKind::Switch => [
                F::number('rating_a', 'Rating', 'A', 1, 2000)->required(),
                F::number('max_v', 'Volts, at most', 'V', 5, 1500),
                F::number('poles', 'Poles', '', 1, 4),
                ...self::labelled(),
            ],
            PartKind::DistributionBox => [
                F::number('circuits', 'Circuits', '', 1, 60)->required(),
                F::number('rating_a', 'Rating', 'A', 1, 1000),
                ...self::labelled(),
            ],
            PartKind::EarthLeakage => [
                F::number('rating_a', 'Rating', 'A', 1, 200)->required(),
                F::number('residual_ma', 'Trips at', 'mA', 1, 1000),
                F::number('poles', 'Poles', '', 1, 4),
            ],
            PartKind::ShoreInlet => [F::number('rating_a', 'Rating', 'A', 1, 200)->required(), F::number('mains_v', 'Mains', 'V', 90, 260)],
            PartKind::Gauge => [F::text('reads', 'What it shows')],
            PartKind::HeatingPad => [
                F::number('heater_w', 'Heater', 'W', 1, 1000)->required(),
                F::number('on_c', 'On below', '°C', -40, 40),
                F::number('off_c', 'Off above', '°C', -40, 40),
            ],
            PartKind::Cable => [
                F::number('size_mm2', 'Size', 'mm²', 0.2, 400)->required(),
                F::number('insulation_c', 'Insulation', '°C', 60, 200),
                F::number('max_v', 'Volts, at most', 'V', 5, 2000),
                F::number('mass_g_per_m', 'Weight', 'g/m', 1, 10_000),
                F::number('price_per_m', 'Price a metre', '¤', 0, 10_000),
            ],
        };
    }

    /**
     * @return list<F>
     */
    private static function battery(): array
    {
        return [
            F::choice('chemistry', 'Chemistry', self::CHEMISTRIES)->required(),
            F::number('nominal_v', 'Nominal volts', 'V', 1, 60)->required(),
            F::number('capacity_ah', 'Capacity', 'Ah', 0.5, 5000)->required(),
            F::number('rate_h', 'Capacity measured at', 'h', 0.2, 120),
            F::number('peukert', 'Peukert exponent', '', 1, 2),
            F::number('usable_pct', 'Usable', '%', 5, 100),
            F::number('cycles', 'Cycles to 80 %', '', 50, 20_000),
            F::number('internal_mohm', 'Internal resistance', 'mΩ', 0.1, 500),
            F::number('discharge_limit_a', 'Discharge, continuous', 'A', 1, 5000),
            F::number('discharge_30s_a', 'Discharge, 30 s', 'A', 1, 10_000),
            F::number('charge_limit_a', 'Charge, at most', 'A', 0.5, 5000),
            F::number('recommended_charge_a', 'Charge, recommended', 'A', 0.5, 5000),
            F::number('absorption_v', 'Absorption', 'V', 1, 70),
            F::number('absorption_h', 'Absorption time', 'h', 0, 24),
            F::number('float_v', 'Float', 'V', 1, 70),
            F::number('max_charge_v', 'Charge volts, at most', 'V', 1, 70),
            F::number('cutoff_v', 'Cut-off', 'V', 1, 70),
            F::number('tail_a', 'Tail current', 'A', 0.1, 500),
            F::number('charge_min_c', 'Charge not below', '°C', -50, 30),
            F::number('discharge_min_c', 'Discharge not below', '°C', -60, 30),
            F::flag('bms', 'BMS built in'),
            F::flag('low_temp_cutoff', 'Cuts off charging in the cold'),
            F::number('heater_w', 'Heater built in', 'W', 0, 500),
            F::number('torque_nm', 'Terminal torque', 'N·m', 0.5, 60),
            F::number('age_years', 'Age', 'years', 0, 40)->ofThisOne(),
            F::number('measured_ah', 'Capacity by test', 'Ah', 0.1, 5000)->ofThisOne(),
        ];
    }

    /**
     * @return list<F> what every charging source says about itself
     */
    private static function charging(): array
    {
        return [
            F::choice('lithium', 'Lithium profile', self::LITHIUM),
            F::flag('equalise_can_disable', 'Equalising can be switched off'),
            F::flag('cold_cutoff', 'Stops charging in the cold'),
            F::number('absorption_min_v', 'Absorption from', 'V', 5, 80),
            F::number('absorption_max_v', 'Absorption to', 'V', 5, 80),
        ];
    }

    /**
     * @return list<F>
     */
    private static function inverting(): array
    {
        return [
            F::number('continuous_w', 'Continuous', 'W', 20, 30_000)->required(),
            F::number('surge_w', 'Surge', 'W', 20, 60_000),
            F::number('efficiency_pct', 'Efficiency', '%', 50, 100),
            F::number('idle_w', 'Idle draw', 'W', 0, 200),
            F::number('input_v', 'Input, nominal', 'V', 5, 100),
            F::number('output_v', 'Output', 'V', 90, 260),
            F::number('low_cutoff_v', 'Low cut-off', 'V', 5, 100),
        ];
    }

    /** @return list<F> what a switch or a circuit says it is, and what it is */
    private static function labelled(): array
    {
        return [
            F::flag('dead', 'Disconnected, left for looks')->ofThisOne(),
            F::text('label_says', 'Its label says')->ofThisOne(),
            F::text('really_feeds', 'Really feeds')->ofThisOne(),
        ];
    }

    /**
     * @return list<F> size and weight, which every boxed part has
     */
    private static function body(PartKind $kind): array
    {
        return $kind === PartKind::Cable ? [] : [
            F::number('length_mm', 'Length', 'mm', 1, 5000),
            F::number('width_mm', 'Width', 'mm', 1, 5000),
            F::number('height_mm', 'Height', 'mm', 1, 5000),
            F::number('mass_kg', 'Weight', 'kg', 0.001, 1000),
            F::number('price', 'Price', '¤', 0, 1_000_000),
        ];
    }
}
