<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Sheet\DataSheet;

/** A box of fused circuits. */
final class DistributionBoxKind extends Kind
{
    /** Holds what one is counted at where its rating is not noted, A. Chosen, on the safe side. */
    private const COUNTED_A = 40.0;

    public function lines(): array
    {
        return [
            F::number('circuits', '', 1, 60)->required(),
            F::number('rating_a', 'A', 1, 1000),
            ...self::labelled(),
        ];
    }

    public function families(): array
    {
        return [Family::DistributionBox];
    }

    public function terminals(): array
    {
        return self::pair('supply_', CircuitKind::HouseDc);
    }

    public function usual(DataSheet $sheet, string $key, float $systemV): ?float
    {
        return match ($key) {
            'rating_a' => self::COUNTED_A,
            default => parent::usual($sheet, $key, $systemV),
        };
    }

    public function hangsAt(): HangsAt
    {
        return new HangsAt('supply_plus', 'supply_minus', 7);
    }
}
