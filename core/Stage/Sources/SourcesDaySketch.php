<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources;

use Pebblefell\Drawing\AxisTick;
use Pebblefell\Drawing\Frame;
use Pebblefell\Drawing\Path;
use Pebblefell\Drawing\Scale;

/** The day of all sources, drawn: sun array by array, the engine on top, a post beside it, and the line of what the bank takes. */
final readonly class SourcesDaySketch
{
    /** Above the highest of them so much is left free. Chosen. */
    private const FREE = 1.12;

    /**
     * @param list<string> $arrays areas, one on the other
     * @param string       $engine area on top of the sun; '' where nothing charges on the road
     * @param string       $usual  line of the month's own sky
     * @param string       $post   line of the sun with a post; '' without one
     * @param ?float       $limit  height at which the bank takes no more; null where it lies above the picture
     * @param list<AxisTick>   $amps
     * @param list<AxisTick>   $hours
     */
    private function __construct(
        public Frame $frame,
        public array $arrays,
        public string $engine,
        public string $usual,
        public string $post,
        public string $used,
        public ?float $limit,
        public array $amps,
        public array $hours,
    ) {
    }

    public static function of(SourcesDay $day, bool $narrow): self
    {
        $frame = Frame::of($narrow, 230.0, $narrow ? 42.0 : 56.0, 10.0, $narrow ? 4.0 : 20.0);
        $most = max($day->mostA(), max([1.0, ...$day->used]));
        // The limit is shown where it is near what comes; a bank that takes far more would flatten everything else.
        $seen = $day->limit->value <= 2.0 * $most;
        $x = $frame->across(0.0, 24.0);
        $y = $frame->up(0.0, self::FREE * ($seen ? max($most, $day->limit->value) : $most));
        $floor = array_fill(0, count($day->used), 0.0);
        $arrays = [];
        $below = $floor;
        foreach ($day->arrays as $array) {
            $above = array_map(static fn(float $a, float $b): float => $a + $b, $below, $array['bright']);
            $arrays[] = self::band($day, $x, $y, $below, $above);
            $below = $above;
        }
        $sun = $below;

        return new self(
            $frame,
            $arrays,
            $day->engine === [] ? '' : self::band(
                $day,
                $x,
                $y,
                $sun,
                array_map(static fn(float $a, float $b): float => $a + $b, $sun, $day->engine),
            ),
            $day->arrays === [] ? '' : self::stairs($day, $x, $y, $day->sunA('usual')),
            $day->mainsA <= 0.0 ? '' : self::stairs($day, $x, $y, $day->postA()),
            self::stairs($day, $x, $y, $day->used),
            $seen ? $y->at($day->limit->value) : null,
            $y->ticks(5),
            $x->ticksAt([0, 3, 6, 9, 12, 15, 18, 21, 24]),
        );
    }

    /**
     * @param list<float> $below A by step
     * @param list<float> $above
     */
    private static function band(SourcesDay $day, Scale $x, Scale $y, array $below, array $above): string
    {
        $points = [];
        foreach ($above as $k => $amps) {
            foreach ([$k, $k + 1] as $edge) {
                $points[] = [$x->at($edge * $day->stepH), $y->at($amps), $y->at($below[$k])];
            }
        }

        return Path::band($points);
    }

    /**
     * @param list<float> $amps by step
     */
    private static function stairs(SourcesDay $day, Scale $x, Scale $y, array $amps): string
    {
        $stretches = [];
        foreach ($amps as $k => $a) {
            $stretches[] = [$x->at($k * $day->stepH), $x->at(($k + 1) * $day->stepH), $y->at($a)];
        }

        return Path::line(Path::stairs($stretches));
    }
}
