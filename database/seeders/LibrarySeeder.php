<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\LibraryPart;
use Illuminate\Database\Seeder;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;

/** The demo's parts library. Makers, models and figures are invented; the figures are such as parts of their kind have. */
final class LibrarySeeder extends Seeder
{
    public function run(): void
    {
        foreach (self::parts() as [$kind, $make, $model, $data]) {
            LibraryPart::query()->create([
                'kind' => $kind,
                'make' => $make,
                'model' => $model,
                'data' => DataSheet::of($kind, $data + self::price($kind, $data))->values,
            ]);
        }
    }

    /**
     * Invented like the parts: by what the thing carries.
     *
     * @param array<string, mixed> $data
     *
     * @return array{price?: float}
     */
    private static function price(PartKind $kind, array $data): array
    {
        $of = static fn(string $key): float => (float) ($data[$key] ?? 0.0);
        $price = match ($kind) {
            PartKind::Regulator => 40.0 + ($data['technology'] === 'mppt' ? 4.2 : 1.1) * $of('max_charge_a'),
            PartKind::Dcdc => 90.0 + 7.5 * $of('output_a'),
            PartKind::MainsCharger, PartKind::Converter => 60.0 + 6.0 * $of('output_a'),
            PartKind::Inverter => 60.0 + 0.34 * $of('continuous_w'),
            PartKind::InverterCharger => 240.0 + 0.46 * $of('continuous_w'),
            PartKind::Monitor => 70.0 + 0.12 * $of('shunt_a'),
            PartKind::Fuse => 4.0 + 0.14 * $of('rating_a'),
            PartKind::Breaker, PartKind::EarthLeakage => 14.0 + 0.5 * $of('rating_a'),
            PartKind::Switch => 9.0 + 0.13 * $of('rating_a'),
            PartKind::Busbar => 12.0 + 0.08 * $of('rating_a'),
            PartKind::LowVoltageDisconnect => 30.0 + 0.6 * $of('rating_a'),
            default => null,
        };

        return $price === null ? [] : ['price' => round($price, 0)];
    }

    /**
     * @return list<array{PartKind, string, string, array<string, mixed>}>
     */
    private static function parts(): array
    {
        return [...self::lead(), ...self::lithium(), ...self::panels(), ...self::regulators(), ...self::alternatorSide(), ...self::mains(), ...self::inverters(), ...self::wiring()];
    }

