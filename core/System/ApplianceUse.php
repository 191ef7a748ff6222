<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Load\Appliance;
use Pebblefell\Load\Does;
use Pebblefell\Load\LoadSide;
use Pebblefell\Quantity\DayHours;
use Pebblefell\Quantity\Guard;
use Pebblefell\Quantity\HourSpan;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;
use Pebblefell\System\Sheet\Listed;

/** An appliance aboard, with the hours in which it is on in each scenario. */
final readonly class ApplianceUse
{
    use Listed;

    private const HOURS = [
        'type' => 'object',
        'additionalProperties' => [
            'type' => 'array',
            'items' => [
                'type' => 'object',
                'properties' => [
                    'from_h' => ['type' => 'number', 'minimum' => 0, 'maximum' => 24],
                    'to_h' => ['type' => 'number', 'minimum' => 0, 'maximum' => 24],
                ],
                'required' => ['from_h', 'to_h'],
                'additionalProperties' => false,
            ],
        ],
    ];

    /**
     * @param array<string, list<array{from_h: float, to_h: float}>> $hours by scenario uid; a scenario not named: off
     * @param string $circuit label of the circuit that feeds it, or ''
     * @param string $fedBy uid of the part that it hangs on: a fuse of its own at a battery, a battery of a system apart; '' as the
     *     others do
     */
    public function __construct(
        public string $uid,
        public string $name,
        public LoadSide $side,
        public float $watts,
        public float $quantity = 1.0,
        public float $dutyPct = 100.0,
        public float $standbyW = 0.0,
        public ?float $surgeW = null,
        public string $circuit = '',
        public array $hours = [],
        public ?Does $does = null,
        public string $fedBy = '',
    ) {
        Guard::notNegative($watts, '/watts');
        Guard::positive($quantity, '/quantity');
        Guard::between($dutyPct, 0.0, 100.0, '/duty_pct');
        Guard::notNegative($standbyW, '/standby_w');
    }

    public function in(string $scenarioUid): Appliance
    {
        $spans = array_map(static fn(array $s): HourSpan => HourSpan::of($s['from_h'], $s['to_h']), $this->hours[$scenarioUid] ?? []);

        return Appliance::of(
            $this->name,
            $this->watts,
            DayHours::of($spans),
            $this->side,
            $this->quantity,
            $this->dutyPct,
            $this->standbyW,
            $this->surgeW,
            $this->does ?? Does::Other,
        );
    }

    /**
     * @param array<string, list<array<string, mixed>>> $noted
     *
     * @return array<string, list<array{from_h: float, to_h: float}>>
     */
    private static function hours(array $noted): array
    {
        $hours = [];
        foreach ($noted as $scenario => $spans) {
            $hours[(string) $scenario] = array_values(array_map(
                static fn(array $s): array => ['from_h' => (float) $s['from_h'], 'to_h' => (float) $s['to_h']],
                $spans,
            ));
        }
        ksort($hours);

        return $hours;
    }

    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::uid(),
            DataField::text('name', 120)->notEmpty()->required(),
            DataField::enum('side', LoadSide::class)->required(),
            DataField::number('watts', 'W', 0, 1_000_000)->required(),
            DataField::number('quantity', '', 0, 1_000)->above()->orElse(1.0),
            DataField::number('duty_pct', '%', 0, 100)->orElse(100.0),
            DataField::number('standby_w', 'W', 0, 10_000)->orElse(0.0),
            DataField::number('surge_w', 'W', 0, 1_000_000)->orNull(),
            DataField::text('circuit', 120)->orElse(''),
            DataField::shape('hours', self::HOURS, self::hours(...))->orElse([]),
            DataField::enum('does', Does::class)->optional(),
            DataField::text('fed_by', 0)->matching(DataField::UID)->optional(''),
        ]);
    }
}
