<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Load\Appliance;
use Pebblefell\Load\Does;
use Pebblefell\Load\Side;
use Pebblefell\Quantity\DayHours;
use Pebblefell\Quantity\Guard;
use Pebblefell\Quantity\HourSpan;

/** An appliance aboard, with the hours in which it is on in each scenario. */
final readonly class ApplianceUse
{
    /**
     * @param array<string, list<array{from_h: float, to_h: float}>> $hours by scenario uid; a scenario not named: off
     * @param string $circuit label of the circuit that feeds it, or ''
     * @param string $fedBy uid of the part that it hangs on: a fuse of its own at a battery, a battery of a system apart; '' as the
     *     others do
     */
    public function __construct(
        public string $uid,
        public string $name,
        public Side $side,
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
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return [
            'uid' => $this->uid,
            'name' => $this->name,
            'side' => $this->side->value,
            'watts' => $this->watts,
            'quantity' => $this->quantity,
            'duty_pct' => $this->dutyPct,
            'standby_w' => $this->standbyW,
            'surge_w' => $this->surgeW,
            'circuit' => $this->circuit,
            'hours' => $this->hours,
        ] + ($this->does === null ? [] : ['does' => $this->does->value]) + ($this->fedBy === '' ? [] : ['fed_by' => $this->fedBy]);
    }

    /**
     * @param array<string, mixed> $a as toArray() gives it
     */
    public static function fromArray(array $a): self
    {
        $hours = [];
        foreach ($a['hours'] ?? [] as $scenario => $spans) {
            $hours[(string) $scenario] = array_values(array_map(
                static fn(array $s): array => ['from_h' => (float) $s['from_h'], 'to_h' => (float) $s['to_h']],
                $spans,
            ));
        }
        ksort($hours);

        return new self(
            $a['uid'],
            $a['name'],
            Side::from($a['side']),
            (float) $a['watts'],
            (float) ($a['quantity'] ?? 1),
            (float) ($a['duty_pct'] ?? 100),
            (float) ($a['standby_w'] ?? 0),
            isset($a['surge_w']) ? (float) $a['surge_w'] : null,
            $a['circuit'] ?? '',
            $hours,
            isset($a['does']) ? Does::from($a['does']) : null,
            (string) ($a['fed_by'] ?? ''),
        );
    }
}
