<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Bank\Box;
use Pebblefell\Quantity\Guard;
use Pebblefell\System\Sheet\DataField;

/** The vehicle, as far as its electrics need it. Lengths in m or mm, masses in kg; null is "not measured". */
final readonly class Vehicle
{
    public const KINDS = ['camper_van', 'motorhome', 'caravan', 'trailer', 'horsebox', 'van', 'coach', 'boat', 'raft', 'cabin', 'portable'];

    public const SYSTEM_VOLTS = [12.0, 24.0, 48.0];

    /** Of a free roof that panels can really cover, between vents and edges. Common practice. */
    public const ROOF_SHARE = 0.75;

    /**
     * @param array<string, float|string> $details by key, as details() has them
     */
    public function __construct(
        public string $kind,
        public string $description = '',
        public string $registration = '',
        public float $systemV = 12.0,
        public bool $chassisBonded = true,
        public ?float $lengthM = null,
        public ?int $axles = null,
        public ?float $payloadKg = null,
        public ?float $roofM2 = null,
        public ?Box $bay = null,
        public ?float $axleKg = null,
        public array $details = [],
    ) {
        Guard::positive($systemV, '/system_v');
        if (isset($details['roof_things'])) {
            Roof::things((string) $details['roof_things']);
        }
        if (isset($details['roof_picture'])) {
            Roof::picture((string) $details['roof_picture']);
        }
    }

    /** The same field wherever it stands: its limit, its form. */
    public static function field(string $key): DataField
    {
        return array_column(self::details(), null, 'key')[$key];
    }

    /**
     * What the brief asks besides: a field named here stands in the form, the rows and the file without another word.
     *
     * @return list<DataField>
     */
    public static function details(): array
    {
        return [
            DataField::number('wheelbase_m', 'm', 0.3, 25),
            DataField::number('front_kg', 'kg', 0, 30_000),
            DataField::number('front_max_kg', 'kg', 0, 30_000),
            DataField::number('rear_kg', 'kg', 0, 60_000),
            DataField::number('rear_max_kg', 'kg', 0, 60_000),
            DataField::number('roof_length_m', 'm', 0.2, 30),
            DataField::number('roof_width_m', 'm', 0.2, 5),
            DataField::lines('roof_things'),
            DataField::text('roof_picture'),
            DataField::choice('first_terminal', ['negative', 'positive']),
        ];
    }

    public function detail(string $key): ?float
    {
        return isset($this->details[$key]) ? (float) $this->details[$key] : null;
    }

    /** Null as long as it is not measured. */
    public function roof(): ?Roof
    {
        [$length, $width] = [$this->detail('roof_length_m'), $this->detail('roof_width_m')];

        return $length === null || $width === null ? null : Roof::of(
            1000.0 * $length,
            1000.0 * $width,
            Roof::things((string) ($this->details['roof_things'] ?? '')),
        );
    }

    /** Square metres of roof for panels; null: not measured. */
    public function roofM2(): ?float
    {
        return $this->roof()?->areaM2() ?? $this->roofM2;
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind,
            'description' => $this->description,
            'registration' => $this->registration,
            'system_v' => $this->systemV,
            'chassis_bonded' => $this->chassisBonded,
            'length_m' => $this->lengthM,
            'axles' => $this->axles,
            'payload_kg' => $this->payloadKg,
            'roof_m2' => $this->roofM2,
            'bay_mm' => $this->bay === null ? null : [$this->bay->lengthMm, $this->bay->widthMm, $this->bay->heightMm],
            'axle_kg' => $this->axleKg,
        ] + $this->details;
    }

    /**
     * @param array<string, mixed> $a as toArray() gives it
     */
    public static function fromArray(array $a): self
    {
        return new self(
            $a['kind'],
            $a['description'] ?? '',
            $a['registration'] ?? '',
            (float) $a['system_v'],
            $a['chassis_bonded'] ?? true,
            isset($a['length_m']) ? (float) $a['length_m'] : null,
            isset($a['axles']) ? (int) $a['axles'] : null,
            isset($a['payload_kg']) ? (float) $a['payload_kg'] : null,
            isset($a['roof_m2']) ? (float) $a['roof_m2'] : null,
            isset($a['bay_mm']) ? Box::of((float) $a['bay_mm'][0], (float) $a['bay_mm'][1], (float) $a['bay_mm'][2]) : null,
            isset($a['axle_kg']) ? (float) $a['axle_kg'] : null,
            self::noted($a),
        );
    }

    /**
     * @param array<string, mixed> $a
     *
     * @return array<string, float|string>
     */
    private static function noted(array $a): array
    {
        $noted = [];
        foreach (self::details() as $field) {
            $value = isset($a[$field->key]) && $a[$field->key] !== '' ? $field->read($a[$field->key]) : null;
            if (is_float($value) || is_string($value)) {
                $noted[$field->key] = $value;
            }
        }

        return $noted;
    }
}
