<?php

declare(strict_types=1);

namespace App\View;

/** A stage as a stone on the skyline: hollow, filled, or cracked. `@stone(state, here, class)`: the Yard shows hundreds of them. */
final class Stone
{
    private const BODY = 'M3 13.6C.9 11.4 1.2 7.4 3.6 4.7 6 2 10.6.9 14 2.2c3.3 1.3 5.3 5 4.6 8.2-.6 2.900-3 4.900-6.300 5.200'
        . '-3.300.4-7.200.2-9.300-2z';
    private const CRACK = '<path class="crack" d="M11 1.800 8.600 6l3 2.600-3.200 3 1.600 3.800"/>';

    public static function svg(string $state, bool $here = false, string $class = ''): string
    {
        $classes = e(implode(' ', array_filter(['stone', $state, $here ? 'here' : '', $class])));

        return "<svg class=\"$classes\" viewBox=\"0 0 20 17\" aria-hidden=\"true\"><path class=\"body\" d=\"" . self::BODY . '"/>'
            . ($state === 'stopped' ? self::CRACK : '') . '</svg>';
    }
}
