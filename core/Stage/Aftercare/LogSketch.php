<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Aftercare;

use Pebblefell\Drawing\AxisTick;
use Pebblefell\Drawing\Frame;
use Pebblefell\Drawing\Path;

/** A log by day: what came in above the line, what went out below it, and how low the charge came. */
final readonly class LogSketch
{
    /** Days named at most. */
    private const LABELS = 12;
    private const LABELS_NARROW = 5;

    /**
     * @param list<array{x: float, width: float, in: float, inY: float, out: float, day: string, middle: float,
     *     label: string}> $bars in and out: px high
     * @param string     $low   the day's lowest charge, a line
     * @param list<AxisTick> $watts of energy, both ways
     */
    private function __construct(
        public Frame $frame,
        public float $zeroY,
        public array $bars,
        public string $low,
        public array $watts,
        public ?float $plannedY,
    ) {
    }

    /**
     * @param list<LogDay> $days
     * @param ?float       $plannedWh that the plan takes out a day
     */
    public static function of(array $days, ?float $plannedWh, bool $narrow): self
    {
        $frame = Frame::of($narrow, 260.0, $narrow ? 52.0 : 64.0, 10.0, 12.0, 24.0);
        $most = max(
            [1.0, (float) $plannedWh, ...array_map(static fn(LogDay $d): float => max((float) $d->inWh, (float) $d->outWh), $days)],
        );
        $y = $frame->up(-$most, $most);
        $x = $frame->across(0.0, (float) max(1, count($days)));
        $charge = $frame->up(0.0, 100.0);
        $width = max(1.0, $x->length(1.0) * 0.8);
        $step = (int) max(1, ceil(count($days) / ($narrow ? self::LABELS_NARROW : self::LABELS)));
        $bars = $line = [];
        foreach ($days as $i => $day) {
            $in = abs($y->length((float) $day->inWh));
            $bars[] = [
                'x' => round($x->at($i + 0.1), 1), 'width' => round($width, 1), 'in' => round($in, 1), 'inY' => round($y->at(0.0) - $in, 1),
                'out' => round(abs($y->length((float) $day->outWh)), 1), 'day' => $day->day,
                'middle' => round($x->at($i + 0.5), 1), 'label' => $i % $step === 0 ? substr($day->day, 5) : '',
            ];
            if ($day->lowPct !== null) {
                $line[] = [$x->at($i + 0.5), $charge->at($day->lowPct)];
            }
        }

        return new self(
            $frame,
            round($y->at(0.0), 1),
            $bars,
            Path::line($line),
            $y->ticks(5),
            $plannedWh === null ? null : round($y->at(-$plannedWh), 1),
        );
    }
}
