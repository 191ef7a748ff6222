<?php

declare(strict_types=1);

namespace Pebblefell\Quantity;

use Pebblefell\Exception\InvalidValue;

/** The door of every value object: bounds are checked here and nowhere else. */
final class Guard
{
    /**
     * @throws InvalidValue unless $value is finite and above zero
     */
    public static function positive(float $value, string $path): float
    {
        return is_finite($value) && $value > 0.0 ? $value : throw InvalidValue::at($path, 'above-0');
    }

    /**
     * @throws InvalidValue unless $value is finite and zero or more
     */
    public static function notNegative(float $value, string $path): float
    {
        return is_finite($value) && $value >= 0.0 ? $value : throw InvalidValue::at($path, 'not-negative');
    }

    /**
     * @throws InvalidValue unless $low <= $value <= $high
     */
    public static function between(float $value, float $low, float $high, string $path): float
    {
        return $value >= $low && $value <= $high
            ? $value
            : throw InvalidValue::at($path, 'between', ['low' => (string) $low, 'high' => (string) $high]);
    }
}
