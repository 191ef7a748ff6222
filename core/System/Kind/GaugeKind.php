<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;

/** An old gauge or control panel. */
final class GaugeKind extends Kind
{
    public function lines(): array
    {
        return [
            F::text('reads'),
        ];
    }

    public function families(): array
    {
        return [Family::Gauge];
    }

    public function terminals(): array
    {
        return self::pair('', CircuitKind::HouseDc);
    }
}
