<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Rule;
use Pebblefell\Stage\Size\Frost;
use Pebblefell\Study;
use Pebblefell\System\Part;

/**
 * LFP is not charged below its limit on the cold nights that are to be expected: something must stop the charge, and something should warm
 * the battery.
 */
final class ColdCharging implements Rule
{
    /** Smaller heating pads for batteries are hardly made. Common practice, from memory. */
    private const SMALLEST_PAD_W = 10.0;

    public function judge(Study $study): array
    {
        $frost = $study->banks()->lithium() === null ? null : $study->frost();
        if ($frost === null || $frost->coldest->value >= $frost->floor->value) {
            return [];
        }
        $stopped = $frost->stopsItself || $frost->unguarded === [];
        if ($stopped && $frost->isWarmed()) {
            return [];
        }

        return [...$this->charging($frost, $stopped), ...$this->giving($study, $frost)];
    }

    /**
     * Colder still a battery gives nothing either.
     *
     * @return list<Finding>
     */
    private function giving(Study $study, Frost $frost): array
    {
        $battery = $study->banks()->planned->parts[0];
        $floor = $battery->data->figureOrUsual('discharge_min_c');
        if ($frost->isWarmed() || $frost->coldest->value >= $floor->value) {
            return [];
        }

        return [new Finding('too-cold-to-give', Severity::Fix, [
            'coldest' => Amount::of($frost->coldest->value, '°C', 0),
            'floor' => Amount::of($floor->value, '°C', 0),
        ], [$frost->coldest, $floor])];
    }

    /**
     * @return list<Finding>
     */
    private function charging(Frost $frost, bool $stopped): array
    {
        $args = [
            'nights' => $frost->months > 0
                ? Word::of('findings.phrases.nights-below', ['floor' => Amount::of($frost->floor->value, '°C'), 'months' => $frost->months])
                : Word::of(
                    'findings.phrases.down-to',
                    ['coldest' => Amount::of($frost->coldest->value, '°C', abs($frost->coldest->value) < 2.0 ? 1 : 0)],
                ),
            'coldest' => Amount::of($frost->coldest->value, '°C', abs($frost->coldest->value) < 2.0 ? 1 : 0),
            'parts' => array_map(static fn(Part $p): Named => Named::part($p->uid), $frost->unguarded),
        ];
        $heat = $frost->heaterW > 0.0 ? [Figure::given('warmth-fitted', $frost->heaterW, 'W'), $frost->wantedW] : [];
        $variant = match (true) {
            !$stopped => $frost->unguarded === [] ? '' : 'unstopped',
            $frost->heaterW > 0.0 => 'weak',
            default => $frost->stopsItself ? 'guarded' : 'sensors',
        };

        return [new Finding(
            'charging-below-freezing',
            $stopped ? Severity::Fix : Severity::Stop,
            [...$args, 'watts' => Amount::of(max(self::SMALLEST_PAD_W, ceil($frost->wantedW->value)), 'W', 0)],
            [$frost->coldest, $frost->floor, ...$heat],
            variant: $variant,
        )];
    }
}
