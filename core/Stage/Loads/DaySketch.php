<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Loads;

use Pebblefell\Drawing\AxisTick;
use Pebblefell\Drawing\Path;
use Pebblefell\Drawing\Scale;
use Pebblefell\Load\Budget;
use Pebblefell\Load\LoadMoment;

/** Power at the battery through the day: DC, AC and the inverter's own share, the worst moment, and the energy so far. */
final readonly class DaySketch
{
    private const WIDTH = 480.0;
    private const FLOOR = 100.0;
    private const TOP = 12.0;

    /**
     * @param array<string, string>                 $layers path data by what is in them: all, ac (with dc), dc
     * @param list<AxisTick>                            $hours
     * @param array{x: float, width: float}         $worst
     */
    private function __construct(
        public string $viewBox,
        public float $floor,
        public float $topW,
        public array $layers,
        public string $peak,
        public string $energy,
        public array $hours,
        public array $worst,
    ) {
    }

    public static function of(Budget $budget, bool $narrow): self
    {
        $width = $narrow ? 340.0 : self::WIDTH;
        $top = max(1.0, $budget->peakW);
        $x = Scale::of(0.0, 24.0, 4.0, $width - 4.0);
        $y = Scale::of(0.0, $top, self::FLOOR, self::TOP);
        $area = static fn(callable $watts): string => Path::area(
            Path::stairs(array_map(
                static fn(LoadMoment $m): array => [$x->at($m->fromH), $x->at($m->toH), $y->at($watts($m))],
                $budget->moments,
            )),
            self::FLOOR,
        );
        $sum = 0.0;
        $energy = [[$x->at(0.0), self::FLOOR]];
        foreach ($budget->moments as $m) {
            $sum += $m->meanW * $m->hours();
            $energy[] = [$x->at($m->toH), $y->at($budget->energyWhDay > 0.0 ? $sum / $budget->energyWhDay * $top : 0.0)];
        }

        return new self(
            '0 0 ' . Path::number($width) . ' 128',
            self::FLOOR,
            $top,
            [
                'all' => $area(static fn(LoadMoment $m): float => $m->meanW),
                'ac' => $area(static fn(LoadMoment $m): float => $m->dcMeanW + $m->acMeanW()),
                'dc' => $area(static fn(LoadMoment $m): float => $m->dcMeanW),
            ],
            Path::line(Path::stairs(array_map(
                static fn(LoadMoment $m): array => [$x->at($m->fromH), $x->at($m->toH), $y->at($m->peakW)],
                $budget->moments,
            ))),
            Path::line($energy),
            $x->ticksAt([0, 3, 6, 9, 12, 15, 18, 21, 24]),
            ['x' => $x->at($budget->worst->fromH), 'width' => max(2.0, $x->length($budget->worst->hours()))],
        );
    }
}
