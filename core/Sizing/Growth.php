<?php

declare(strict_types=1);

namespace Pebblefell\Sizing;

use Pebblefell\System\ApplianceUse;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;

/** What was kept for later: a place in the bay, ways in the box, amps at the regulators, room on the roof. */
final readonly class Growth
{
    private function __construct(public string $what, public ?float $left, public string $unit, public string $words)
    {
    }

    /**
     * @return list<self> in the order in which people ask for it; left is null where it is not measured
     */
    public static function of(Sums $sums): array
    {
        $bay = $sums->banks->bayFit($sums->banks->planned);
        $batteries = $bay === null ? null : (float) ($bay->most - $bay->wanted);
        $circuits = count(array_unique(array_filter(array_map(static fn(ApplianceUse $a): string => $a->circuit, array_values($sums->system->appliances)))));
        $boxes = $sums->planned->ofKind(PartKind::DistributionBox);
        $ways = $boxes === [] ? null : array_sum(array_map(static fn(Part $p): float => $p->data->known('circuits'), $boxes)) - $circuits;
        $volts = $sums->banks->planned->bank?->nominalV() ?? $sums->system->vehicle->systemV;
        $regulators = $sums->planned->ofKind(PartKind::Regulator);
        $watts = $regulators === [] ? null : array_sum(array_map(static fn(Part $p): float => $p->data->known('max_charge_a'), $regulators)) * $volts - $sums->planned->arrayW();
        $roof = $sums->system->vehicle->roofM2;
        $covered = array_sum(array_map(static fn(Part $p): float => $p->data->footprintM2(), $sums->planned->ofKind(PartKind::Panel)));

        return [
            new self('another battery', $batteries, '', $batteries === null ? 'the bay is not measured' : ($batteries >= 1.0 ? 'places of the same kind are left in the bay' : 'the bay is full')),
            new self('spare fuse ways', $ways, '', $ways === null ? 'no distribution box is planned' : ($ways >= 1.0 ? 'beside the circuits that are named in Loads' : 'every way is taken')),
            new self('more panel on these regulators', $watts, 'W', $watts === null ? 'no regulator is planned' : ($watts > 0.0 ? 'before they clip' : 'they clip already')),
            new self('free roof', $roof === null ? null : max(0.0, $roof * Endurance::ROOF_SHARE - $covered), 'm²', $roof === null ? 'the roof is not measured' : sprintf('of the %.0f %% that panels can cover', 100.0 * Endurance::ROOF_SHARE)),
        ];
    }
}
