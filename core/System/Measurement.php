<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Quantity\Guard;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;
use Pebblefell\System\Sheet\Listed;

/** A reading: what, where, when, by whom, with which instrument. */
final readonly class Measurement
{
    use Listed;

    public const QUANTITIES = [
        'volts' => 'V',
        'amps' => 'A',
        'temperature' => '°C',
        'capacity' => 'Ah',
        'resistance' => 'mΩ',
        'trip_time' => 'ms',
        'torque' => 'N·m',
    ];

    /**
     * @param string $at ISO 8601
     * @param string $terminal name of the part's terminal, or ''
     */
    public function __construct(
        public string $uid,
        public string $partUid,
        public string $quantity,
        public float $value,
        public string $at,
        public string $by = '',
        public string $instrument = '',
        public string $terminal = '',
        public string $note = '',
    ) {
        Guard::between($value, -1e6, 1e6, '/value');
    }

    public function unit(): string
    {
        return self::QUANTITIES[$this->quantity] ?? '';
    }

    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::uid(),
            DataField::text('part', 20)->as('partUid')->required(),
            DataField::choice('quantity', array_keys(self::QUANTITIES))->required(),
            DataField::number('value', '', -1e6, 1e6)->required(),
            DataField::text('at', 40)->required(),
            DataField::text('by', 120)->orElse(''),
            DataField::text('instrument', 120)->orElse(''),
            DataField::text('terminal', 40)->orElse(''),
            DataField::text('note', 300)->orElse(''),
        ]);
    }
}
