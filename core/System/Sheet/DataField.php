<?php

declare(strict_types=1);

namespace Pebblefell\System\Sheet;

use BackedEnum;
use Closure;
use Pebblefell\Exception\InvalidValue;

/** Declares one value that is noted: its key, its unit and what may stand there. Its name stands in lang/NAME/sheets.php. */
final readonly class DataField
{
    /** Form of the name of a row, as JSON Schema writes it. */
    public const UID = '^[a-z][a-z0-9-]{0,18}$';

    /** Letters that a text, and one of several lines, holds. Chosen. */
    private const MOST_TEXT = 200;
    private const MOST_LINES = 1_000;

    /**
     * @param string                           $type       number, integer, choice, flag, text, lines, date, enum or shape
     * @param bool                             $isAbove    a number must be above $low, not at it
     * @param list<float|string>               $choices    for a field that is one of a few
     * @param int                              $least      letters of a text
     * @param string                           $pattern    of a text, as JSON Schema writes it
     * @param bool                             $isNullable null is "not known"
     * @param bool                             $isOptional left out of a file where it is as by default
     * @param bool                             $isLater    files of earlier releases lack it
     * @param mixed                            $default    as the record holds it
     * @param string                           $property   of the record
     * @param ?class-string<BackedEnum>        $enum
     * @param array<string, mixed>             $schema     of a shape, as JSON Schema writes it
     * @param ?Closure(mixed): mixed           $shape      from a file to the record
     * @param ?Closure $write     from the record to a file
     */
    private function __construct(
        public string $key,
        public string $type,
        public string $unit = '',
        public float $low = 0.0,
        public float $high = 0.0,
        public bool $isAbove = false,
        public array $choices = [],
        public bool $required = false,
        public bool $ofThisOne = false,
        public int $most = self::MOST_TEXT,
        public int $least = 0,
        public string $pattern = '',
        public bool $isNullable = false,
        public bool $isOptional = false,
        public bool $isLater = false,
        public mixed $default = null,
        public string $property = '',
        public ?string $enum = null,
        public array $schema = [],
        public ?Closure $shape = null,
        public ?Closure $write = null,
    ) {
    }

    /**
     * Declares a number.
     *
     * @param string $unit metric; "" for a bare number
     */
    public static function number(string $key, string $unit, float $low = 0.0, float $high = 100_000.0): self
    {
        return self::named($key, 'number', unit: $unit, low: $low, high: $high);
    }

    public static function integer(string $key, int $low, int $high): self
    {
        return self::named($key, 'integer', low: (float) $low, high: (float) $high);
    }

    /**
     * Declares one of a few words, or of a few numbers.
     *
     * @param list<float|string> $choices
     */
    public static function choice(string $key, array $choices): self
    {
        return self::named($key, 'choice', choices: $choices);
    }

    /**
     * Declares a case of an enumeration.
     *
     * @param class-string<BackedEnum> $class
     */
    public static function enum(string $key, string $class): self
    {
        return self::named($key, 'enum', choices: array_column($class::cases(), 'value'), enum: $class);
    }

    public static function flag(string $key): self
    {
        return self::named($key, 'flag');
    }

    public static function text(string $key, int $most = self::MOST_TEXT): self
    {
        return self::named($key, 'text', most: $most);
    }

    /** Declares the name of a row within its job: "p7". */
    public static function uid(): self
    {
        return self::named('uid', 'text', most: 0, pattern: self::UID, required: true);
    }

    /** Declares a text of several lines. */
    public static function lines(string $key, int $most = self::MOST_LINES): self
    {
        return self::named($key, 'lines', most: $most);
    }

    /** Declares a day, Y-m-d. */
    public static function date(string $key): self
    {
        return self::named($key, 'date');
    }

    /**
     * Declares a value of several parts.
     *
     * @param array<string, mixed>    $schema as JSON Schema writes it
     * @param ?Closure(mixed): mixed  $read   from a file to the record; null: as it is
     * @param ?Closure $write  from the record to a file; null: as it is
     */
    public static function shape(string $key, array $schema, ?Closure $read = null, ?Closure $write = null): self
    {
        return self::named($key, 'shape', schema: $schema, shape: $read, write: $write);
    }

    /** Makes it one without which nothing can be computed, or which no file leaves out. */
    public function required(): self
    {
        return $this->with(['required' => true]);
    }

    /** Makes it one of the specimen in the vehicle, not of the model: its age, its tilt. Not in the library. */
    public function ofThisOne(): self
    {
        return $this->with(['ofThisOne' => true]);
    }

    /** Lets it be null: not known. */
    public function orNull(): self
    {
        return $this->with(['isNullable' => true]);
    }

    /** Says what it is where a file does not say it. */
    public function orElse(mixed $default): self
    {
        return $this->with(['default' => $default]);
    }

    /** Leaves it out of a file where it is as by default. */
    public function optional(mixed $default = null): self
    {
        return $this->with(['isOptional' => true, 'default' => $default]);
    }

    /** Lets files of earlier releases lack it. */
    public function later(): self
    {
        return $this->with(['isLater' => true]);
    }

    /** Puts the lower bound itself out of bounds. */
    public function above(): self
    {
        return $this->with(['isAbove' => true]);
    }

    /** Requires a text of a form. */
    public function matching(string $pattern): self
    {
        return $this->with(['pattern' => $pattern]);
    }

    /** Requires a letter at least. */
    public function notEmpty(): self
    {
        return $this->with(['least' => 1]);
    }

    /** Names the record's property where it is not the key in camel case. */
    public function as(string $property): self
    {
        return $this->with(['property' => $property]);
    }

    /** Whether it is of several parts: "object" or "array", as JSON Schema calls them. */
    public function isOf(string $type): bool
    {
        return in_array($type, (array) ($this->schema['type'] ?? []), true);
    }

    /**
     * Checks a value and gives it as it is kept.
     *
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

    /**
     * Gives what a row or a file holds as the record holds it.
     *
     * @throws InvalidValue at the field's key, or below it
     */
    public function cast(mixed $value): mixed
    {
        return match ($this->type) {
            'number' => is_numeric($value) ? (float) $value : throw InvalidValue::at('/' . $this->key, 'number'),
            'integer' => is_numeric($value) ? (int) $value : throw InvalidValue::at('/' . $this->key, 'number'),
            'flag' => (bool) $value,
            'enum' => ($this->enum ?? '')::tryFrom($value)
                ?? throw InvalidValue::at('/' . $this->key, 'one-of', ['choices' => implode(', ', $this->choices)]),
            'choice' => is_float($this->choices[0] ?? null) ? (float) $value : (string) $value,
            'shape' => $this->shape === null ? $value : $this->shaped($this->shape, $value),
            default => (string) $value,
        };
    }

    /**
     * @param Closure(mixed): mixed $shape
     */
    private function shaped(Closure $shape, mixed $value): mixed
    {
        try {
            return $shape($value);
        } catch (InvalidValue $e) {
            throw $e->under('/' . $this->key);
        }
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

    private static function named(string $key, string $type, mixed ...$more): self
    {
        return new self(...['key' => $key, 'type' => $type, 'property' => lcfirst(str_replace('_', '', ucwords($key, '_'))), ...$more]);
    }

    /**
     * @param array<string, mixed> $changed
     */
    private function with(array $changed): self
    {
        return new self(...[...get_object_vars($this), ...$changed]);
    }
}
