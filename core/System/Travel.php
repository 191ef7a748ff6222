<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Quantity\Guard;
use Pebblefell\Quantity\HourSpan;
use Pebblefell\Setting\School;
use Pebblefell\Sun\Shade;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;
use Pebblefell\System\Sheet\Listed;

/** How the people travel, and how long they want to last. */
final readonly class Travel
{
    use Listed;

    private const SHADE = [
        'type' => 'array',
        'items' => [
            'type' => 'object',
            'properties' => [
                'from_h' => ['type' => 'number', 'minimum' => 0, 'maximum' => 24],
                'to_h' => ['type' => 'number', 'minimum' => 0, 'maximum' => 24],
                'factor' => ['type' => 'number', 'minimum' => 0, 'maximum' => 1],
            ],
            'required' => ['from_h', 'to_h', 'factor'],
            'additionalProperties' => false,
        ],
        'maxItems' => 6,
    ];

    public const HOOK_UPS = ['never', 'sometimes', 'mostly'];

    /**
     * @param list<int> $months 1 to 12, when it is on the road
     * @param ?Stay $stay   a typical one; null: as the brief has it
     * @param ?float $budget money for batteries and panels, in the workshop's own currency
     * @param bool   $unattended it must go on while nobody is there
     * @param School $school for what the bank is charged
     * @param string $portablePanels are set up on the pitch, or stay stowed
     * @param string $wish   still: days with nothing coming in; lived: days as they live, with sun and driving
     * @param list<array{from_h: float, to_h: float, factor: float}> $shade on a usual pitch, solar time; factor is the light that arrives
     */
    public function __construct(
        public array $months = [],
        public float $wishDays = 3.0,
        public string $hookUp = 'sometimes',
        public float $drivingHDay = 1.0,
        public ?float $coldestBatteryC = null,
        public array $shade = [],
        public string $notes = '',
        public ?Stay $stay = null,
        public ?float $budget = null,
        public bool $unattended = false,
        public string $wish = 'still',
        public string $portablePanels = 'up',
        public School $school = School::Everyday,
    ) {
        Guard::positive($wishDays, '/wish_days');
        Guard::between($drivingHDay, 0.0, 24.0, '/driving_h_day');
        if ($budget !== null) {
            Guard::notNegative($budget, '/budget');
        }
        foreach ($months as $i => $month) {
            Guard::between($month, 1, 12, "/months/$i");
        }
    }

    /** The typical stay, as entered or as the brief has it. */
    public function stay(): Stay
    {
        return $this->stay ?? Stay::usual($this->hookUp, $this->drivingHDay);
    }

    public function shade(): Shade
    {
        return Shade::of(array_map(
            static fn(array $s): array => [HourSpan::of($s['from_h'], $s['to_h']), $s['factor']],
            $this->shade,
        ));
    }

    /**
     * @param array<int, array<string, mixed>> $rows
     *
     * @return list<array{from_h: float, to_h: float, factor: float}>
     */
    private static function spans(array $rows): array
    {
        return array_values(array_map(
            static fn(array $s): array => [
                'from_h' => (float) $s['from_h'],
                'to_h' => (float) $s['to_h'],
                'factor' => (float) $s['factor'],
            ],
            $rows,
        ));
    }

    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::shape(
                'months',
                ['type' => 'array', 'items' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 12], 'uniqueItems' => true],
                static fn(array $months): array => array_values(array_map(intval(...), $months)),
            )->orElse([]),
            DataField::number('wish_days', '', 0, 60)->above()->orElse(3.0),
            DataField::choice('hook_up', self::HOOK_UPS)->orElse('sometimes'),
            DataField::number('driving_h_day', 'h', 0, 24)->orElse(1.0),
            DataField::number('coldest_battery_c', '°C', -60, 60)->orNull(),
            DataField::shape('shade', self::SHADE, self::spans(...))->orElse([]),
            DataField::lines('notes', 4_000)->orElse(''),
            DataField::shape(
                'stay',
                ['type' => ['object', 'null']] + Stay::fields()->schema(),
                Stay::fromArray(...),
                static fn(self $t): ?array => $t->stay?->toArray(),
            )->orNull(),
            DataField::number('budget', '', 0, INF)->orNull(),
            DataField::flag('unattended')->optional(false),
            DataField::choice('wish', ['still', 'lived'])->optional('still'),
            DataField::choice('portable_panels', ['up', 'stowed'])->optional('up'),
            DataField::enum('school', School::class)->optional(School::Everyday),
        ]);
    }
}
