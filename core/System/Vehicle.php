<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Bank\Box;
use Pebblefell\Quantity\Guard;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;
use Pebblefell\System\Sheet\Listed;

/** The vehicle, as far as its electrics need it. Lengths in m or mm, masses in kg; null is "not measured". */
final readonly class Vehicle
{
    use Listed;

    public const KINDS = ['camper_van', 'motorhome', 'caravan', 'trailer', 'horsebox', 'van', 'coach', 'boat', 'raft', 'cabin', 'portable'];

    public const SYSTEM_VOLTS = [12.0, 24.0, 48.0];

    /** Of a free roof that panels can really cover, between vents and edges. Common practice. */
    public const ROOF_SHARE = 0.75;

    /**
     * @param ?string $roofThings    what stands on the roof, as Roof reads it
     * @param ?string $roofPicture   where its picture lies, as Roof reads it
     * @param ?string $firstTerminal the one that comes off first: negative or positive; null: as the workshop does it
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
        public ?float $wheelbaseM = null,
        public ?float $frontKg = null,
        public ?float $frontMaxKg = null,
        public ?float $rearKg = null,
        public ?float $rearMaxKg = null,
        public ?float $roofLengthM = null,
        public ?float $roofWidthM = null,
        public ?string $roofThings = null,
        public ?string $roofPicture = null,
        public ?string $firstTerminal = null,
    ) {
        Guard::positive($systemV, '/system_v');
        Roof::things($roofThings ?? '');
        if ($roofPicture !== null) {
            Roof::picture($roofPicture);
        }
    }

    /** Null as long as it is not measured. */
    public function roof(): ?Roof
    {
        return $this->roofLengthM === null || $this->roofWidthM === null ? null : Roof::of(
            1000.0 * $this->roofLengthM,
            1000.0 * $this->roofWidthM,
            Roof::things($this->roofThings ?? ''),
        );
    }

    /** Square metres of roof for panels; null: not measured. */
    public function roofM2(): ?float
    {
        return $this->roof()?->areaM2() ?? $this->roofM2;
    }

    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::choice('kind', self::KINDS)->required(),
            DataField::text('description')->orElse(''),
            DataField::text('registration', 40)->orElse(''),
            DataField::choice('system_v', self::SYSTEM_VOLTS)->required(),
            DataField::flag('chassis_bonded')->orElse(true),
            DataField::number('length_m', 'm', 0, 100)->orNull(),
            DataField::integer('axles', 0, 8)->orNull(),
            DataField::number('payload_kg', 'kg', 0, 50_000)->orNull(),
            DataField::number('roof_m2', 'm²', 0, 200)->orNull(),
            DataField::shape(
                'bay_mm',
                [
                    'type' => ['array', 'null'], 'items' => ['type' => 'number', 'exclusiveMinimum' => 0, 'maximum' => 10_000],
                    'minItems' => 3, 'maxItems' => 3,
                ],
                static fn(array $mm): Box => Box::of((float) $mm[0], (float) $mm[1], (float) $mm[2]),
                static fn(self $v): ?array => $v->bay === null ? null : [$v->bay->lengthMm, $v->bay->widthMm, $v->bay->heightMm],
            )->as('bay')->orNull(),
            DataField::number('axle_kg', 'kg', 0, 50_000)->orNull(),
            DataField::number('wheelbase_m', 'm', 0.3, 25)->orNull()->optional(),
            DataField::number('front_kg', 'kg', 0, 30_000)->orNull()->optional(),
            DataField::number('front_max_kg', 'kg', 0, 30_000)->orNull()->optional(),
            DataField::number('rear_kg', 'kg', 0, 60_000)->orNull()->optional(),
            DataField::number('rear_max_kg', 'kg', 0, 60_000)->orNull()->optional(),
            DataField::number('roof_length_m', 'm', 0.2, 30)->orNull()->optional(),
            DataField::number('roof_width_m', 'm', 0.2, 5)->orNull()->optional(),
            DataField::lines('roof_things')->orNull()->optional(),
            DataField::text('roof_picture')->orNull()->optional(),
            DataField::choice('first_terminal', ['negative', 'positive'])->optional(),
        ]);
    }
}
