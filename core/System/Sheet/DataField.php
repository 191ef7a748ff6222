<?php

declare(strict_types=1);

namespace Pebblefell\System\Sheet;

use Pebblefell\Exception\InvalidValue;

/** One line of a data sheet: its key, its unit and what may stand there. Its name stands in lang/NAME/sheets.php. */
final readonly class DataField
{
    /** Letters that a text, and one of several lines, holds. Chosen. */
    private const MOST_TEXT = 200;
    private const MOST_LINES = 1_000;

    /**
     * @param list<string> $choices for a field that is one of a few words
     */
    private function __construct(
        public string $key,
        public string $type,
        public string $unit,
        public float $low,
        public float $high,
        public array $choices,
        public bool $required,
        public bool $ofThisOne,
        public int $most = self::MOST_TEXT,
    ) {
    }

    /**
     * @param string $unit metric; "" for a bare number
     */
    public static function number(string $key, string $unit, float $low = 0.0, float $high = 100_000.0): self
    {
        return new self($key, 'number', $unit, $low, $high, [], false, false);
    }

    /**
     * @param list<string> $choices
     */
    public static function choice(string $key, array $choices): self
    {
        return new self($key, 'choice', '', 0.0, 0.0, $choices, false, false);
    }

    public static function flag(string $key): self
    {
        return new self($key, 'flag', '', 0.0, 0.0, [], false, false);
    }

    public static function text(string $key): self
    {
        return new self($key, 'text', '', 0.0, 0.0, [], false, false);
    }

    /** A text of several lines. */
    public static function lines(string $key): self
    {
        return new self($key, 'lines', '', 0.0, 0.0, [], false, false, self::MOST_LINES);
    }

    /** A day, Y-m-d. */
    public static function date(string $key): self
    {
        return new self($key, 'date', '', 0.0, 0.0, [], false, false);
    }

    /** Without it nothing can be computed. */
    public function required(): self
    {
        return new self($this->key, $this->type, $this->unit, $this->low, $this->high, $this->choices, true, $this->ofThisOne, $this->most);
    }

    /** Belongs to the one specimen in the vehicle, not to the model: its age, its tilt. Not in the library. */
    public function ofThisOne(): self
    {
        return new self($this->key, $this->type, $this->unit, $this->low, $this->high, $this->choices, $this->required, true, $this->most);
    }

    /**
     * @throws InvalidValue at the field's key
     */
    public function read(mixed $value): float|bool|string
    {
        return match ($this->type) {
            'number' => $this->readNumber($value),
            'flag' => is_bool($value) ? $value : throw InvalidValue::at('/' . $this->key, 'yes-or-no'),
            'choice' => is_string($value) && in_array($value, $this->choices, true)
                ? $value
                : throw InvalidValue::at('/' . $this->key, 'one-of', ['choices' => implode(', ', $this->choices)]),
            'date' => is_string($value) && preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $value, $m) === 1
                && checkdate((int) $m[2], (int) $m[3], (int) $m[1])
                ? $value
                : throw InvalidValue::at('/' . $this->key, 'a-day'),
            default => is_string($value) && mb_strlen($value) <= $this->most
                ? $value
                : throw InvalidValue::at('/' . $this->key, 'text-at-most', ['count' => $this->most]),
        };
    }

    private function readNumber(mixed $value): float
    {
        if (!is_int($value) && !is_float($value)) {
            throw InvalidValue::at('/' . $this->key, 'number');
        }
        if ($value < $this->low || $value > $this->high) {
            throw InvalidValue::at(
                '/' . $this->key,
                'between',
                ['low' => (string) $this->low, 'high' => $this->high . ($this->unit === '' ? '' : ' ' . $this->unit)],
            );
        }

        return (float) $value;
    }
}
