<?php

declare(strict_types=1);

namespace Pebblefell\Quantity;

/** A temperature; kept in °C, shown in °C or °F. */
final readonly class Temperature
{
    private function __construct(public float $celsius)
    {
        Guard::between($celsius, -273.15, 1000.0, '/celsius');
    }

    public static function ofCelsius(float $celsius): self
    {
        return new self($celsius);
    }

    public static function ofFahrenheit(float $fahrenheit): self
    {
        return new self(($fahrenheit - 32.0) / 1.8);
    }

    public function fahrenheit(): float
    {
        return $this->celsius * 1.8 + 32.0;
    }
}
