<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size\Rules;

use Pebblefell\Circuit\Volts;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** Every device, and everything that protects, is made for the volts of the part of the circuit where it sits. */
final class VoltsMatch implements Rule
{
    private const PROTECTS = [
        Family::OvercurrentDevice,
        Family::Switch,
        Family::Busbar,
        Family::Monitor,
        Family::LowVoltageDisconnect,
    ];

    public function judge(Study $study): array
    {
        $bank = $study->banks()->planned->bank;
        if ($bank === null) {
            return [];
        }
        $highest = $study->limits->chargeV() ?? Figure::given('nominal-volts', $bank->nominalV(), 'V', Origin::Computed);
        $findings = [];
        foreach ($study->planned()->parts as $part) {
            $finding = $this->device($study, $part, $bank->nominalV(), $highest) ?? $this->protection($study, $part, $highest);
            if ($finding !== null) {
                $findings[] = $finding;
            }
        }
        if ($highest->value > Volts::TOUCH_V) {
            $findings[] = new Finding(
                'touch-volts',
                Severity::Note,
                ['volts' => Amount::of($highest->value, 'V', 0)],
                [$highest],
                variant: 'bank',
            );
        }
        foreach ($study->arrays() as $array) {
            $open = $array->openV($study->coldestMorningC());
            if ($open !== null && $open > Volts::TOUCH_V) {
                $findings[] = new Finding(
                    'touch-volts',
                    Severity::Note,
                    ['volts' => Amount::of($open, 'V', 0)],
                    [Figure::given('cold-open-circuit-volts', $open, 'V', Origin::Computed)],
                    $array->regulator->uid ?? '',
                    variant: 'array',
                );
            }
        }

        return $findings;
    }

    private function device(Study $study, Part $part, float $bankV, Figure $highest): ?Finding
    {
        $rated = $part->is(Family::Alternator) && !$this->feedsHouse($study, $part) ? null : Volts::ratedFor($part);
        if ($rated !== null && !Volts::holds($rated, $bankV, $highest->value)) {
            return new Finding(
                'device-volts',
                Severity::Stop,
                [
                    'part' => Named::part($part->uid),
                    ...Amount::compared(['rated' => $rated, 'highest' => $highest->value], 'V', 1),
                    'bank' => Amount::of($bankV, 'V', 1),
                ],
                [Figure::given('made-for', $rated, 'V', Origin::DataSheet), $highest],
                $part->uid,
            );
        }
        $running = Volts::starterRunsAt($study->planned());
        if ($running === null || Volts::isFed($part, $study->planned())) {
            return null;
        }

        return new Finding(
            'device-volts',
            Severity::Stop,
            ['part' => Named::part($part->uid), 'running' => Amount::of($running, 'V', 1)],
            [Figure::given('starter-side-runs-at', $running, 'V')],
            $part->uid,
            variant: 'input',
        );
    }

    private function feedsHouse(Study $study, Part $alternator): bool
    {
        return $alternator->data->flag('for_house') === true || $study->circuit()->joins(Point::of($alternator->uid, 'plus'));
    }

    private function protection(Study $study, Part $part, Figure $bankV): ?Finding
    {
        $rated = $part->data->figure('max_v');
        if ($rated === null || !$part->is(...self::PROTECTS)) {
            return null;
        }
        $volts = $this->highestAt($study, $part, $bankV);

        return $volts === null || $rated->value >= $volts->value ? null : new Finding(
            'protection-volts',
            Severity::Stop,
            ['part' => Named::part($part->uid), 'rated' => Amount::of($rated->value, 'V', 0), 'volts' => Amount::of($volts->value, 'V', 1)],
            [$rated, $volts],
            $part->uid,
        );
    }

    /** The highest volts of the circuit that a part sits in; null where it is not drawn, or not on a DC side of the house. */
    private function highestAt(Study $study, Part $part, Figure $bankV): ?Figure
    {
        $graph = $study->planned();
        $points = array_map(static fn(string $t): Point => Point::of($part->uid, $t), array_keys($part->kind->terminals()));
        $reach = $graph->reach($points, Passage::closed());
        foreach ($study->banks()->planned->parts as $battery) {
            if ($reach->has(Point::of($battery->uid, 'plus')) || $reach->has(Point::of($battery->uid, 'minus'))) {
                return $bankV;
            }
        }
        foreach ($study->arrays() as $array) {
            $ends = $array->regulator === null ? [] : [
                Point::of($array->regulator->uid, 'pv_plus'),
                Point::of($array->regulator->uid, 'pv_minus'),
            ];
            $joined = array_filter($ends, $reach->has(...)) !== [] || array_filter(
                $array->panels,
                static fn(Part $p): bool => isset($reach->parts()[$p->uid]),
            ) !== [];
            $open = $joined ? $array->openV($study->coldestMorningC()) : null;
            if ($open !== null) {
                return Figure::given('cold-open-circuit-volts', $open, 'V', Origin::Computed);
            }
        }

        return null;
    }
}
