<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Quantity\Guard;
use Pebblefell\Quantity\HourSpan;
use Pebblefell\Setting\School;
use Pebblefell\Sun\Shade;
use Pebblefell\System\Sheet\DataField;

/** How the people travel, and how long they want to last. */
final readonly class Travel
{
    public const HOOK_UPS = ['never', 'sometimes', 'mostly'];

    /**
     * @param list<int> $months 1 to 12, when it is on the road
     * @param ?Stay $stay   a typical one; null: as the brief has it
     * @param ?float $budget money for batteries and panels, in the workshop's own currency
     * @param bool   $unattended it must go on while nobody is there
     * @param School $school for what the bank is charged
     * @param string $portable portable panels are set up on the pitch, or stay stowed
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
        public string $portable = 'up',
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

    /**
     * What the brief asks besides: a field named here stands in the form, the rows and the file without another word.
     *
     * @return list<DataField>
     */
    public static function details(): array
    {
        return [
            DataField::flag('unattended'),
            DataField::choice('wish', ['still', 'lived']),
            DataField::choice('portable_panels', ['up', 'stowed']),
            DataField::choice('school', array_column(School::cases(), 'value')),
        ];
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
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return [
            'months' => $this->months,
            'wish_days' => $this->wishDays,
            'hook_up' => $this->hookUp,
            'driving_h_day' => $this->drivingHDay,
            'coldest_battery_c' => $this->coldestBatteryC,
            'shade' => $this->shade,
            'notes' => $this->notes,
            'stay' => $this->stay?->toArray(),
            'budget' => $this->budget,
        ] + array_diff_assoc(
            [
                'unattended' => $this->unattended,
                'wish' => $this->wish,
                'portable_panels' => $this->portable,
                'school' => $this->school->value,
            ],
            ['unattended' => false, 'wish' => 'still', 'portable_panels' => 'up', 'school' => School::Everyday->value],
        );
    }

    /**
     * @param array<string, mixed> $a as toArray() gives it
     */
    public static function fromArray(array $a): self
    {
        return new self(
            array_values(array_map(intval(...), $a['months'] ?? [])),
            (float) ($a['wish_days'] ?? 3),
            $a['hook_up'] ?? 'sometimes',
            (float) ($a['driving_h_day'] ?? 1),
            isset($a['coldest_battery_c']) ? (float) $a['coldest_battery_c'] : null,
            array_values(array_map(
                static fn(array $s): array => [
                    'from_h' => (float) $s['from_h'],
                    'to_h' => (float) $s['to_h'],
                    'factor' => (float) $s['factor'],
                ],
                $a['shade'] ?? [],
            )),
            $a['notes'] ?? '',
            isset($a['stay']) ? Stay::fromArray($a['stay']) : null,
            isset($a['budget']) ? (float) $a['budget'] : null,
            $a['unattended'] ?? false,
            $a['wish'] ?? 'still',
            $a['portable_panels'] ?? 'up',
            School::from($a['school'] ?? School::Everyday->value),
        );
    }
}
