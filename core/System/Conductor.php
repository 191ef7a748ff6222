<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\System\Graph\Point;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;
use Pebblefell\System\Sheet\Listed;

/** A conductor between two terminals. Size in mm², length in m (one way); null is "not measured". */
final readonly class Conductor
{
    use Listed;

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
        return !$this->isRewired() ? $this : new self(...[
            ...get_object_vars($this),
            'from' => $this->plannedFrom ?? $this->from,
            'to' => $this->plannedTo ?? $this->to,
            'plannedFrom' => null,
            'plannedTo' => null,
        ]);
    }

    /** The same one of another length, m one way. */
    public function ofLength(float $metres): self
    {
        return new self(...[...get_object_vars($this), 'lengthM' => $metres]);
    }

    /** The end that is not this one. */
    public function otherEnd(Point $end): Point
    {
        return $this->from->is($end) ? $this->to : $this->from;
    }

    /**
     * @param string|list<string> $type
     */
    private static function end(string $key, string|array $type = 'string'): DataField
    {
        $field = DataField::text($key);

        return DataField::shape(
            $key,
            ['type' => $type, 'pattern' => Point::PATTERN, 'maxLength' => 60],
            Point::read(...),
            static fn(self $c): ?string => $c->{$field->property} === null ? null : (string) $c->{$field->property},
        );
    }

    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::uid(),
            self::end('from')->required(),
            self::end('to')->required(),
            DataField::enum('fate', Fate::class)->orElse(Fate::Keep),
            DataField::number('size_mm2', 'mm²', 0, 1_000)->above()->orNull(),
            DataField::number('length_m', 'm', 0, 500)->above()->orNull(),
            DataField::number('insulation_c', '°C', 60, 250)->orNull(),
            DataField::text('route')->orElse(''),
            DataField::text('protected_by', 20)->orElse(''),
            self::end('planned_from', ['string', 'null'])->orNull()->optional(),
            self::end('planned_to', ['string', 'null'])->orNull()->optional(),
            DataField::number('ambient_c', '°C', -40, 150)->orNull()->optional(),
            DataField::integer('grouped', 1, 100)->orNull()->optional(),
        ]);
    }
}
