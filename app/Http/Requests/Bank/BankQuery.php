<?php

declare(strict_types=1);

namespace App\Http\Requests\Bank;

use App\Http\Requests\Query;
use Illuminate\Validation\Rule;
use Pebblefell\Bank\Layout;

/** Reads what is asked of the bank on its screen: a layout, take-offs, a load, a loose joint, clamp readings, a self-built pack. */
final class BankQuery extends Query
{
    /** The self-built pack that is looked into, where nothing else is asked. Chosen. */
    public const PACK = [
        'groups' => 4.0,
        'parallel' => 2.0,
        'cell_ah' => 100.0,
        'capacity_spread_pct' => 3.0,
        'charge_spread_pct' => 5.0,
        'soc_pct' => 50.0,
        'charge_a' => 40.0,
        'bleed_a' => 0.1,
        'pack_a' => 150.0,
        'bms_one' => 0.0,
        'bms_each' => 0.0,
    ];

    public function rules(): array
    {
        return [
            'layout' => ['nullable', Rule::enum(Layout::class)],
            'beside' => ['nullable', Rule::enum(Layout::class)],
            'plus' => ['nullable', 'integer', 'between:0,63', 'required_with:minus'],
            'minus' => ['nullable', 'integer', 'between:0,63', 'required_with:plus'],
            'load' => ['nullable', 'numeric', 'between:-2000,5000'],
            'mm2' => ['nullable', 'numeric', 'between:0.5,300'],
            'link_m' => ['nullable', 'numeric', 'between:0.01,20'],
            'lead_m' => ['nullable', 'numeric', 'between:0.01,20'],
            'loose' => ['nullable', 'integer', 'between:0,1000'],
            'loose_mohm' => ['nullable', 'numeric', 'between:0.01,100'],
            'amps' => ['array', 'max:64'],
            'amps.*' => ['nullable', 'numeric', 'between:-10000,10000'],
            'volts' => ['array', 'max:64'],
            'volts.*' => ['nullable', 'numeric', 'between:0,1000'],
            'groups' => ['nullable', 'integer', 'between:2,16'],
            'parallel' => ['nullable', 'integer', 'between:1,16'],
            'cell_ah' => ['nullable', 'numeric', 'gt:0', 'max:10000'],
            'capacity_spread_pct' => ['nullable', 'numeric', 'between:0,60'],
            'charge_spread_pct' => ['nullable', 'numeric', 'between:0,60'],
            'soc_pct' => ['nullable', 'numeric', 'between:0,100'],
            'charge_a' => ['nullable', 'numeric', 'between:0,10000'],
            'bleed_a' => ['nullable', 'numeric', 'gt:0', 'max:1000'],
            'pack_a' => ['nullable', 'numeric', 'between:0,10000'],
            'bms_one' => ['nullable', 'numeric', 'between:0,1000000'],
            'bms_each' => ['nullable', 'numeric', 'between:0,1000000'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return [
            'mm2' => 'size of the links', 'link_m' => 'length of a link', 'lead_m' => 'length of a lead',
            'amps.*' => 'amps of a battery', 'volts.*' => 'volts of a battery', 'loose_mohm' => 'loose joint',
            'groups' => 'groups in series', 'parallel' => 'cells in a group', 'cell_ah' => 'capacity of a cell',
            'capacity_spread_pct' => 'spread of capacity', 'charge_spread_pct' => 'spread of charge',
            'soc_pct' => 'charge now', 'charge_a' => 'charge current', 'bleed_a' => 'balancer', 'pack_a' => 'current drawn',
            'bms_one' => 'price of one large BMS', 'bms_each' => 'price of a string’s BMS',
        ];
    }

    public function figure(string $key, float $otherwise): float
    {
        return $this->askedNumber($key) ?? $otherwise;
    }

    public function whole(string $key): ?int
    {
        $value = $this->askedNumber($key);

        return $value === null ? null : (int) $value;
    }

    /** Readings are given in volts rather than in amps. */
    public function byVolts(): bool
    {
        return $this->query->has('volts');
    }

    /**
     * @return array<int, string> readings of the batteries, '' where there is none
     */
    public function measured(): array
    {
        $measured = [];
        foreach ((array) $this->input($this->byVolts() ? 'volts' : 'amps', []) as $i => $value) {
            $measured[(int) $i] = is_scalar($value) ? (string) $value : '';
        }

        return $measured;
    }

    /**
     * @return array<string, float>
     */
    public function pack(): array
    {
        $pack = [];
        foreach (self::PACK as $key => $otherwise) {
            $pack[$key] = $this->figure($key, $otherwise);
        }

        return $pack;
    }
}
