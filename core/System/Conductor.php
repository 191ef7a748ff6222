<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\System\Graph\Point;

/** A conductor between two terminals. Size in mm², length in m (one way); null is "not measured". */
final readonly class Conductor
{
    /**
     * @param string $protectedBy uid of the fuse or breaker that protects it, or ''
     */
    public function __construct(
        public string $uid,
        public Point $from,
        public Point $to,
        public Fate $fate = Fate::Keep,
        public ?float $sizeMm2 = null,
        public ?float $lengthM = null,
        public ?float $insulationC = null,
        public string $route = '',
        public string $protectedBy = '',
    ) {
    }

    /** The end that is not this one. */
    public function otherEnd(Point $end): Point
    {
        return $this->from->is($end) ? $this->to : $this->from;
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return [
            'uid' => $this->uid,
            'from' => (string) $this->from,
            'to' => (string) $this->to,
            'fate' => $this->fate->value,
            'size_mm2' => $this->sizeMm2,
            'length_m' => $this->lengthM,
            'insulation_c' => $this->insulationC,
            'route' => $this->route,
            'protected_by' => $this->protectedBy,
        ];
    }

    /**
     * @param array<string, mixed> $a as toArray() gives it
     */
    public static function fromArray(array $a): self
    {
        return new self(
            $a['uid'],
            Point::read($a['from']),
            Point::read($a['to']),
            Fate::from($a['fate'] ?? 'keep'),
            isset($a['size_mm2']) ? (float) $a['size_mm2'] : null,
            isset($a['length_m']) ? (float) $a['length_m'] : null,
            isset($a['insulation_c']) ? (float) $a['insulation_c'] : null,
            $a['route'] ?? '',
            $a['protected_by'] ?? '',
        );
    }
}