    /**
     * @return list<array{PartKind, string, string, array<string, mixed>}>
     */
    private static function lead(): array
    {
        $rows = [];
        // make, model, chemistry, volts, Ah at 20 h, Peukert, cycles to 80 % at half depth, mΩ, L, W, H mm, kg, absorption, float, max, compensation in the chemistry
        foreach ([
            ['Marrowgill', 'Wet 85', 'flooded', 12, 85, 1.27, 300, 7.5, 260, 175, 225, 20.5, 14.5, 13.5, 16.0],
            ['Marrowgill', 'Wet 110', 'flooded', 12, 110, 1.25, 350, 6.2, 345, 175, 235, 26.0, 14.5, 13.5, 16.0],
            ['Marrowgill', 'Trac 225 half', 'flooded', 6, 225, 1.22, 900, 3.0, 260, 181, 283, 28.5, 7.35, 6.75, 8.0],
            ['Ostrelund', 'Mat 60', 'agm', 12, 60, 1.14, 500, 7.8, 230, 138, 212, 18.0, 14.4, 13.6, 14.7],
            ['Ostrelund', 'Mat 95', 'agm', 12, 95, 1.13, 600, 5.4, 330, 173, 214, 28.0, 14.4, 13.6, 14.7],
            ['Ostrelund', 'Mat 110', 'agm', 12, 110, 1.12, 600, 4.8, 330, 171, 220, 32.0, 14.4, 13.6, 14.7],
            ['Ostrelund', 'Mat 130', 'agm', 12, 130, 1.12, 650, 4.2, 410, 176, 227, 38.5, 14.4, 13.6, 14.7],
            ['Ostrelund', 'Mat 230', 'agm', 12, 230, 1.11, 700, 2.6, 520, 269, 228, 66.0, 14.4, 13.6, 14.7],
            ['Ostrelund', 'Mat 220 half', 'agm', 6, 220, 1.12, 700, 2.1, 306, 168, 222, 31.0, 7.2, 6.8, 7.35],
            ['Skarnholt', 'Jel 60', 'gel', 12, 60, 1.16, 700, 8.4, 242, 175, 190, 21.0, 14.1, 13.7, 14.4],
            ['Skarnholt', 'Jel 110', 'gel', 12, 110, 1.15, 750, 5.6, 345, 174, 235, 36.0, 14.1, 13.7, 14.4],
            ['Skarnholt', 'Jel 200', 'gel', 12, 200, 1.15, 750, 3.4, 518, 240, 223, 62.0, 14.1, 13.7, 14.4],
            ['Fennavik', 'Carbon 106', 'lead_carbon', 12, 106, 1.11, 1400, 4.5, 330, 173, 220, 33.5, 14.25, 13.62, 14.6],
            ['Fennavik', 'Carbon 160', 'lead_carbon', 12, 160, 1.11, 1400, 3.3, 532, 207, 220, 51.0, 14.25, 13.62, 14.6],
        ] as [$make, $model, $chemistry, $v, $ah, $k, $cycles, $mohm, $l, $w, $h, $kg, $abs, $float, $max]) {
            $carbon = $chemistry === 'lead_carbon';
            $rows[] = [PartKind::Battery, $make, $model, [
                'chemistry' => $chemistry, 'nominal_v' => $v, 'capacity_ah' => $ah, 'rate_h' => 20, 'peukert' => $k, 'usable_pct' => $carbon ? 60 : 50, 'cycles' => $cycles,
                'internal_mohm' => $mohm, 'discharge_limit_a' => round($ah * 1.5), 'discharge_30s_a' => round($ah * 4), 'charge_limit_a' => round($ah * ($carbon ? 0.35 : 0.25)),
                'recommended_charge_a' => round($ah * ($carbon ? 0.2 : 0.15)), 'absorption_v' => $abs, 'absorption_h' => 4, 'float_v' => $float, 'max_charge_v' => $max, 'cutoff_v' => $v * 0.875,
                'tail_a' => round($ah * 0.02, 1), 'charge_min_c' => $carbon ? 0 : -20, 'discharge_min_c' => -20, 'bms' => false, 'torque_nm' => 8.0,
                'length_mm' => $l, 'width_mm' => $w, 'height_mm' => $h, 'mass_kg' => $kg,
                'price' => round($v * $ah * ['flooded' => 0.13, 'agm' => 0.19, 'gel' => 0.22, 'lead_carbon' => 0.26][$chemistry], -1),
            ]];
        }

        return $rows;
    }

