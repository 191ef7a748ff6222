<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Bank\Box;
use Pebblefell\Quantity\Guard;

/** The vehicle, as far as its electrics need it. Lengths in m or mm, masses in kg; null is "not measured". */
final readonly class Vehicle
{
    public const KINDS = ['camper_van', 'motorhome', 'caravan', 'trailer', 'horsebox', 'van', 'coach', 'boat', 'raft', 'cabin', 'portable'];

    public const SYSTEM_VOLTS = [12.0, 24.0, 48.0];

    /** Of a free roof that panels can really cover, between vents and edges. Common practice. */
    public const ROOF_SHARE = 0.75;

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
    ) {
        Guard::positive($systemV, '/system_v');
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
        ];
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
        );
    }
}
