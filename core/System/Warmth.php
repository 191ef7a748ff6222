<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;

/** How warm it was found where a device stands, and what that leaves of its rating. */
final readonly class Warmth
{
    private function __construct(public float $celsius, private Figure $from, private Figure $pctPerK)
    {
    }

    /**
     * @param list<Measurement> $measurements
     *
     * @return ?self null as long as nobody measured there, or nothing says what warmth does to it
     */
    public static function at(Part $part, array $measurements): ?self
    {
        $known = $part->kind->isInverter() || $part->data->number('derate_from_c') !== null;
        $read = array_map(
            static fn(Measurement $m): float => $m->value,
            array_filter($measurements, static fn(Measurement $m): bool => $m->partUid === $part->uid && $m->quantity === 'temperature'),
        );

        return !$known || $read === [] ? null : new self(
            max($read),
            $part->data->figureOrUsual('derate_from_c'),
            $part->data->figureOrUsual('derate_pct_per_k'),
        );
    }

    public function fromC(): float
    {
        return $this->from->value;
    }

    /** Returns what is left of the rating, 0 to 1. */
    public function share(): float
    {
        return max(0.0, 1.0 - $this->pctPerK->value / 100.0 * max(0.0, $this->celsius - $this->from->value));
    }

    public function left(): Figure
    {
        return new Figure('left-of-the-rating', 100.0 * $this->share(), '%', 'left-of-the-rating', [
            Figure::given('warmth-there', $this->celsius, '°C', Origin::Measured),
            $this->from,
            $this->pctPerK,
        ], 'data-sheet');
    }
}
