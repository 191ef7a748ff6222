<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Quantity\Guard;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;
use Pebblefell\System\Sheet\Listed;

/**
 * Where the vehicle is used: latitude, and by month how clear the sky is and how cold the nights are.
 */
final readonly class Place
{
    use Listed;

    /** Clearness Rs/Ra where none is known for the place. An assumption: a cloudy coast of middle and high latitudes. */
    public const ASSUMED_CLEARNESS = 0.42;

    /** Mean night minimum in °C where none is known. An assumption. */
    public const ASSUMED_MIN_C = 0.0;

    /** The record lies so far below the coldest month's mean night. An assumption, to be replaced by the record. */
    public const RECORD_BELOW_C = 15.0;

    /**
     * @param ?Climate    $climate    what stands in for months that are not known
     * @param list<float> $clearness Rs/Ra of the twelve months, or empty: assumed
     * @param ?float      $recordLowC coldest morning on record; null: estimated from the nights
     * @param list<float> $minC      mean daily minimum in °C of the twelve months, or empty: assumed
     */
    public function __construct(
        public string $name,
        public float $latitudeDeg,
        public float $longitudeDeg = 0.0,
        public array $clearness = [],
        public array $minC = [],
        public ?float $recordLowC = null,
        public ?Climate $climate = null,
    ) {
        Guard::between($latitudeDeg, -90.0, 90.0, '/latitude_deg');
        Guard::between($longitudeDeg, -180.0, 180.0, '/longitude_deg');
        foreach ($clearness as $i => $value) {
            Guard::between($value, 0.0, 1.0, "/clearness/$i");
        }
    }

    /**
     * @param int $month 1 to 12
     */
    public function clearnessOf(int $month): float
    {
        return $this->clearness[$month - 1] ?? $this->climate?->clearness($month, $this->latitudeDeg) ?? self::ASSUMED_CLEARNESS;
    }

    /** Coldest morning on record, °C: as entered, else the coldest month's nights less a margin. */
    public function recordLowC(): float
    {
        return $this->recordLowC ?? min($this->minCByMonth()) - self::RECORD_BELOW_C;
    }

    /**
     * @return list<float> of the twelve months
     */
    public function clearnessByMonth(): array
    {
        return array_map($this->clearnessOf(...), range(1, 12));
    }

    /**
     * @return non-empty-list<float> of the twelve months
     */
    public function minCByMonth(): array
    {
        return array_map($this->minCOf(...), range(1, 12));
    }

    /**
     * @param int $month 1 to 12
     */
    public function minCOf(int $month): float
    {
        return $this->minC[$month - 1] ?? $this->climate?->minC($month, $this->latitudeDeg) ?? self::ASSUMED_MIN_C;
    }

    private static function monthly(string $key, float $low, float $high): DataField
    {
        return DataField::shape(
            $key,
            ['type' => 'array', 'items' => ['type' => 'number', 'minimum' => $low, 'maximum' => $high], 'maxItems' => 12],
            static fn(array $months): array => array_values(array_map(floatval(...), $months)),
        )->orElse([]);
    }

    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::text('name', 120)->notEmpty()->required(),
            DataField::number('latitude_deg', '°', -90, 90)->required(),
            DataField::number('longitude_deg', '°', -180, 180)->orElse(0.0),
            self::monthly('clearness', 0, 1),
            self::monthly('min_c', -80, 60),
            DataField::number('record_low_c', '°C', -INF, INF)->orNull(),
            DataField::enum('climate', Climate::class)->optional(),
        ]);
    }
}
