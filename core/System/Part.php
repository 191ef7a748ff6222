<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Origin;
use Pebblefell\System\Sheet\DataSheet;

/** One part of the system, found or planned, with what is known of it. */
final readonly class Part
{
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
        return new self(
            $this->uid,
            $this->kind,
            $this->data,
            $this->fate,
            $this->role,
            $this->make,
            $this->model,
            $this->serial,
            $this->firmware,
            $place,
            $this->replaces,
            $this->note,
            $this->photos,
            $number,
            $this->partOf,
            $this->plannedPlace,
        );
    }

    /**
     * @return array<string, mixed> without photographs
     */
    public function toArray(): array
    {
        return [
            'uid' => $this->uid,
            'kind' => $this->kind->value,
            'fate' => $this->fate->value,
            'role' => $this->role,
            'make' => $this->make,
            'model' => $this->model,
            'serial' => $this->serial,
            'firmware' => $this->firmware,
            'place' => $this->place,
            'replaces' => $this->replaces,
            'note' => $this->note,
            'data' => $this->data->values,
            'origins' => $this->data->notedOrigins(),
        ] + ($this->partOf === '' ? [] : ['part_of' => $this->partOf]) + ($this->plannedPlace === '' ? [] : [
            'planned_place' => $this->plannedPlace,
        ]);
    }

    /**
     * What is noted as dead is connected to nothing, whatever else was noted of it.
     *
     * @param array<string, mixed> $a
     */
    private static function fate(array $a, DataSheet $data): Fate
    {
        $fate = Fate::from($a['fate'] ?? 'keep');

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
        $kind = PartKind::from($a['kind']);
        try {
            $data = DataSheet::of($kind, $a['data'] ?? [], array_map(Origin::from(...), $a['origins'] ?? []));
        } catch (InvalidValue $e) {
            throw $e->under('/data');
        }

        return new self(
            $a['uid'],
            $kind,
            $data,
            self::fate($a, $data),
            $a['role'] ?? 'house',
            $a['make'] ?? '',
            $a['model'] ?? '',
            $a['serial'] ?? '',
            $a['firmware'] ?? '',
            $a['place'] ?? '',
            $a['replaces'] ?? '',
            $a['note'] ?? '',
            $photos,
            partOf: $a['part_of'] ?? '',
            plannedPlace: $a['planned_place'] ?? '',
        );
    }
}