    /**
     * @return list<array{PartKind, string, string, array<string, mixed>}>
     */
    private static function lithium(): array
    {
        $rows = [];
        foreach ([
            // make, model, volts, Ah, A continuous, A 30 s, charge A, mΩ, heater W, cut-off in the cold, L, W, H, kg
            ['Kvellin', 'Slate 50', 12.8, 50, 50, 100, 50, 12.0, 0, true, 198, 166, 170, 5.9],
            ['Kvellin', 'Slate 100', 12.8, 100, 100, 200, 100, 7.5, 0, true, 329, 172, 214, 10.8],
            ['Kvellin', 'Slate 100 Warm', 12.8, 100, 100, 200, 100, 7.5, 60, true, 329, 172, 214, 11.6],
            ['Kvellin', 'Slate 150', 12.8, 150, 150, 300, 100, 5.5, 0, true, 483, 170, 240, 16.4],
            ['Kvellin', 'Slate 200', 12.8, 200, 200, 350, 150, 4.2, 0, true, 522, 240, 219, 21.5],
            ['Kvellin', 'Slate 200 Warm', 12.8, 200, 200, 350, 150, 4.2, 90, true, 522, 240, 219, 22.6],
            ['Kvellin', 'Slate 230 Warm', 12.8, 230, 250, 400, 150, 3.4, 100, true, 522, 240, 235, 25.0],
            ['Fennavik', 'Schist 105', 12.8, 105, 100, 150, 50, 9.0, 0, false, 306, 168, 211, 11.2],
            ['Fennavik', 'Schist 300', 12.8, 300, 200, 400, 150, 3.6, 0, true, 520, 269, 221, 29.5],
            ['Fennavik', 'Schist Carry 40', 12.8, 40, 40, 80, 20, 15.0, 0, true, 195, 130, 160, 4.9],
            ['Kvellin', 'Slate 100 duo', 25.6, 100, 100, 200, 100, 13.0, 80, true, 483, 170, 240, 21.0],
            ['Kvellin', 'Slate 200 duo', 25.6, 200, 200, 350, 150, 7.8, 120, true, 522, 269, 240, 42.0],
            ['Fennavik', 'Schist 100 quad', 51.2, 100, 100, 200, 100, 22.0, 120, true, 482, 430, 133, 45.0],
        ] as [$make, $model, $v, $ah, $a, $a30, $chargeA, $mohm, $heater, $cold, $l, $w, $h, $kg]) {
            $cells = (int) round($v / 3.2);
            $rows[] = [PartKind::Battery, $make, $model, [
                'chemistry' => 'lfp', 'nominal_v' => $v, 'capacity_ah' => $ah, 'rate_h' => 5, 'peukert' => 1.03, 'usable_pct' => 95, 'cycles' => 3500, 'internal_mohm' => $mohm,
                'discharge_limit_a' => $a, 'discharge_30s_a' => $a30, 'charge_limit_a' => $chargeA, 'recommended_charge_a' => round($ah * 0.2), 'absorption_v' => $cells * 3.55, 'absorption_h' => 1,
                'float_v' => $cells * 3.375, 'max_charge_v' => $cells * 3.65, 'cutoff_v' => $cells * 2.7, 'tail_a' => round($ah * 0.04, 1), 'charge_min_c' => 0, 'discharge_min_c' => -18,
                'bms' => true, 'low_temp_cutoff' => $cold, 'heater_w' => $heater, 'torque_nm' => 8.0, 'length_mm' => $l, 'width_mm' => $w, 'height_mm' => $h, 'mass_kg' => $kg,
                'price' => round($v * $ah * 0.42 + $heater, -1),
            ] + match (true) {
                $make === 'Kvellin' => ['wakes_by' => 'charge'],
                str_contains($model, 'Carry') => [],
                default => ['wakes_by' => 'itself'],
            }];
        }

        return $rows;
    }

    /**
     * @return list<array{PartKind, string, string, array<string, mixed>}>
     */
    private static function panels(): array
    {
        $rows = [];
        foreach ([
            ['Brimsdal', 'Sill 60', 60, 22.0, 18.2, 3.55, 3.30, 670, 535, 30, 4.6],
            ['Brimsdal', 'Sill 100', 100, 22.4, 18.6, 5.75, 5.38, 1050, 540, 35, 6.9],
            ['Brimsdal', 'Sill 120', 120, 22.6, 18.9, 6.80, 6.35, 1200, 540, 35, 7.8],
            ['Brimsdal', 'Sill 175', 175, 23.9, 19.8, 9.45, 8.84, 1485, 668, 35, 11.0],
            ['Brimsdal', 'Sill 210', 210, 24.6, 20.5, 10.95, 10.25, 1500, 760, 35, 12.4],
            ['Lumenskar', 'Flake 110 flexible', 110, 23.5, 19.4, 6.05, 5.67, 1080, 545, 3, 2.2],
            ['Lumenskar', 'Flake 160 flexible', 160, 24.0, 19.9, 8.55, 8.04, 1490, 670, 3, 3.4],
            ['Lumenskar', 'Fold 200 portable', 200, 24.1, 20.0, 10.60, 10.00, 1300, 1050, 40, 9.2],
            ['Lumenskar', 'House 400', 400, 37.2, 31.0, 13.70, 12.90, 1722, 1134, 30, 21.0],
            ['Lumenskar', 'House 330', 330, 41.0, 34.1, 10.30, 9.68, 1690, 1000, 35, 18.5],
        ] as [$make, $model, $p, $voc, $vmp, $isc, $imp, $l, $w, $h, $kg]) {
            $rows[] = [PartKind::Panel, $make, $model, [
                'pmax_w' => $p, 'voc_v' => $voc, 'vmp_v' => $vmp, 'isc_a' => $isc, 'imp_a' => $imp, 'voc_tempco_pct_per_c' => -0.28, 'vmp_tempco_pct_per_c' => -0.36,
                'noct_c' => str_contains($model, 'flexible') ? 52 : 45, 'length_mm' => $l, 'width_mm' => $w, 'height_mm' => $h, 'mass_kg' => $kg,
                'price' => round($p * (str_contains($model, 'House') ? 0.45 : (str_contains($model, 'Sill') ? 0.95 : 1.9)), -1),
            ]];
        }

        return $rows;
    }

