<?php

declare(strict_types=1);

namespace Pebblefell\Setting;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Word;
use Pebblefell\Quantity\Guard;

/**
 * How a battery wants to be charged, for the whole bank: the battery's data sheet where it speaks, the chemistry's usual figures
 * where it does not.
 */
final readonly class ChargeProfile
{
    private const COMMON_PRACTICE = 'common-practice-unpublished';

    /** Re-bulk this far below float, V a cell: 13.5 → 13.3 V on four LFP cells, 13.6 → 12.7 V on six lead cells. */
    private const REBULK_BELOW_FLOAT_LFP = 0.05;
    private const REBULK_BELOW_FLOAT_LEAD = 0.15;

    /** Absorption ends when the current has fallen to this share of the capacity, and after so many hours at the latest. */
    private const TAIL_SHARE = ['lfp' => 0.04, 'lead' => 0.02];
    private const MOST_TAIL_SHARE = 0.04;
    private const ABSORPTION_H = ['lfp' => 1.0, 'lead' => 4.0];

    /** Charge current in C that batteries of a chemistry bear where the data sheet is silent. Common practice. */
    private const CHARGE_RATE_C = ['lfp' => 0.2, 'lead' => 0.2];

    /** Stop charging lithium this much above its limit, °C, for the sensor's error. */
    private const COLD_MARGIN_C = 2.0;

    /**
     * @param array<string, array{SetValue, Figure}> $values by Parameter value
     * @param Figure $mostTail tail current that no charger passes
     */
    private function __construct(private array $values, public Figure $mostTail)
    {
    }

    /**
     * @param int         $cells       in series in the bank
     * @param int $blocksInSeries battery blocks in series
     * @param float       $capacityAh  of the bank
     * @param array{absorption_v?: ?float, float_v?: ?float, absorption_h?: ?float, tail_a?: ?float, recommended_charge_a?: ?float,
     *     charge_min_c?: ?float} $sheet
     *                                 one block's data sheet; volts and amps are of one block
     * @param int         $parallel    strings in parallel
     * @param School      $school      for what it is charged
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(
        Chemistry $chemistry,
        int $cells,
        int $blocksInSeries,
        int $parallel,
        float $capacityAh,
        array $sheet,
        School $school = School::Everyday,
    ): self {
        Guard::positive($cells, '/cells');
        Guard::positive($capacityAh, '/capacity_ah');
        $family = $chemistry->isLithium() ? 'lfp' : 'lead';
        $held = $school->cellV($chemistry);
        $absorption = $held !== null ? self::held('absorption', $held[0], $cells, $school) : self::volts(
            'absorption',
            $sheet['absorption_v'] ?? null,
            $blocksInSeries,
            $chemistry->absorptionCellV(),
            $cells,
        );
        $float = $held !== null ? self::held('float', $held[1], $cells, $school) : self::volts(
            'float',
            $sheet['float_v'] ?? null,
            $blocksInSeries,
            $chemistry->floatCellV(),
            $cells,
        );
        $rebulk = round(
            $float->value - $cells * ($chemistry->isLithium() ? self::REBULK_BELOW_FLOAT_LFP : self::REBULK_BELOW_FLOAT_LEAD),
            2,
        );
        $coldest = $sheet['charge_min_c'] ?? null;
        $values = [
            Parameter::Absorption->value => [SetValue::number($absorption->value), $absorption],
            Parameter::AbsorptionLimit->value => self::numbered(self::longer(self::sheetOr(
                'absorption-time',
                $sheet['absorption_h'] ?? null,
                self::ABSORPTION_H[$family],
                'h',
            ), $chemistry->isLithium() ? $school->absorptionTimes() : 1.0)),
            Parameter::Float->value => [SetValue::number($float->value), $float],
            Parameter::Rebulk->value => [
                SetValue::number($rebulk),
                new Figure('re-bulk', $rebulk, 'V', 're-bulk', [$float], self::COMMON_PRACTICE),
            ],
            Parameter::TailCurrent->value => self::numbered(($sheet['tail_a'] ?? null) !== null
                ? self::scaled('tail-current', $sheet['tail_a'], $parallel, 'A')
                : new Figure(
                    'tail-current',
                    round($capacityAh * self::TAIL_SHARE[$family], 1),
                    'A',
                    Word::of('figures.formulas.tail-share', ['share' => self::TAIL_SHARE[$family]]),
                    [Figure::given('capacity', $capacityAh, 'Ah', Origin::DataSheet)],
                    self::COMMON_PRACTICE,
                )),
            Parameter::ChargeCurrent->value => self::numbered(($sheet['recommended_charge_a'] ?? null) !== null
                ? self::scaled('charge-current', $sheet['recommended_charge_a'], $parallel, 'A')
                : new Figure(
                    'charge-current',
                    round($capacityAh * self::CHARGE_RATE_C[$family]),
                    'A',
                    Word::of('figures.formulas.charge-share', ['share' => self::CHARGE_RATE_C[$family]]),
                    [Figure::given('capacity', $capacityAh, 'Ah', Origin::DataSheet)],
                    self::COMMON_PRACTICE,
                )),
            Parameter::Compensation->value => self::numbered(new Figure(
                'temperature-compensation',
                $chemistry->compensationMvPerCellC() * $cells,
                'mV/°C',
                'temperature-compensation',
                [
                    Figure::given('a-cell', $chemistry->compensationMvPerCellC(), 'mV/°C', Origin::Assumed),
                    Figure::given('cells-in-series', $cells, ''),
                ],
                self::COMMON_PRACTICE,
            )),
            Parameter::Equalise->value => [
                SetValue::off(),
                new Figure('equalise', 0.0, 'V', $chemistry->isLithium() ? 'equalise-lithium' : 'equalise-lead', [], self::COMMON_PRACTICE),
            ],
        ];
        $floor = $coldest ?? $chemistry->chargeFloorC();
        $values[Parameter::LowTemperatureCutoff->value] = $chemistry->isLithium()
            ? self::numbered(new Figure(
                'low-temperature-cut-off',
                $floor + self::COLD_MARGIN_C,
                '°C',
                'low-temperature-cut-off',
                [
                    Figure::given('coldest-allowed', $floor, '°C', $coldest === null ? Origin::Assumed : Origin::DataSheet),
                    Figure::given('what-the-sensor-may-err', self::COLD_MARGIN_C, 'K', Origin::Assumed),
                ],
                self::COMMON_PRACTICE,
            ))
            : [
                SetValue::off(),
                new Figure('low-temperature-cut-off', 0.0, '°C', 'low-temperature-cut-off-lead', [], self::COMMON_PRACTICE),
            ];

        return new self(
            $values,
            new Figure(
                'tail-at-most',
                round($capacityAh * self::MOST_TAIL_SHARE, 1),
                'A',
                Word::of('figures.formulas.tail-share', ['share' => self::MOST_TAIL_SHARE]),
                [Figure::given('capacity', $capacityAh, 'Ah', Origin::DataSheet)],
                self::COMMON_PRACTICE,
            ),
        );
    }

    public function value(Parameter $parameter): SetValue
    {
        return $this->values[$parameter->value][0];
    }

    /** Why it is so: formula, inputs and source. */
    public function figure(Parameter $parameter): Figure
    {
        return $this->values[$parameter->value][1];
    }

    private static function volts(string $label, ?float $blockV, int $blocks, float $cellV, int $cells): Figure
    {
        return $blockV !== null
            ? new Figure($label, round($blockV * $blocks, 2), 'V', 'blocks', [
                Figure::given('data-sheet', $blockV, 'V', Origin::DataSheet),
                Figure::given('blocks-in-series', $blocks, ''),
            ], 'battery-sheet')
            : new Figure($label, round($cellV * $cells, 2), 'V', 'cells', [
                Figure::given('a-cell', $cellV, 'V', Origin::Assumed),
                Figure::given('cells-in-series', $cells, ''),
            ], self::COMMON_PRACTICE);
    }

    /** As the school wants it, whatever the sheet allows. */
    private static function held(string $label, float $cellV, int $cells, School $school): Figure
    {
        return new Figure($label, round($cellV * $cells, 2), 'V', Word::of(
            'figures.formulas.school',
            ['school' => Word::of("sheets.choices.$school->value")],
        ), [
            Figure::given('a-cell', $cellV, 'V', Origin::Assumed),
            Figure::given('cells-in-series', $cells, ''),
        ], self::COMMON_PRACTICE);
    }

    private static function longer(Figure $limit, float $times): Figure
    {
        return $times <= 1.0 ? $limit : new Figure(
            'absorption-time',
            $limit->value * $times,
            'h',
            'longer-for-balance',
            [$limit],
            self::COMMON_PRACTICE,
        );
    }

    private static function scaled(string $label, float $each, int $parallel, string $unit): Figure
    {
        return new Figure($label, $each * $parallel, $unit, 'strings', [
            Figure::given('data-sheet', $each, $unit, Origin::DataSheet),
            Figure::given('strings-in-parallel', $parallel, ''),
        ], 'battery-sheet');
    }

    private static function sheetOr(string $label, ?float $sheet, float $usual, string $unit): Figure
    {
        return $sheet !== null
            ? Figure::given($label, $sheet, $unit, Origin::DataSheet, 'battery-sheet')
            : Figure::given($label, $usual, $unit, Origin::Assumed, self::COMMON_PRACTICE);
    }

    /**
     * @return array{SetValue, Figure}
     */
    private static function numbered(Figure $figure): array
    {
        return [SetValue::number($figure->value), $figure];
    }
}
