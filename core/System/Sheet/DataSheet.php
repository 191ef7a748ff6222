<?php

declare(strict_types=1);

namespace Pebblefell\System\Sheet;

use LogicException;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Word;
use Pebblefell\System\PartKind;

/** Tells what is known of a part, each value with where it comes from. */
final readonly class DataSheet
{
    /**
     * @param array<string, float|bool|string> $values  in the order of the kind's fields
     * @param array<string, Origin>            $origins for the keys of $values; data sheet where missing
     */
    private function __construct(public PartKind $kind, public array $values, private array $origins)
    {
    }

    /**
     * Keeps the known keys in the kind's own order; nulls and empty texts are "not known" and left out.
     *
     * @param array<string, mixed>  $values
     * @param array<string, Origin> $origins
     *
     * @throws InvalidValue at the key that is unknown, missing or out of bounds
     */
    public static function of(PartKind $kind, array $values, array $origins = []): self
    {
        $values = array_filter($values, static fn(mixed $v): bool => $v !== null && $v !== '');
        $fields = $kind->fields();
        foreach (array_keys($values) as $key) {
            if (!isset($fields[$key])) {
                throw InvalidValue::at('/' . $key, 'not-on-sheet', ['kind' => $kind->value]);
            }
        }
        $kept = [];
        foreach ($fields as $key => $field) {
            if (array_key_exists($key, $values)) {
                $kept[$key] = $field->read($values[$key]);
            } elseif ($field->required) {
                throw InvalidValue::at('/' . $key, 'required');
            }
        }

        return new self($kind, $kept, array_intersect_key($origins, $kept));
    }

    /** Nothing is known yet. */
    public static function none(PartKind $kind): self
    {
        return new self($kind, [], []);
    }

    public function number(string $key): ?float
    {
        $value = $this->values[$key] ?? null;

        return is_float($value) ? $value : null;
    }

    /** A line without which no sheet is made. */
    public function known(string $key): float
    {
        return $this->number($key) ?? throw new LogicException("no-line: {$this->kind->value}.$key");
    }

    /**
     * Returns what is noted, or what is usual where nothing is.
     *
     * @param float $systemV of the vehicle, for lines that follow it
     */
    public function orUsual(string $key, float $systemV = 12.0): float
    {
        return $this->number($key) ?? $this->usual($key, $systemV);
    }

    /** The same as an input of a formula, marked as assumed where it is. */
    public function figureOrUsual(string $key, float $systemV = 12.0): Figure
    {
        $field = $this->kind->fields()[$key];

        return $this->figure($key) ?? Figure::given(
            $this->label($key),
            $this->usual($key, $systemV),
            $field->unit,
            Origin::Assumed,
            'common-practice',
        );
    }

    /**
     * Returns what stands in where the sheet is silent: each gap is filled here and nowhere else.
     *
     * @throws LogicException for a line for which nothing is usual
     */
    private function usual(string $key, float $systemV): float
    {
        return $this->kind->kind()->usual($this, $key, $systemV)
            ?? throw new LogicException("nothing-usual: {$this->kind->value}.$key");
    }

    private function label(string $key): Word
    {
        return Word::of("sheets.{$this->kind->value}.$key");
    }

    /** Of a battery. */
    public function chemistry(): Chemistry
    {
        return Chemistry::from((string) $this->text('chemistry'));
    }

    /** Returns what a charging source gives the bank, by whichever line its kind says it; null for what charges nothing. */
    public function chargeCurrent(): ?Figure
    {
        return $this->figure('max_charge_a') ?? $this->figure('charge_a') ?? $this->figure('output_a');
    }

    /** Footprint, m²; 0 where it was not measured. */
    public function footprintM2(): float
    {
        return ($this->number('length_mm') ?? 0.0) * ($this->number('width_mm') ?? 0.0) / 1e6;
    }

    /** Volume, litres; 0 where it was not measured. */
    public function volumeL(): float
    {
        return $this->footprintM2() * ($this->number('height_mm') ?? 0.0);
    }

    public function text(string $key): ?string
    {
        $value = $this->values[$key] ?? null;

        return is_string($value) ? $value : null;
    }

    public function flag(string $key): ?bool
    {
        $value = $this->values[$key] ?? null;

        return is_bool($value) ? $value : null;
    }

    /** True while any of it is assumed: nobody has read the label yet. */
    public function isAssumed(): bool
    {
        return in_array(Origin::Assumed, $this->origins, true);
    }

    public function origin(string $key): Origin
    {
        return $this->origins[$key] ?? Origin::DataSheet;
    }

    /** The value as an input of a formula; null when it is not known. */
    public function figure(string $key): ?Figure
    {
        $number = $this->number($key);

        return $number === null ? null : Figure::given($this->label($key), $number, $this->kind->fields()[$key]->unit, $this->origin($key));
    }

    /**
     * @return array<string, string> origins that differ from "data sheet", by key
     */
    public function notedOrigins(): array
    {
        return array_map(
            static fn(Origin $o): string => $o->value,
            array_filter($this->origins, static fn(Origin $o): bool => $o !== Origin::DataSheet),
        );
    }
}