    /**
     * @return list<array{PartKind, string, string, array<string, mixed>}>
     */
    private static function regulators(): array
    {
        $rows = [];
        foreach ([
            ['Halverin', 'Pulse 10', 'pwm', 10, 30, 10, 10, 'none', false, false, 0.2],
            ['Halverin', 'Pulse 20', 'pwm', 20, 50, 20, 20, 'none', false, false, 0.3],
            ['Halverin', 'Pulse 30 Li', 'pwm', 30, 50, 30, 20, 'preset', true, false, 0.4],
            ['Pikerel', 'Duo 15', 'pwm', 15, 28, 15, 15, 'none', false, false, 0.25],
            ['Halverin', 'Crest 15 A', 'mppt', 15, 75, 15, 15, 'custom', true, true, 0.5],
            ['Halverin', 'Crest 20 C', 'mppt', 20, 100, 20, 20, 'custom', true, true, 0.65],
            ['Halverin', 'Crest 30 C', 'mppt', 30, 100, 35, null, 'custom', true, true, 1.3],
            ['Halverin', 'Crest 50 C', 'mppt', 50, 100, 60, null, 'custom', true, true, 1.5],
            ['Halverin', 'Crest 35 E', 'mppt', 35, 150, 40, null, 'custom', true, true, 1.3],
            ['Halverin', 'Crest 60 E', 'mppt', 60, 150, 50, null, 'custom', true, true, 3.0],
            ['Halverin', 'Crest 70 H', 'mppt', 70, 250, 35, null, 'custom', true, true, 3.4],
            ['Pikerel', 'Uno 40', 'mppt', 40, 100, 42, 20, 'preset', true, false, 1.6],
        ] as [$make, $model, $technology, $a, $v, $isc, $load, $lithium, $off, $cold, $kg]) {
            $rows[] = [PartKind::Regulator, $make, $model, [
                'technology' => $technology, 'max_charge_a' => $a, 'max_pv_v' => $v, 'max_pv_isc_a' => $isc, 'start_above_battery_v' => $technology === 'mppt' ? 5 : 0, 'load_output_a' => $load, 'lithium' => $lithium,
                'equalise_can_disable' => $off, 'cold_cutoff' => $cold, 'absorption_min_v' => 12.0, 'absorption_max_v' => 16.0, 'length_mm' => 130, 'width_mm' => 115, 'height_mm' => 60, 'mass_kg' => $kg,
            ] + ($make === 'Halverin' ? ['gives_dead_volts' => $technology === 'mppt'] : [])];
        }

        return $rows;
    }

