<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use BackedEnum;
use Illuminate\Database\Eloquent\Model;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;

/**
 * Keeps a record of the job file in a table: columns, casts and defaults follow the record's list of fields. What a file calls otherwise
 * than its column stands in COLUMNS, file key => column; columns of which a file knows nothing stand in BESIDE.
 *
 * @phpstan-require-extends Model
 */
trait InFile
{
    /** @var array<class-string, array{fillable: list<string>, casts: array<string, string>, attributes: array<string, mixed>}> by class */
    private static array $made = [];

    /** Lists the fields of the record that it keeps. */
    abstract public static function fields(): FieldList;

    /** Names the column that keeps what a file has under a key. */
    public static function column(string $key): string
    {
        return static::COLUMNS[$key] ?? $key;
    }

    public function initializeInFile(): void
    {
        $made = self::$made[static::class] ??= self::made();
        $this->fillable = $made['fillable'];
        $this->casts = $made['casts'] + $this->casts;
        $this->attributes += $made['attributes'];
    }

    /**
     * @return array<string, mixed> the row in the job file's terms
     */
    public function toFile(): array
    {
        $file = [];
        foreach (static::fields()->fields as $key => $field) {
            $value = $this->getAttribute(self::column($key));
            if (!$field->isOptional || $value !== $field->default) {
                $file[$key] = $value instanceof BackedEnum ? $value->value : $value;
            }
        }

        return $file;
    }

    /**
     * @param array<string, mixed> $file a row of the job file
     */
    public static function fromFile(array $file): static
    {
        $row = new static();
        foreach (array_keys(static::fields()->fields) as $key) {
            if (isset($file[$key])) {
                $row->setAttribute(self::column($key), $file[$key]);
            }
        }

        return $row;
    }

    /**
     * @return array{fillable: list<string>, casts: array<string, string>, attributes: array<string, mixed>}
     */
    private static function made(): array
    {
        $columns = $casts = $attributes = [];
        foreach (static::fields()->fields as $key => $field) {
            $columns[] = $column = self::column($key);
            $cast = self::castOf($field);
            if ($cast !== null) {
                $casts[$column] = $cast;
            }
            if ($field->default !== null) {
                $attributes[$column] = match (true) {
                    $field->default instanceof BackedEnum => $field->default->value,
                    is_array($field->default) => $field->isOf('object') ? '{}' : '[]',
                    default => $field->default,
                };
            }
        }

        return ['fillable' => [...$columns, ...static::BESIDE], 'casts' => $casts, 'attributes' => $attributes];
    }

    private static function castOf(DataField $field): ?string
    {
        return match (true) {
            $field->type === 'number', is_float($field->choices[0] ?? null) => 'float',
            $field->type === 'integer' => 'integer',
            $field->type === 'flag' => 'boolean',
            $field->type === 'enum' => $field->enum,
            $field->isOf('array'), $field->isOf('object') => 'array',
            default => null,
        };
    }
}
