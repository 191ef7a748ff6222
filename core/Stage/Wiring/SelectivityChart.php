<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Circuit\FusesInLine;
use Pebblefell\Drawing\AxisTick;
use Pebblefell\Drawing\Frame;
use Pebblefell\Drawing\Path;
use Pebblefell\Study;
use Pebblefell\System\Part;

/** The bands of the fuses of one line, time over current, both logarithmic, up to the short that the bank drives behind each. */
final readonly class SelectivityChart
{
    private const HEIGHT = 320.0;

    /** s, foot and top of the picture. Chosen: from a current limiter's millisecond to the hour. */
    private const FROM_S = 0.001;
    private const TO_S = 3600.0;

    private const SECONDS = [0.001, 0.01, 0.1, 1.0, 10.0, 60.0, 600.0, 3600.0];

    /**
     * @param list<array{part: Part, area: string, x: float,
     *     y: float}>      $bands nearest the bank first; fuses without a curve are left out
     * @param list<array{x: float, amps: float, y: float}>                   $from  where two clash
     * @param list<array{tick: AxisTick, seconds: float}>                        $seconds
     * @param list<array{tick: AxisTick, amps: float}>                           $amps
     */
    private function __construct(
        public Frame $frame,
        public array $bands,
        public array $from,
        public array $seconds,
        public array $amps,
    ) {
    }

    /**
     * @param list<Part> $line
     *
     * @return ?self null where no curve is known
     */
    public static function of(Study $study, array $line, bool $narrow): ?self
    {
        $fuses = $study->fusesInLine();
        $known = array_values(array_filter(
            $line,
            static fn(Part $p): bool => FusesInLine::curve($p) !== null && $fuses->shortAt($p) !== null,
        ));
        if ($known === []) {
            return null;
        }
        $shorts = array_map(static fn(Part $p): float => (float) $fuses->shortAt($p), $known);
        $ratings = array_map(static fn(Part $p): float => FusesInLine::curve($p)->ratingA ?? 1.0, $known);
        $frame = Frame::of($narrow, self::HEIGHT, 56.0, 14.0 + 16.0 * count($known));
        $across = $frame->across(log10(min($ratings)), log10(max([...$shorts, 10.0 * max($ratings)])));
        $up = $frame->up(log10(self::FROM_S), log10(self::TO_S));
        $time = static fn(float $s): float => $up->at(log10(min(self::TO_S, max(self::FROM_S, $s))));
        $bands = [];
        foreach ($known as $k => $part) {
            $corners = FusesInLine::curve($part)?->corners($shorts[$k]) ?? [];
            $edge = static fn(int $of): array => array_map(
                static fn(array $c): array => [$across->at(log10($c[0])), $time($c[$of])],
                $corners,
            );
            $bands[] = [
                'part' => $part,
                'area' => $corners === [] ? '' : Path::line([...$edge(2), ...array_reverse($edge(1))]) . 'Z',
                'x' => $across->at(log10($corners[0][0] ?? $ratings[$k])),
                'y' => 12.0 + 16.0 * $k,
            ];
        }
        $uids = array_map(static fn(Part $p): string => $p->uid, $known);
        $from = [];
        foreach ($fuses->pairs() as $pair) {
            if ($pair['fromA'] !== null && in_array(
                $pair['upstream']->uid,
                $uids,
                true,
            ) && in_array($pair['downstream']->uid, $uids, true)) {
                $at = FusesInLine::curve($pair['downstream'])?->latestS($pair['fromA']) ?? self::TO_S;
                $from[] = ['x' => $across->at(log10($pair['fromA'])), 'amps' => $pair['fromA'], 'y' => $time($at)];
            }
        }

        return new self(
            $frame,
            $bands,
            $from,
            array_map(static fn(float $s): array => ['tick' => new AxisTick($s, $time($s), 0), 'seconds' => $s], self::SECONDS),
            self::decades($across->low, $across->high, static fn(float $log): float => $across->at($log)),
        );
    }

    /**
     * @param callable(float): float $at
     *
     * @return list<array{tick: AxisTick, amps: float}> 1, 3, 10, 30 …
     */
    private static function decades(float $low, float $high, callable $at): array
    {
        $ticks = [];
        for ($power = (int) floor($low); $power <= $high; ++$power) {
            foreach ([1.0, 3.0] as $step) {
                $log = log10($step) + $power;
                if ($log >= $low && $log <= $high) {
                    $ticks[] = ['tick' => new AxisTick($step * 10.0 ** $power, $at($log), 0), 'amps' => $step * 10.0 ** $power];
                }
            }
        }

        return $ticks;
    }
}
