<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;

/** A display, hub or remote: it carries no current of the system, and has a serial and a firmware. */
final class DisplayKind extends Kind
{
    public function lines(): array
    {
        return [
            F::text('shows'),
            F::number('own_draw_ma', 'mA', 0, 2000),
        ];
    }

    public function families(): array
    {
        return [Family::Display];
    }

    public function terminals(): array
    {
        return self::pair('', CircuitKind::HouseDc);
    }

    public function shownAs(): string
    {
        return 'display';
    }
}
