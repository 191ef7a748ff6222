<?php

declare(strict_types=1);

namespace App\Words;

use NumberFormatter;

/**
 * Writes numbers as a language does (ICU), thousands apart by a narrow space: a point or a comma there is a decimal to the neighbour
 * (ISO 80000-1).
 */
final class Numbers
{
    private const GROUP = "\u{202F}";

    /** @var array<string, NumberFormatter> by language and decimals */
    private static array $formats = [];

    /**
     * @param int $most  decimals
     * @param int $least decimals, zeros among them
     */
    public static function in(string $locale, float $value, int $most, int $least = 0): string
    {
        $said = (string) (self::$formats["$locale $most $least"] ??= self::format($locale, $most, $least))->format($value);

        return $said === '−0' ? '0' : $said;
    }

    private static function format(string $locale, int $most, int $least): NumberFormatter
    {
        $format = new NumberFormatter($locale, NumberFormatter::DECIMAL);
        $format->setAttribute(NumberFormatter::MAX_FRACTION_DIGITS, $most);
        $format->setAttribute(NumberFormatter::MIN_FRACTION_DIGITS, $least);
        $format->setAttribute(NumberFormatter::ROUNDING_MODE, NumberFormatter::ROUND_HALFUP);
        $format->setSymbol(NumberFormatter::GROUPING_SEPARATOR_SYMBOL, self::GROUP);
        $format->setSymbol(NumberFormatter::MINUS_SIGN_SYMBOL, '−');

        return $format;
    }
}
