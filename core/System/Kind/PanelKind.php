<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\Charging\PanelSheet;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\Trip\SolarSource;

/** A solar panel. */
final class PanelKind extends Kind
{
    /** Kilograms of a framed panel by its watts. Common practice: 200 W, 11 kg. */
    private const KG_PER_W = 0.055;

    public function lines(): array
    {
        return [
            F::number('pmax_w', 'W', 1, 2000)->required(),
            F::number('voc_v', 'V', 1, 1000),
            F::number('vmp_v', 'V', 1, 1000),
            F::number('isc_a', 'A', 0.1, 50),
            F::number('imp_a', 'A', 0.1, 50),
            F::number('voc_tempco_pct_per_c', '%/°C', -1, 0),
            F::number('vmp_tempco_pct_per_c', '%/°C', -1, 0),
            F::number('noct_c', '°C', 20, 80),
            F::number('tilt_deg', '°', 0, 90)->ofThisOne(),
            F::number('azimuth_deg', '°', 0, 360)->ofThisOne(),
            F::number('roof_x_m', 'm', 0, 30)->ofThisOne(),
            F::number('roof_y_m', 'm', 0, 5)->ofThisOne(),
            F::flag('roof_turned')->ofThisOne(),
            F::flag('portable')->ofThisOne(),
            F::choice('shade', ['pitch', 'free', 'own'])->ofThisOne(),
            F::number('shade_from_h', 'h', 0, 24)->ofThisOne(),
            F::number('shade_to_h', 'h', 0, 24)->ofThisOne(),
            F::number('shade_light_pct', '%', 0, 100)->ofThisOne(),
        ];
    }

    public function families(): array
    {
        return [Family::Panel];
    }

    public function terminals(): array
    {
        return self::pair('', CircuitKind::Pv);
    }

    public function usual(DataSheet $sheet, string $key, float $systemV): ?float
    {
        return match ($key) {
            'tilt_deg' => 0.0,
            'azimuth_deg' => 180.0,
            'noct_c' => SolarSource::USUAL_NOCT_C,
            'voc_tempco_pct_per_c' => PanelSheet::USUAL_VOC_PCT_PER_C,
            'vmp_tempco_pct_per_c' => PanelSheet::USUAL_VMP_PCT_PER_C,
            'mass_kg' => self::KG_PER_W * $sheet->known('pmax_w'),
            default => parent::usual($sheet, $key, $systemV),
        };
    }

    public function gives(): array
    {
        return ['sun' => 'plus'];
    }

    public function shownAs(): string
    {
        return 'panels';
    }

    public function asked(): array
    {
        return ['voc_v', 'vmp_v', 'isc_a', 'voc_tempco_pct_per_c', 'vmp_tempco_pct_per_c'];
    }

    public function telling(): array
    {
        return ['pmax_w', 'voc_v', 'tilt_deg'];
    }
}
