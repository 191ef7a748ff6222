<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Quantity\Guard;

/** A reading: what, where, when, by whom, with which instrument. */
final readonly class Measurement
{
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

    /**
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return [
            'uid' => $this->uid,
            'part' => $this->partUid,
            'quantity' => $this->quantity,
            'value' => $this->value,
            'at' => $this->at,
            'by' => $this->by,
            'instrument' => $this->instrument,
            'terminal' => $this->terminal,
            'note' => $this->note,
        ];
    }

    /**
     * @param array<string, mixed> $a as toArray() gives it
     */
    public static function fromArray(array $a): self
    {
        return new self(
            $a['uid'],
            $a['part'],
            $a['quantity'],
            (float) $a['value'],
            $a['at'],
            $a['by'] ?? '',
            $a['instrument'] ?? '',
            $a['terminal'] ?? '',
            $a['note'] ?? '',
        );
    }
}
