<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Word;
use Pebblefell\Study;
use Pebblefell\System\ApplianceUse;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\Vehicle;

/** Tells what was kept for later: a place in the bay, ways in the box, amps at the regulators, room on the roof. */
final readonly class Growth
{
    /**
     * @param ?float $withinYears for which it stays possible; null: as long as one likes
     */
    private function __construct(
        public string $what,
        public ?float $left,
        public string $unit,
        public Word $words,
        public ?float $withinYears = null,
    ) {
    }

    /**
     * @return list<self> in the order in which people ask for it; left is null where it is not measured
     */
    public static function of(Study $study): array
    {
        $bay = $study->banks()->bayFit($study->banks()->planned);
        $batteries = $bay === null ? null : (float) ($bay->most - $bay->wanted);
        $circuits = count(array_unique(array_filter(array_map(
            static fn(ApplianceUse $a): string => $a->circuit,
            array_values($study->system->appliances),
        ))));
        $boxes = $study->planned()->of(Family::DistributionBox);
        $ways = $boxes === [] ? null : array_sum(array_map(static fn(Part $p): float => $p->data->known('circuits'), $boxes)) - $circuits;
        $volts = $study->banks()->planned->bank?->nominalV() ?? $study->system->vehicle->systemV;
        $regulators = $study->planned()->of(Family::SolarRegulator);
        $watts = $regulators === [] ? null : array_sum(array_map(
            static fn(Part $p): float => $p->data->known('max_charge_a'),
            $regulators,
        )) * $volts - $study->planned()->arrayW();
        $roof = $study->system->vehicle->roofM2();
        $covered = array_sum(array_map(static fn(Part $p): float => $p->data->footprintM2(), $study->planned()->of(Family::Panel)));

        // Drawn, it is laid out; else the free part of its area is a guess.
        $more = $study->simulations->roof()?->more;
        $free = $roof === null ? null : max(0.0, $roof * Vehicle::ROOF_SHARE - $covered);

        return [
            self::row('battery', $batteries, '', 1.0, [], self::within($study)),
            self::row('ways', $ways, '', 1.0),
            self::row('panel', $watts, 'W', 1.0),
            $more !== null
                ? self::row('laid', (float) $more, '', 1.0)
                : self::row('roof', $free, 'm²', 0.0, ['share' => Amount::of(100.0 * Vehicle::ROOF_SHARE, '%', 0)]),
        ];
    }

    /**
     * @param float                $some from here on there is room
     * @param array<string, mixed> $args
     */
    private static function row(string $what, ?float $left, string $unit, float $some, array $args = [], ?float $withinYears = null): self
    {
        return new self(
            $what,
            $left,
            $unit,
            Word::of("growth.$what." . ($left === null ? 'unknown' : ($left >= $some ? 'some' : 'none')), $args),
            $withinYears,
        );
    }

    /** Years for which another battery of the model may still join the planned ones. */
    private static function within(Study $study): ?float
    {
        $parts = $study->banks()->planned->parts;
        $ages = array_map(static fn(Part $p): float => $p->data->orUsual('age_years'), $parts);

        return $parts === [] ? null : max(0.0, $parts[0]->data->chemistry()->joinsWithinYears() - max([0.0, ...$ages]));
    }

    /** There is room for it. */
    public function isThere(): bool
    {
        return $this->left !== null && $this->left >= 1.0 && $this->withinYears !== 0.0;
    }
}
