<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Settings;

use Pebblefell\Setting\Ladder;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\Rung;
use Pebblefell\Study;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Part;
use Pebblefell\System\SignalKind;

/**
 * Every threshold of every device of the plan on one scale, at what it acts as far as is known; and where the battery stands when a device
 * sees its value at its own terminals, at the end of its lead.
 */
final readonly class JudgedLadder
{
    /** Holds what a device's own meter may err by, of what it reads. Common practice: half a percent. */
    public const METER_SHARE = 0.005;

    /** Where a device is joined to the bank. */
    private const AT = ['battery_plus', 'output_plus', 'supply_plus', 'in', 'plus', 'sense'];

    /**
     * @param list<array{part: Part, row: SettingRow, value: float,
     *     dropV: ?float}> $rungs dropV: what its lead loses at its current; null: not known
     */
    private function __construct(public Ladder $ladder, public array $rungs, public float $highV, public float $lowV)
    {
    }

    /** Null without a planned bank. */
    public static function of(Study $study): ?self
    {
        $bank = $study->banks()->planned->bank;
        if ($bank === null) {
            return null;
        }
        $rungs = [];
        foreach ($study->settings()->devices as ['part' => $part, 'rows' => $rows]) {
            $drop = self::drop($study, $part);
            foreach ($rows as $row) {
                $value = $row->acting()->number;
                if ($row->parameter->isRung() && $value !== null) {
                    $rungs[] = ['part' => $part, 'row' => $row, 'value' => $value, 'dropV' => $drop];
                }
            }
        }
        $high = $study->banks()->planned->parts[0]->data->number('max_charge_v');
        $low = $study->limits->opensBelow()->value;
        $ladder = Ladder::of(
            $bank->chemistry(),
            $bank->cells(),
            array_map(static fn(array $r): Rung => new Rung($r['part']->uid, $r['row']->parameter->value, $r['value']), $rungs),
            $high === null ? null : $high * $bank->series,
            $low,
            true,
        );

        return new self(
            $ladder,
            $rungs,
            $high === null ? $bank->cells() * $bank->chemistry()->ceilingCellV() : $high * $bank->series,
            $low,
        );
    }

    /**
     * Layers of the way down that stand in order by their boxes, yet may act in either order: by what their leads lose and what two meters
     * may err.
     *
     * @return list<array{upper: array{part: Part, row: SettingRow, value: float, dropV: ?float},
     *     lower: ?array{part: Part, row: SettingRow, value: float, dropV: ?float}}> lower null: the BMS
     */
    public function unsure(): array
    {
        $layers = [[], [], []];
        foreach ($this->rungs as $rung) {
            $layer = array_search($rung['row']->parameter, [Parameter::Warning, Parameter::Cutoff, Parameter::Disconnect], true);
            if ($layer !== false) {
                $layers[$layer][] = $rung;
            }
        }
        $layers = array_values(array_filter($layers));
        $unsure = [];
        foreach ($layers as $k => $layer) {
            foreach ($layer as $upper) {
                foreach ($layers[$k + 1] ?? [null] as $lower) {
                    $low = $lower === null ? $this->lowV : $lower['value'];
                    $apart = $upper['value'] + ($upper['dropV'] ?? 0.0) - $low - ($lower === null ? 0.0 : $lower['dropV'] ?? 0.0);
                    if ($upper['value'] > $low && $apart < self::METER_SHARE * ($upper['value'] + $low)) {
                        $unsure[] = ['upper' => $upper, 'lower' => $lower];
                    }
                }
            }
        }

        return $unsure;
    }

    /** V lost out and back to a device at what flows there; none where it hears the battery's volts. */
    private static function drop(Study $study, Part $part): ?float
    {
        $graph = $study->planned();
        if ($graph->hasSignal(SignalKind::BatteryVolts, $part->uid)) {
            return 0.0;
        }
        foreach ($study->cables()->runs()->runs as $run) {
            foreach (self::AT as $terminal) {
                if ($run->far->is(Point::of($part->uid, $terminal))) {
                    return $study->cables()->runs()->lostTo($run);
                }
            }
        }

        return null;
    }
}
