<?php

declare(strict_types=1);

namespace Pebblefell\Setting;

use Pebblefell\Exception\InvalidValue;

/** Tells what stands in one box of a device: a number, or "off". */
final readonly class SetValue
{
    private function __construct(public ?float $number)
    {
    }

    public static function number(float $number): self
    {
        return new self($number);
    }

    public static function off(): self
    {
        return new self(null);
    }

    /**
     * Reads "14.4", "14,4" or "off".
     *
     * @throws InvalidValue for anything else
     */
    public static function parse(string $text): self
    {
        $text = str_replace(',', '.', strtolower(trim($text)));
        if ($text === 'off') {
            return self::off();
        }
        if (!is_numeric($text) || !is_finite((float) $text) || abs((float) $text) > 1000) {
            throw InvalidValue::at('', 'number-or-off');
        }

        return new self((float) $text);
    }

    public function isOff(): bool
    {
        return $this->number === null;
    }

    public function text(): string
    {
        return $this->number === null ? 'off' : (string) round($this->number, 3);
    }

    public function agreesWith(self $other, float $tolerance): bool
    {
        if ($this->number === null || $other->number === null) {
            return $this->number === $other->number;
        }

        return abs($this->number - $other->number) <= $tolerance;
    }
}