    /**
     * @return list<array{PartKind, string, string, array<string, mixed>}>
     */
    private static function alternatorSide(): array
    {
        $rows = [];
        foreach ([['Tindlow', 'Ferry 18', 18, 12, 12, 87], ['Tindlow', 'Ferry 30', 30, 12, 12, 88], ['Tindlow', 'Ferry 50', 50, 12, 12, 90], ['Tindlow', 'Ferry 20 duo', 20, 24, 24, 90], ['Tindlow', 'Ferry 15 step-up', 15, 24, 12, 89], ['Pikerel', 'Link 25', 25, 12, 12, 86]] as [$make, $model, $a, $v, $in, $eff]) {
            $rows[] = [PartKind::Dcdc, $make, $model, [
                'output_a' => $a, 'output_v' => $v, 'input_min_v' => $in * 0.92, 'input_max_v' => $in * 1.33, 'efficiency_pct' => $eff, 'engine_signal' => $make === 'Pikerel' ? 'volts' : 'ignition_wire', 'dial_down' => $a >= 30,
                'lithium' => 'custom', 'equalise_can_disable' => true, 'cold_cutoff' => $make === 'Tindlow', 'gives_dead_volts' => $make === 'Tindlow', 'absorption_min_v' => $v, 'absorption_max_v' => $v * 1.25, 'length_mm' => 186, 'width_mm' => 130, 'height_mm' => 80, 'mass_kg' => 1.8,
            ]];
        }
        foreach ([['Pikerel', 'Split 70', 'relay', 70], ['Pikerel', 'Sense 140', 'volts_sensing', 140], ['Pikerel', 'Diode 120 twin', 'diode', 120], ['Tindlow', 'Metered 120', 'duty_cycled', 120], ['Tindlow', 'Metered 225', 'duty_cycled', 225]] as [$make, $model, $method, $a]) {
            $rows[] = [PartKind::Isolator, $make, $model, ['method' => $method, 'rating_a' => $a, 'length_mm' => 90, 'width_mm' => 70, 'height_mm' => 60, 'mass_kg' => 0.4]];
        }
        foreach ([['Tindlow', 'Mill 120', 120, 14.4, false], ['Tindlow', 'Mill 180', 180, 14.4, false], ['Tindlow', 'Second 280', 280, 14.6, true], ['Tindlow', 'Second 150 duo', 150, 28.8, true]] as [$make, $model, $a, $v, $second]) {
            $rows[] = [PartKind::Alternator, $make, $model, ['rated_a' => $a, 'regulated_v' => $v, 'idle_pct' => 50, 'for_house' => $second, 'mass_kg' => 6 + $a / 60]];
        }

        return $rows;
    }

    /**
     * @return list<array{PartKind, string, string, array<string, mixed>}>
     */
    private static function mains(): array
    {
        $rows = [];
        foreach ([
            ['Skarnholt', 'Shore 15', 15, 12, 'none', false], ['Skarnholt', 'Shore 25', 25, 12, 'preset', true], ['Tindlow', 'Quay 30', 30, 12, 'custom', true], ['Tindlow', 'Quay 50', 50, 12, 'custom', true],
            ['Tindlow', 'Quay 25 duo', 25, 24, 'custom', true], ['Tindlow', 'Carry 10', 10, 12, 'preset', true],
        ] as [$make, $model, $a, $v, $lithium, $off]) {
            $rows[] = [PartKind::MainsCharger, $make, $model, [
                'output_a' => $a, 'output_v' => $v, 'mains_v' => 230, 'efficiency_pct' => 92, 'lithium' => $lithium, 'equalise_can_disable' => $off, 'cold_cutoff' => $lithium === 'custom', 'gives_dead_volts' => $lithium === 'custom',
                'absorption_min_v' => $v, 'absorption_max_v' => $v * 1.3, 'length_mm' => 235, 'width_mm' => 108, 'height_mm' => 65, 'mass_kg' => 1.3 + $a / 30,
            ]];
        }
        foreach ([['Pikerel', 'Van Power 20', 20, 'none', false], ['Pikerel', 'Van Power 30 Li', 30, 'preset', true]] as [$make, $model, $a, $lithium, $switch]) {
            $rows[] = [PartKind::Converter, $make, $model, ['output_a' => $a, 'output_v' => 12, 'mains_v' => 230, 'efficiency_pct' => 85, 'hidden_switch' => $switch, 'lithium' => $lithium, 'equalise_can_disable' => true, 'absorption_max_v' => 14.4, 'length_mm' => 300, 'width_mm' => 220, 'height_mm' => 110, 'mass_kg' => 3.9]];
        }
        foreach ([['Hadrelvik', 'Guard 16 fine', 16, 30], ['Hadrelvik', 'Guard 10 fine', 10, 30], ['Hadrelvik', 'Guard 25 fine', 25, 30]] as [$make, $model, $a, $ma]) {
            $rows[] = [PartKind::EarthLeakage, $make, $model, ['rating_a' => $a, 'residual_ma' => $ma, 'poles' => 2, 'length_mm' => 85, 'width_mm' => 36, 'height_mm' => 70, 'mass_kg' => 0.25]];
        }
        foreach ([['Hadrelvik', 'Inlet 16', 16, 230], ['Hadrelvik', 'Inlet 30', 30, 120]] as [$make, $model, $a, $v]) {
            $rows[] = [PartKind::ShoreInlet, $make, $model, ['rating_a' => $a, 'mains_v' => $v, 'mass_kg' => 0.6]];
        }

        return $rows;
    }

