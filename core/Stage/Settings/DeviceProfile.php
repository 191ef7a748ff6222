<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Settings;

use Pebblefell\Circuit\Carries;
use Pebblefell\Circuit\DrawnLead;
use Pebblefell\Conductor\FuseChoice;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Load\LoadSide;
use Pebblefell\Setting\GuardProfile;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\School;
use Pebblefell\Study;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\SignalKind;

/**
 * Tells what belongs to the device and its place rather than to the battery: what it may take from post and engine side, what it adds
 * for its own lead, when it sleeps, and what a BMS watches in one cell.
 */
final readonly class DeviceProfile
{
    private const COMMON_PRACTICE = 'common-practice-unpublished';

    /** A load below it does not wake an inverter that saves, W. Common practice: 15 to 50 W. */
    private const WAKES_W = 40.0;

    /** After so long without a load an inverter may go off, h. Chosen. */
    private const OFF_AFTER_H = 1.0;

    /**
     * @return ?array{?float, Figure} the value, null for off, and how it comes about; null for what the battery decides
     */
    public static function of(Study $study, Part $part, Parameter $parameter): ?array
    {
        return match ($parameter) {
            Parameter::InputLimit => self::numbered(self::fromPost($study, $part)),
            Parameter::SupplyLimit => self::fromEngineSide($study, $part),
            Parameter::IdleCharge => self::atIdle($study, $part),
            Parameter::CableCompensation => self::forItsLead($study, $part),
            Parameter::Zero => self::numbered(new Figure('zero', 0.0, 'A', 'zero', [], self::COMMON_PRACTICE)),
            Parameter::Eco => self::saving($study, $parameter),
            Parameter::OffTimer => self::saving($study, $parameter),
            Parameter::CellHigh, Parameter::CellLow, Parameter::BalanceFrom => self::ofOneCell($study, $parameter),
            default => null,
        };
    }

    /** No more than the smallest usual post, nor than it passes on. */
    private static function fromPost(Study $study, Part $part): Figure
    {
        $post = Figure::given('smallest-post', $study->system->region->hookUpsA()[0], 'A', Origin::Assumed);
        $own = $part->data->figure('transfer_a');

        return new Figure(
            'input-limit',
            min($post->value, $own->value ?? INF),
            'A',
            'input-limit',
            $own === null ? [$post] : [$post, $own],
            self::COMMON_PRACTICE,
        );
    }

    /**
     * Returns what it wants for its output, as far as its lead and the fuse before it bear that.
     *
     * @return array{?float, Figure}
     */
    private static function fromEngineSide(Study $study, Part $part): array
    {
        $fit = $study->dcdc($part);
        if ($fit === null) {
            return self::off('supply-limit', 'A', 'output-not-known');
        }
        $wants = $fit->input();
        $bounds = [];
        $graph = $study->planned();
        foreach ($graph->at($input = Point::of($part->uid, 'input_plus')) as $lead) {
            $carries = Carries::least($lead);
            $fuse = $graph->parts[$lead->otherEnd($input)->uid] ?? null;
            $rating = $fuse?->is(Family::OvercurrentDevice) === true ? $fuse->data->number('rating_a') : null;
            $bounds = [
                ...$bounds,
                ...$carries === null ? [] : [Figure::given('ampacity', round($carries, 1), 'A', Origin::Computed)],
                ...$rating === null ? [] : [
                    Figure::given('of-the-fuse', round($rating / FuseChoice::CONTINUOUS, 1), 'A', Origin::Computed),
                ],
            ];
        }
        $bears = min([INF, ...array_map(static fn(Figure $f): float => $f->value, $bounds)]);

        return self::numbered(new Figure(
            'supply-limit',
            $wants->value <= $bears ? ceil($wants->value) : floor($bears),
            'A',
            'supply-limit',
            [$wants, ...$bounds],
            self::COMMON_PRACTICE,
        ));
    }

    /**
     * @return array{?float, Figure}
     */
    private static function atIdle(Study $study, Part $part): array
    {
        $fit = $study->dcdc($part);
        if ($fit === null) {
            return self::off('idle-charge', 'A', 'output-not-known');
        }
        $idle = Figure::given('at-idle', $fit->idleA, 'A', Origin::Computed);

        return $fit->bearsIdle()
            ? self::numbered(new Figure('idle-charge', $fit->outputA, 'A', 'idle-full', [$fit->input(), $idle], self::COMMON_PRACTICE))
            : [null, new Figure('idle-charge', 0.0, 'A', 'idle-off', [$fit->input(), $idle], self::COMMON_PRACTICE)];
    }

    /**
     * Its own lead's loss at full output; off where it hears the battery's volts.
     *
     * @return array{?float, Figure}
     */
    private static function forItsLead(Study $study, Part $part): array
    {
        if ($study->planned()->hasSignal(SignalKind::BatteryVolts, $part->uid)) {
            return self::off('cable-compensation', 'V', 'senses-battery');
        }
        $lead = DrawnLead::at(
            $study->planned(),
            Point::of($part->uid, 'output_plus'),
            array_map(static fn(Part $p): Point => Point::of($p->uid, 'plus'), $study->banks()->planned->parts),
        );
        $output = $part->data->figure('output_a');
        if ($lead === null || $output === null) {
            return self::off('cable-compensation', 'V', 'lead-not-known');
        }

        return self::numbered(new Figure('cable-compensation', round($lead->dropV($output->value), 2), 'V', 'cable-compensation', [
            $output,
            Figure::given('resistance', round($lead->resistanceOhm() * 1000, 2), 'mΩ', Origin::Computed),
        ], 'iec-60228'));
    }

    /**
     * An inverter sleeps, or goes off, unless something must have mains at every hour or is too small to wake it.
     *
     * @return array{?float, Figure}
     */
    private static function saving(Study $study, Parameter $parameter): array
    {
        $label = $parameter === Parameter::Eco ? 'eco' : 'off-timer';
        $small = self::WAKES_W;
        foreach ($study->system->appliances as $use) {
            if ($use->side !== LoadSide::Ac) {
                continue;
            }
            $small = min($small, $use->watts);
            foreach (array_keys($study->system->scenarios) as $scenario) {
                if ($use->standbyW > 0.0 || $use->in((string) $scenario)->hours->totalH() >= 24.0) {
                    return self::off($label, $parameter->unit(), 'always-fed');
                }
            }
        }
        if ($parameter === Parameter::OffTimer) {
            return self::numbered(Figure::given($label, self::OFF_AFTER_H, 'h', Origin::Assumed, self::COMMON_PRACTICE));
        }

        return $small < self::WAKES_W
            ? [null, new Figure($label, 0.0, 'W', 'too-small-to-wake', [
                Figure::given('smallest-load', $small, 'W'),
                Figure::given('wakes-from', self::WAKES_W, 'W', Origin::Assumed),
            ], self::COMMON_PRACTICE)]
            : self::numbered(Figure::given($label, self::WAKES_W, 'W', Origin::Assumed, self::COMMON_PRACTICE));
    }

    /**
     * @return array{?float, Figure}
     */
    private static function ofOneCell(Study $study, Parameter $parameter): array
    {
        $bank = $study->banks()->planned->bank;
        if ($bank === null || !$bank->chemistry()->isLithium()) {
            return self::off('cell-limit', 'V', 'lithium-only');
        }
        $volts = match ($parameter) {
            Parameter::CellHigh => $bank->chemistry()->ceilingCellV(),
            Parameter::CellLow => GuardProfile::BMS_CELL_V,
            default => School::BALANCES_FROM_CELL_V,
        };

        return self::numbered(Figure::given('cell-limit', $volts, 'V', Origin::Assumed, self::COMMON_PRACTICE));
    }

    /**
     * @return array{float, Figure}
     */
    private static function numbered(Figure $figure): array
    {
        return [$figure->value, $figure];
    }

    /**
     * @return array{null, Figure}
     */
    private static function off(string $label, string $unit, string $formula): array
    {
        return [null, new Figure($label, 0.0, $unit, $formula, [], self::COMMON_PRACTICE)];
    }
}
