<?php

declare(strict_types=1);

namespace Pebblefell\System\Sheet;

use BackedEnum;
use Closure;
use Pebblefell\Exception\InvalidValue;

/** Lists the fields of a record, once: how it is read from a file, written to one, and described by the file's schema follows. */
final class FieldList
{
    /** @var array<class-string, self> by record */
    private static array $lists = [];

    /**
     * @param array<string, DataField> $fields by key, in the file's order
     */
    private function __construct(public readonly array $fields)
    {
    }

    /**
     * Makes the list of a record, once: it is asked for at every row.
     *
     * @param class-string               $record
     * @param Closure(): list<DataField> $fields
     */
    public static function once(string $record, Closure $fields): self
    {
        return self::$lists[$record] ??= new self(array_column($fields(), null, 'key'));
    }

    /**
     * Reads a record's properties from a row of a file.
     *
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed> by the names of the record's properties
     *
     * @throws InvalidValue at the key that is missing or of the wrong kind
     */
    public function read(array $row): array
    {
        $values = [];
        foreach ($this->fields as $key => $field) {
            $value = $row[$key] ?? null;
            $values[$field->property] = match (true) {
                $value !== null => $field->cast($value),
                $field->isNullable, !$field->required => $field->default,
                default => throw InvalidValue::at("/$key", 'required'),
            };
        }

        return $values;
    }

    /**
     * Writes a record as a row of a file.
     *
     * @return array<string, mixed> by key, in the file's order
     */
    public function write(object $record): array
    {
        $row = [];
        foreach ($this->fields as $key => $field) {
            $value = $field->write === null ? $record->{$field->property} : ($field->write)($record);
            if ($field->isOptional && $value === $field->default) {
                continue;
            }
            $row[$key] = $value instanceof BackedEnum ? $value->value : $value;
        }

        return $row;
    }

    /**
     * Describes a row as JSON Schema does.
     *
     * @return array<string, mixed>
     */
    public function schema(): array
    {
        return [
            'type' => 'object',
            'properties' => array_map(self::describe(...), $this->fields),
            'required' => array_keys(array_filter($this->fields, static fn(DataField $f): bool => !$f->isOptional && !$f->isLater)),
            'additionalProperties' => false,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function describe(DataField $field): array
    {
        $type = static fn(string $type): string|array => $field->isNullable ? [$type, 'null'] : $type;
        $bounds = array_filter(
            [$field->isAbove ? 'exclusiveMinimum' : 'minimum' => $field->low, 'maximum' => $field->high],
            is_finite(...),
        );

        return match ($field->type) {
            'number', 'integer' => ['type' => $type($field->type)] + array_map(self::short(...), $bounds),
            'choice', 'enum' => ['enum' => array_map(static fn(mixed $c): mixed => is_float($c) ? self::short($c) : $c, $field->choices)],
            'flag' => ['type' => 'boolean'],
            'shape' => $field->schema,
            default => ['type' => $type('string')] + array_filter(
                ['pattern' => $field->pattern, 'maxLength' => $field->most, 'minLength' => $field->least],
            ),
        };
    }

    /** Gives a whole number as one: "12", not "12.0". */
    private static function short(float $number): float|int
    {
        return floor($number) === $number ? (int) $number : $number;
    }
}