    /**
     * @return list<array{PartKind, string, string, array<string, mixed>}>
     */
    private static function inverters(): array
    {
        $rows = [];
        foreach ([['Grebe 350', 350, 700, 12, 87, 6], ['Grebe 600', 600, 1200, 12, 89, 8], ['Grebe 1200', 1200, 2200, 12, 91, 11], ['Grebe 2000', 2000, 4000, 12, 91, 14], ['Grebe 3000', 3000, 6000, 12, 92, 20], ['Grebe 1600 duo', 1600, 3000, 24, 92, 12], ['Grebe 1200 quad', 1200, 2400, 48, 93, 11]] as [$model, $w, $surge, $v, $eff, $idle]) {
            $rows[] = [PartKind::Inverter, 'Tindlow', $model, ['continuous_w' => $w, 'surge_w' => $surge, 'efficiency_pct' => $eff, 'idle_w' => $idle, 'input_v' => $v, 'output_v' => 230, 'low_cutoff_v' => $v * 0.93, 'length_mm' => 260 + $w / 20, 'width_mm' => 165, 'height_mm' => 90, 'mass_kg' => 2.5 + $w / 350]];
        }
        foreach ([['Eider 1600 solo', 1600, 3000, 12, 91, 14, 70, 16], ['Eider 3000 solo', 2400, 5500, 12, 92, 18, 120, 32], ['Eider 3000 duo', 2400, 5500, 24, 93, 16, 70, 32], ['Eider 5000 quad', 4000, 9000, 48, 95, 25, 70, 50]] as [$model, $w, $surge, $v, $eff, $idle, $charge, $transfer]) {
            $rows[] = [PartKind::InverterCharger, 'Tindlow', $model, [
                'continuous_w' => $w, 'surge_w' => $surge, 'efficiency_pct' => $eff, 'idle_w' => $idle, 'input_v' => $v, 'output_v' => 230, 'low_cutoff_v' => $v * 0.93, 'charge_a' => $charge, 'transfer_a' => $transfer,
                'supports_supply' => true, 'lithium' => 'custom', 'equalise_can_disable' => true, 'cold_cutoff' => true, 'gives_dead_volts' => true, 'absorption_min_v' => $v, 'absorption_max_v' => $v * 1.33, 'length_mm' => 500, 'width_mm' => 220, 'height_mm' => 110, 'mass_kg' => 9 + $w / 250,
            ]];
        }

        return $rows;
    }

