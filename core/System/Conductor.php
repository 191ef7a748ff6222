<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\System\Graph\Point;

/** A conductor between two terminals. Size in mm², length in m (one way); null is "not measured". */
final readonly class Conductor
{
    /**
     * @param string $protectedBy uid of the fuse or breaker that protects it, or ''
     * @param ?float $ambientC    warmth of the place where it lies, °C; null: an ordinary one
     * @param ?int   $grouped     loaded conductors in its bundle, itself among them; null: it lies alone
     * @param ?Point $plannedFrom where the plan puts an end of a found one; null: where it is
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
        public ?Point $plannedFrom = null,
        public ?Point $plannedTo = null,
        public ?float $ambientC = null,
        public ?int $grouped = null,
    ) {
    }

    /** The plan leads an end of it somewhere else. */
    public function isRewired(): bool
    {
        return $this->plannedFrom !== null || $this->plannedTo !== null;
    }

    /** As it lies after the work. */
    public function asPlanned(): self
    {
        return !$this->isRewired() ? $this : new self(
            $this->uid,
            $this->plannedFrom ?? $this->from,
            $this->plannedTo ?? $this->to,
            $this->fate,
            $this->sizeMm2,
            $this->lengthM,
            $this->insulationC,
            $this->route,
            $this->protectedBy,
            ambientC: $this->ambientC,
            grouped: $this->grouped,
        );
    }

    /** The same one of another length, m one way. */
    public function ofLength(float $metres): self
    {
        return new self(
            $this->uid,
            $this->from,
            $this->to,
            $this->fate,
            $this->sizeMm2,
            $metres,
            $this->insulationC,
            $this->route,
            $this->protectedBy,
            $this->plannedFrom,
            $this->plannedTo,
            $this->ambientC,
            $this->grouped,
        );
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
        ] + ($this->plannedFrom === null ? [] : ['planned_from' => (string) $this->plannedFrom])
            + ($this->plannedTo === null ? [] : ['planned_to' => (string) $this->plannedTo])
            + ($this->ambientC === null ? [] : ['ambient_c' => $this->ambientC])
            + ($this->grouped === null ? [] : ['grouped' => $this->grouped]);
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
            isset($a['planned_from']) ? Point::read($a['planned_from']) : null,
            isset($a['planned_to']) ? Point::read($a['planned_to']) : null,
            isset($a['ambient_c']) ? (float) $a['ambient_c'] : null,
            isset($a['grouped']) ? (int) $a['grouped'] : null,
        );
    }
}
