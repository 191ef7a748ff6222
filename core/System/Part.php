<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Origin;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\Sheet\FieldList;
use Pebblefell\System\Sheet\Listed;

/** One part of the system, found or planned, with what is known of it. */
final readonly class Part
{
    use Listed;

    /** Which side of the vehicle a battery serves; `apart`: a DC system of its own, beside the house's. */
    public const ROLES = ['house', 'starter', 'apart'];

    /**
     * @param string      $uid      names it within the job: "p7"
     * @param string $place where it sits
     * @param string      $role     one of ROLES
     * @param Fate        $fate     what the plan does with it
     * @param string      $replaces uid of the part it takes over from, or ''
     * @param list<Photo> $photos
     * @param string      $partOf   uid of the box that it is a function of, or ''
     * @param string      $plannedPlace where the plan moves it to, or ''
     * @param int         $number   among those that are called alike; 0: it is the only one
     */
    public function __construct(
        public string $uid,
        public PartKind $kind,
        public DataSheet $data,
        public Fate $fate = Fate::Keep,
        public string $role = 'house',
        public string $make = '',
        public string $model = '',
        public string $serial = '',
        public string $firmware = '',
        public string $place = '',
        public string $replaces = '',
        public string $note = '',
        public array $photos = [],
        public int $number = 0,
        public string $partOf = '',
        public string $plannedPlace = '',
    ) {
    }

    /** Whether its kind is of one of the families. */
    public function is(Family ...$families): bool
    {
        return $this->kind->is(...$families);
    }

    /** Make and model; '' where neither is known: then it is called by its kind, and by its number among several. */
    public function typedName(): string
    {
        return trim($this->make . ' ' . $this->model);
    }

    /** The same part, known by its number among its like. */
    public function numbered(int $number): self
    {
        return $this->with($this->place, $number);
    }

    /** As it is after the work: where the plan moves it to. */
    public function asPlanned(): self
    {
        return $this->plannedPlace === '' ? $this : $this->with($this->plannedPlace, $this->number);
    }

    private function with(string $place, int $number): self
    {
        return new self(...[...get_object_vars($this), 'place' => $place, 'number' => $number]);
    }

    /** Disconnects what is noted as dead, whatever else was noted of it. */
    private static function fate(Fate $fate, DataSheet $data): Fate
    {
        return $data->flag('dead') === true && $fate !== Fate::Remove ? Fate::Disconnect : $fate;
    }

    /**
     * @param array<string, mixed> $a as toArray() gives it
     * @param list<Photo> $photos
     *
     * @throws InvalidValue at /data/… when the data sheet is not that of its kind
     */
    public static function fromArray(array $a, array $photos = []): self
    {
        ['data' => $data, 'origins' => $origins] = $read = self::fields()->read($a);
        try {
            $read['data'] = DataSheet::of($read['kind'], $data, array_map(Origin::from(...), $origins));
        } catch (InvalidValue $e) {
            throw $e->under('/data');
        }
        unset($read['origins']);

        return new self(...[...$read, 'fate' => self::fate($read['fate'], $read['data']), 'photos' => $photos]);
    }

    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::uid(),
            DataField::enum('kind', PartKind::class)->required(),
            DataField::enum('fate', Fate::class)->orElse(Fate::Keep),
            DataField::choice('role', self::ROLES)->orElse('house'),
            DataField::text('make', 80)->orElse(''),
            DataField::text('model', 120)->orElse(''),
            DataField::text('serial', 120)->orElse(''),
            DataField::text('firmware', 80)->orElse(''),
            DataField::text('place', 160)->orElse(''),
            DataField::text('replaces', 20)->orElse(''),
            DataField::text('note', 500)->orElse(''),
            DataField::shape(
                'data',
                ['type' => 'object', 'additionalProperties' => ['type' => ['number', 'boolean', 'string']]],
                write: static fn(self $p): array => $p->data->values,
            )->orElse([]),
            DataField::shape(
                'origins',
                ['type' => 'object', 'additionalProperties' => ['enum' => array_column(Origin::cases(), 'value')]],
                write: static fn(self $p): array => $p->data->notedOrigins(),
            )->orElse([]),
            DataField::text('part_of', 20)->optional(''),
            DataField::text('planned_place', 160)->optional(''),
        ]);
    }
}