    /**
     * @return list<array{PartKind, string, string, array<string, mixed>}>
     */
    private static function wiring(): array
    {
        $rows = [];
        foreach ([['Drum 1000', 900, 1000], ['Drum 2000', 1800, 2000]] as [$model, $w, $surge]) {
            $rows[] = [PartKind::Generator, 'Skarnholt', $model, ['continuous_w' => $w, 'surge_w' => $surge, 'mains_v' => 230, 'neutral_bond' => 'open', 'mass_kg' => 12 + $w / 200]];
        }
        foreach ([['Lock 50', 50], ['Lock 175', 175]] as [$model, $a]) {
            $rows[] = [PartKind::Plug, 'Hadrelvik', $model, ['rating_a' => $a, 'max_v' => 60, 'poles' => 2]];
        }
        $rows[] = [PartKind::Display, 'Hadrelvik', 'Pane 4', ['shows' => 'charge, volts, amps', 'own_draw_ma' => 60]];
        $rows[] = [PartKind::Bms, 'Fennavik', 'Warden 16', ['cells' => 16, 'discharge_limit_a' => 200, 'charge_limit_a' => 150, 'low_temp_cutoff' => true, 'wakes_by' => 'button', 'opens' => 'by_signals']];
        foreach ([['Tell 300', 300, 20], ['Tell 500', 500, 20], ['Tell 1000', 1000, 25], ['Tell 500 quad', 500, 15]] as [$model, $a, $ma]) {
            $rows[] = [PartKind::Monitor, 'Hadrelvik', $model, ['shunt_a' => $a, 'stud_mm' => 10, 'max_v' => 70, 'own_draw_ma' => $ma, 'length_mm' => 120, 'width_mm' => 55, 'height_mm' => 45, 'mass_kg' => 0.5]];
        }
        foreach ([['Watch 60', 60, 10.8, 12.0], ['Watch 120', 120, 11.4, 12.4]] as [$model, $a, $off, $on]) {
            $rows[] = [PartKind::LowVoltageDisconnect, 'Hadrelvik', $model, ['rating_a' => $a, 'disconnect_v' => $off, 'reconnect_v' => $on, 'mass_kg' => 0.3]];
        }
        foreach ([
            ['Blade 5', 5, 'blade', 1000, 32], ['Blade 15', 15, 'blade', 1000, 32], ['Blade 30', 30, 'blade', 1000, 32], ['Stud 60', 60, 'sf30', 2000, 58], ['Stud 100', 100, 'sf30', 2000, 58],
            ['Post 200', 200, 'sf51', 2500, 58], ['Post 300', 300, 'sf51', 2500, 58], ['Class T 200', 200, 'class_t', 20000, 125], ['Class T 300', 300, 'class_t', 20000, 125], ['Class T 400', 400, 'class_t', 20000, 125], ['Sun 15', 15, 'gpv', 30000, 1000],
        ] as [$model, $a, $family, $breaks, $v]) {
            $rows[] = [PartKind::Fuse, 'Hadrelvik', $model, ['rating_a' => $a, 'family' => $family, 'interrupt_a' => $breaks, 'max_v' => $v, ...($family === 'blade' ? [] : ['stud_mm' => 8]), 'mass_kg' => 0.05]];
        }
        foreach ([['Break 30', 30, 3000, 48], ['Break 60', 60, 3000, 48], ['Break 150', 150, 5000, 48], ['Break PV 32', 32, 6000, 500]] as [$model, $a, $breaks, $v]) {
            $rows[] = [PartKind::Breaker, 'Hadrelvik', $model, ['rating_a' => $a, 'interrupt_a' => $breaks, 'max_v' => $v, 'poles' => $v > 100 ? 2 : 1, 'curve' => $v > 100 ? 'c' : 'thermal', 'mass_kg' => 0.2]];
        }
        foreach ([['Bar 150', 150, 4, 6], ['Bar 250', 250, 4, 8], ['Bar 600', 600, 6, 10]] as [$model, $a, $studs, $mm]) {
            $rows[] = [PartKind::Busbar, 'Hadrelvik', $model, ['rating_a' => $a, 'studs' => $studs, 'stud_mm' => $mm, 'max_v' => 70, 'length_mm' => 160, 'width_mm' => 45, 'height_mm' => 50, 'mass_kg' => 0.4]];
        }
        foreach ([['Turn 150', 150, 1], ['Turn 300', 300, 1], ['Turn PV 40', 40, 2]] as [$model, $a, $poles]) {
            $rows[] = [PartKind::Switch, 'Hadrelvik', $model, ['rating_a' => $a, ...($poles === 2 ? [] : ['stud_mm' => 10]), 'max_v' => $poles === 2 ? 600 : 48, 'poles' => $poles, 'mass_kg' => 0.3]];
        }
        foreach ([['Box 8', 8, 100], ['Box 12', 12, 150]] as [$model, $n, $a]) {
            $rows[] = [PartKind::DistributionBox, 'Hadrelvik', $model, ['circuits' => $n, 'rating_a' => $a, 'mass_kg' => 0.6]];
        }
        foreach ([['Lee 38', 38], ['Lee 75', 75]] as [$model, $w]) {
            $rows[] = [PartKind::HeatingPad, 'Skarnholt', $model, ['heater_w' => $w, 'on_c' => 1.7, 'off_c' => 4.4, 'mass_kg' => 0.7]];
        }
        foreach ([2.5, 4.0, 6.0, 10.0, 16.0, 25.0, 35.0, 50.0, 70.0, 95.0] as $mm2) {
            $rows[] = [PartKind::Cable, 'Ravenholm', sprintf('Flex %g', $mm2), ['size_mm2' => $mm2, 'insulation_c' => 90, 'max_v' => 450, 'mass_g_per_m' => round($mm2 * 10.5 + 12), 'price_per_m' => round(0.22 * $mm2 + 0.6, 1)]];
        }

        return $rows;
    }
}
