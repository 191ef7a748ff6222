<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Settings;

use Pebblefell\Drawing\AxisTick;
use Pebblefell\Drawing\Frame;
use Pebblefell\Drawing\Labels;
use Pebblefell\Drawing\Path;
use Pebblefell\Drawing\Scale;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Severity;
use Pebblefell\Setting\Parameter;
use Pebblefell\Study;
use Pebblefell\System\Part;

/**
 * The ladder: thresholds of the way down at the left, of the way up at the right, the battery's rest curve and the BMS's limits between.
 */
final readonly class LadderChart
{
    private const HEIGHT = 540.0;
    private const HEIGHT_NARROW = 640.0;

    /** Px that a label takes. */
    private const LABEL = 38.0;
    private const LABEL_NARROW = 52.0;

    /** V beyond the outermost rung, a 12 V bank. */
    private const MARGIN_V = 0.35;

    /** Where the knobs' lines bend, px from the box; and where their words stand. */
    private const BEND = 18.0;
    private const REACH = 56.0;
    private const REACH_NARROW = 22.0;

    /** Half the width of the caps of what a meter may err, px. */
    private const CAP = 5.0;

    /** Px that a value takes, "11.16". */
    private const VALUE = 70.0;

    /** Holds what acts under current: there a lead loses volts. */
    private const UNDER_CURRENT = [
        Parameter::Absorption,
        Parameter::Equalise,
        Parameter::Warning,
        Parameter::Cutoff,
        Parameter::Disconnect,
    ];

    /**
     * @param list<array{parts: non-empty-list<Part>, row: SettingRow, value: float, side: string, y: float, labelY: float, knobX: float,
     *     textX: float,
     *     path: string, isWrong: bool, seenY: ?float, errs: float, bar: string, step: float}> $rungs side: down or up
     * @param string            $curve  rested volts over charge
     * @param list<AxisTick>        $ticks
     * @param list<AxisTick>        $charges
     */
    private function __construct(
        public Frame $frame,
        public Scale $scale,
        public array $rungs,
        public string $curve,
        public float $highY,
        public float $lowY,
        public array $ticks,
        public array $charges,
    ) {
    }

    public static function of(Study $study, JudgedLadder $ladder, bool $narrow): self
    {
        $side = $narrow ? 112.0 : 250.0;
        $frame = Frame::of($narrow, $narrow ? self::HEIGHT_NARROW : self::HEIGHT, $side, 24.0, $side, 34.0);
        $chemistry = $ladder->ladder->chemistry;
        $twelves = $ladder->ladder->cells / ($chemistry->isLithium() ? 4.0 : 6.0);
        $volts = [...array_column($ladder->rungs, 'value'), $ladder->highV, $ladder->lowV];
        $scale = $frame->up(min($volts) - self::MARGIN_V * $twelves, max($volts) + self::MARGIN_V * $twelves);
        $across = $frame->across(0.0, 100.0);
        $points = [];
        for ($soc = 0.0; $soc <= 100.0; $soc += 2.0) {
            $v = $chemistry->restCurve()->volts($soc) * $ladder->ladder->cells;
            if ($v >= $scale->low && $v <= $scale->high) {
                $points[] = [$across->at($soc), $scale->at($v)];
            }
        }
        $wrong = self::wrong($study);
        $rungs = [];
        foreach (['down', 'up'] as $way) {
            $groups = self::grouped(array_values(array_filter(
                $ladder->rungs,
                static fn(array $r): bool => $r['row']->parameter->isOnTheWayDown() === ($way === 'down'),
            )));
            $placed = Labels::spread(
                array_map(static fn(array $g): float => $scale->at($g[0]['value']), $groups),
                $narrow ? self::LABEL_NARROW : self::LABEL,
                $frame->top + self::LABEL / 2.0,
                $frame->bottom - self::LABEL / 2.0,
            );
            foreach ($groups as $k => $group) {
                $rungs[] = self::rung($frame, $scale, $group, $way, $placed[$k], $wrong, 0.05 * $twelves, $narrow);
            }
        }

        return new self(
            $frame,
            $scale,
            $rungs,
            Path::line($points),
            $scale->at($ladder->highV),
            $scale->at($ladder->lowV),
            $scale->ticks(10),
            $across->ticksAt($narrow ? [0, 50, 100] : [0, 25, 50, 75, 100]),
        );
    }

    /** Beside a line of the BMS there is no room for its words. */
    public function isNamed(AxisTick $tick): bool
    {
        return min(abs($tick->at - $this->highY), abs($tick->at - $this->lowY)) > self::BEND;
    }

    /** Of the box between the two ways. */
    public function width(): float
    {
        return $this->frame->right - $this->frame->left;
    }

    public function middle(): float
    {
        return ($this->frame->left + $this->frame->right) / 2.0;
    }

    /**
     * Where what the battery has is drawn, beside the knob.
     *
     * @param array{side: string, knobX: float} $rung
     */
    public function seenX(array $rung): float
    {
        return $rung['knobX'] + ($rung['side'] === 'down' ? 9.0 : -9.0);
    }

    /**
     * Its words: beside its value on a desk, below it on a phone.
     *
     * @param array{side: string, textX: float} $rung
     */
    public function wordsX(array $rung): float
    {
        return $this->frame->isNarrow() ? $rung['textX'] : $rung['textX'] + ($rung['side'] === 'down' ? -self::VALUE : self::VALUE);
    }

    /**
     * @param array{labelY: float} $rung
     */
    public function wordsY(array $rung): float
    {
        return $this->frame->isNarrow() ? $rung['labelY'] + 22.0 : $rung['labelY'] - 2.0;
    }

    /** Px that its words may take. */
    public function room(): float
    {
        return $this->frame->isNarrow()
            ? $this->frame->left - self::REACH_NARROW - 8.0
            : $this->frame->left - self::REACH - self::VALUE - 10.0;
    }

    /**
     * Devices that do one thing at one value share a rung.
     *
     * @param list<array{part: Part, row: SettingRow, value: float, dropV: ?float}> $rungs
     *
     * @return list<non-empty-list<array{part: Part, row: SettingRow, value: float, dropV: ?float}>> highest first
     */
    private static function grouped(array $rungs): array
    {
        $groups = [];
        foreach ($rungs as $rung) {
            $groups[$rung['row']->parameter->value . sprintf(' %.3f', $rung['value'])][] = $rung;
        }
        usort($groups, static fn(array $a, array $b): int => $b[0]['value'] <=> $a[0]['value']);

        return $groups;
    }

    /**
     * @param non-empty-list<array{part: Part, row: SettingRow, value: float, dropV: ?float}> $group
     * @param array<string, true>                                                             $wrong
     *
     * @return array{parts: non-empty-list<Part>, row: SettingRow, value: float, side: string, y: float, labelY: float, knobX: float,
     *     textX: float,
     *     path: string, isWrong: bool, seenY: ?float, errs: float, bar: string, step: float}
     */
    private static function rung(
        Frame $frame,
        Scale $scale,
        array $group,
        string $way,
        float $labelY,
        array $wrong,
        float $step,
        bool $narrow,
    ): array {
        $y = $scale->at($group[0]['value']);
        $outwards = $way === 'down' ? -1.0 : 1.0;
        $knobX = $way === 'down' ? $frame->left : $frame->right;
        $reach = $narrow ? self::REACH_NARROW : self::REACH;
        $bends = [
            [$knobX, $y],
            [$knobX + $outwards * self::BEND * ($narrow ? 0.5 : 1.0), $y],
            [$knobX + $outwards * ($reach - 14.0), $labelY],
            [$knobX + $outwards * $reach, $labelY],
        ];
        $drops = array_filter(array_column($group, 'dropV'), static fn(?float $d): bool => $d !== null);
        $drop = $drops === [] || !in_array($group[0]['row']->parameter, self::UNDER_CURRENT, true) ? null : max($drops);
        // What charges stands above the battery by what its lead loses, what draws below it.
        $seen = $drop === null || $drop < $step / 2.0 ? null : $scale->at($group[0]['value'] + ($way === 'down' ? $drop : -$drop));

        return [
            'parts' => array_column($group, 'part'),
            'row' => $group[0]['row'],
            'value' => $group[0]['value'],
            'side' => $way,
            'y' => $y,
            'labelY' => round($labelY, 1),
            'knobX' => $knobX,
            'textX' => round($knobX + $outwards * ($reach + 6.0), 1),
            'path' => Path::line($bends),
            'isWrong' => array_filter(
                $group,
                static fn(array $r): bool => isset($wrong[$r['part']->uid . ' ' . $r['row']->parameter->value]),
            ) !== [],
            'seenY' => $seen,
            'errs' => $errs = round(abs($scale->length(JudgedLadder::METER_SHARE * $group[0]['value'])), 1),
            'bar' => Path::pieces([
                [$knobX - self::CAP, $y - $errs, $knobX + self::CAP, $y - $errs],
                [$knobX - self::CAP, $y + $errs, $knobX + self::CAP, $y + $errs],
                [$knobX, $y - $errs, $knobX, $y + $errs],
            ]),
            'step' => round($step, 3),
        ];
    }

    /**
     * @return array<string, true> "uid parameter" of what a finding speaks about
     */
    private static function wrong(Study $study): array
    {
        $wrong = [];
        foreach ($study->settings()->devices as ['part' => $part, 'rows' => $rows]) {
            foreach ($rows as $row) {
                foreach ($study->judged()->verdicts as $verdict) {
                    $finding = $verdict->finding;
                    if ($finding->subject === $part->uid && $finding->severity !== Severity::Note && self::speaksOf($finding, $row)) {
                        $wrong["$part->uid {$row->parameter->value}"] = true;
                    }
                }
            }
        }

        return $wrong;
    }

    private static function speaksOf(Finding $finding, SettingRow $row): bool
    {
        return str_contains($finding->rule, str_replace('_', '-', $row->parameter->value)) || match ($finding->rule) {
            'never-acts', 'rungs-touch', 'charge-volts-too-high', 'rebulk-above-float', 'float-above-absorption',
            'reconnect-below-disconnect', 'equalise-on' => array_filter(
                $finding->figures,
                static fn($f): bool => abs($f->value - (float) $row->acting()->number) < 0.001,
            ) !== [],
            'disconnect-below-bms' => $row->parameter->value === 'disconnect_v',
            default => false,
        };
    }
}
