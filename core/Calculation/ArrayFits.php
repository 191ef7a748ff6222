<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Charging\ArrayFit;
use Pebblefell\Charging\PanelSheet;
use Pebblefell\Charging\RegulatorSheet;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Finding;

/** `array-fit`: do these panels suit this regulator, and what limits them? */
final class ArrayFits implements Calculation
{
    public static function schema(): array
    {
        return Schema::object([
            'panel' => Schema::object([
                'pmax_w' => Schema::positive(), 'voc_v' => Schema::positive(), 'vmp_v' => Schema::positive(),
                'isc_a' => Schema::positive(), 'imp_a' => Schema::positive(),
                'voc_tempco_pct_per_c' => Schema::between(-2, 0), 'vmp_tempco_pct_per_c' => Schema::between(-2, 0),
            ]),
            'series' => Schema::whole(1, 1000),
            'parallel' => Schema::whole(1, 1000),
            'min_cell_c' => Schema::between(-90, 60),
            'max_cell_c' => Schema::between(-20, 120),
            'regulator' => Schema::object(
                ['kind' => Schema::oneOf('mppt', 'pwm'), 'max_pv_v' => Schema::positive(), 'max_charge_a' => Schema::positive()],
                ['max_pv_isc_a' => Schema::positive(), 'start_above_battery_v' => Schema::notNegative(RegulatorSheet::USUAL_START_ABOVE_V)],
            ),
            'absorption_v' => Schema::positive(),
        ]);
    }

    public static function run(array $in): array
    {
        $p = $in['panel'];
        $r = $in['regulator'];
        try {
            $panel = PanelSheet::of(
                $p['pmax_w'],
                $p['voc_v'],
                $p['vmp_v'],
                $p['isc_a'],
                $p['imp_a'],
                $p['voc_tempco_pct_per_c'],
                $p['vmp_tempco_pct_per_c'],
            );
        } catch (InvalidValue $e) {
            throw $e->under('/panel');
        }
        $regulator = RegulatorSheet::of(
            $r['kind'] === 'mppt',
            $r['max_pv_v'],
            $r['max_charge_a'],
            $r['max_pv_isc_a'] ?? null,
            $r['start_above_battery_v'],
        );
        $fit = ArrayFit::of($panel, $in['series'], $in['parallel'], $regulator, $in['min_cell_c'], $in['max_cell_c'], $in['absorption_v']);

        return [
            'voc_cold_v' => $fit->vocColdV,
            'vmp_hot_v' => $fit->vmpHotV,
            'isc_a' => $fit->iscA,
            'charge_a_unclipped' => $fit->chargeAUnclipped,
            'charge_a' => $fit->chargeA,
            'fits' => $fit->fits(),
            'findings' => array_map(static fn(Finding $f): Said => new Said($f), $fit->findings()),
        ];
    }
}
