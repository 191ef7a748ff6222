<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\Sheet\DataField as F;

/** Cable by the metre. */
final class CableKind extends Kind
{
    public function lines(): array
    {
        return [
            F::number('size_mm2', 'mm²', 0.2, 400)->required(),
            F::number('insulation_c', '°C', 60, 200),
            F::number('max_v', 'V', 5, 2000),
            F::number('mass_g_per_m', 'g/m', 1, 10_000),
            F::number('price_per_m', '¤', 0, 10_000),
        ];
    }

    public function families(): array
    {
        return [Family::Cable, Family::Sundry];
    }

    public function terminals(): array
    {
        return [];
    }

    protected function body(): array
    {
        return [];
    }

    public function telling(): array
    {
        return ['size_mm2', 'insulation_c'];
    }
}
