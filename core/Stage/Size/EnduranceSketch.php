<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Drawing\AxisTick;
use Pebblefell\Drawing\Labels;
use Pebblefell\Drawing\Path;
use Pebblefell\Drawing\Scale;

/** The endurance map, drawn: bank to the right, array upward, levels shaded, the wish as a line, limits as fences, pin and flag. */
final readonly class EnduranceSketch
{
    /**
     * @param array{float, float, float, float}                                        $box     left, foot, width, height
     * @param list<float>                                                              $breaks  where one level ends and the next begins
     * @param list<string>                                                             $levels  path data, poorest first
     * @param list<array{value: float, path: string, x: float, y: float, shown: bool}> $lines   thin ones
     * @param ?array{path: string, x: float, y: float}                                 $wish
     * @param list<array{fence: Fence, path: string, x: float, y: float, end: bool}>   $fences
     * @param list<AxisTick>                                                               $banks   value in Ah
     * @param list<AxisTick>                                                               $arrays  value in W
     * @param array{float, float}                                                      $pin
     * @param ?array{float, float}                                                     $flag
     */
    private function __construct(
        public string $viewBox,
        public array $box,
        public array $breaks,
        public array $levels,
        public array $lines,
        public ?array $wish,
        public array $fences,
        public array $banks,
        public array $arrays,
        public array $pin,
        public ?array $flag,
    ) {
    }

    public static function of(Endurance $map, int $strings, int $panels, bool $narrow): self
    {
        $box = $narrow ? [44.0, 300.0, 306.0, 288.0] : [60.0, 352.0, 500.0, 336.0];
        [$x, $y] = [Scale::of(0.0, $map->mostAh, $box[0], $box[0] + $box[2]), Scale::of(0.0, $map->mostW, $box[1], $box[1] - $box[3])];
        $breaks = $map->isYear() ? [25.0, 50.0, 75.0, $map->wish, 99.9] : [
            $map->wish / 4.0,
            $map->wish / 2.0,
            $map->wish,
            $map->wish * 2.0,
            max($map->wish * 4.0, 14.0),
        ];
        $cheapest = $map->cheapest();
        $at = static fn(int $strings, int $panels): array => [$x->at($strings * $map->battery->size), $y->at($panels * $map->panel->size)];
        [$pin, $flag] = [$at($strings, $panels), $cheapest === null ? null : $at(...$cheapest)];

        return new self(
            $narrow ? '0 -12 358 356' : '0 -8 580 408',
            $box,
            $breaks,
            self::shaded($map, $breaks, $box),
            self::thin($map, $box, $flag),
            self::wish($map, $box),
            self::fenced($map, $x, $y, $box),
            self::units($x, $map->mostStrings(), $map->battery->size, 1, $narrow ? 6 : 10),
            self::units($y, $map->mostPanels(), $map->panel->size, 0, $narrow ? 8 : 10),
            $pin,
            $flag,
        );
    }

    /**
     * Runs of cells of one level, row by row.
     *
     * @param list<float>                       $breaks
     * @param array{float, float, float, float} $box
     *
     * @return list<string>
     */
    private static function shaded(Endurance $map, array $breaks, array $box): array
    {
        $n = Endurance::CELLS;
        [$cellW, $cellH] = [$box[2] / $n, $box[3] / $n];
        $levels = array_fill(0, count($breaks) + 1, '');
        foreach ($map->values as $row => $values) {
            $from = 0;
            $was = self::level($values[0], $breaks);
            for ($i = 1; $i <= $n; ++$i) {
                $is = $i === $n ? -1 : self::level($values[$i], $breaks);
                if ($is !== $was) {
                    // A hair taller than the row, so that no seam shows.
                    $levels[$was] .= Path::box(
                        $box[0] + $from * $cellW,
                        $box[1] - ($row + 1) * $cellH,
                        ($i - $from) * $cellW,
                        $cellH + 0.3,
                    );
                    [$from, $was] = [$i, $is];
                }
            }
        }

        return array_values($levels);
    }

    /**
     * @param list<float> $breaks
     */
    private static function level(float $value, array $breaks): int
    {
        $level = 0;
        foreach ($breaks as $break) {
            $level += $value >= $break - 1e-9 ? 1 : 0;
        }

        return $level;
    }

    /**
     * @param array{float, float, float, float} $box
     * @param ?array{float, float}              $flag which no label may stand behind
     *
     * @return list<array{value: float, path: string, x: float, y: float, shown: bool}>
     */
    private static function thin(Endurance $map, array $box, ?array $flag): array
    {
        $lines = [];
        $labels = $flag === null ? [] : [[$flag[0] + 8.0, $flag[1] - 13.0, '99 d']];
        foreach ($map->thin as [$value, $line]) {
            $pieces = self::placed($line, $box);
            if ($pieces !== []) {
                [$px, $py] = $pieces[intdiv(count($pieces), 2)];
                $lines[] = [$value, Path::pieces($pieces), round($px, 1), round($py + 4.0, 1)];
                $labels[] = [$px, $py + 4.0, '99 d'];
            }
        }

        return array_map(
            static fn(array $l, bool $shown): array => ['value' => $l[0], 'path' => $l[1], 'x' => $l[2], 'y' => $l[3], 'shown' => $shown],
            $lines,
            array_slice(Labels::clear($labels), $flag === null ? 0 : 1),
        );
    }

    /**
     * @param array{float, float, float, float} $box
     *
     * @return ?array{path: string, x: float, y: float} its name stands at the upper end
     */
    private static function wish(Endurance $map, array $box): ?array
    {
        $pieces = self::placed($map->wished, $box);
        if ($pieces === []) {
            return null;
        }
        $top = $pieces[0];
        foreach ($pieces as $piece) {
            $top = $piece[1] < $top[1] ? $piece : $top;
        }

        return [
            'path' => Path::pieces($pieces),
            'x' => round(min($box[0] + $box[2] - 100.0, $top[0] + 6.0), 1),
            'y' => round(max($box[1] - $box[3] + 10.0, $top[1] + 12.0), 1),
        ];
    }

    /**
     * @param list<array{float, float, float, float}> $line in cells
     * @param array{float, float, float, float}       $box
     *
     * @return list<array{float, float, float, float}> in places on the sheet
     */
    private static function placed(array $line, array $box): array
    {
        $n = Endurance::CELLS;
        $x = static fn(float $cell): float => $box[0] + ($cell + 0.5) * $box[2] / $n;
        $y = static fn(float $cell): float => $box[1] - ($cell + 0.5) * $box[3] / $n;

        return array_map(static fn(array $p): array => [$x($p[0]), $y($p[1]), $x($p[2]), $y($p[3])], $line);
    }

    /**
     * @param array{float, float, float, float} $box
     *
     * @return list<array{fence: Fence, path: string, x: float, y: float, end: bool}>
     */
    private static function fenced(Endurance $map, Scale $x, Scale $y, array $box): array
    {
        $fences = [];
        foreach ($map->fences as $i => $fence) {
            $ah = $fence->atBank * $map->battery->size;
            $watts = $fence->atArray * $map->panel->size;
            if (is_infinite($ah) && $watts <= $map->mostW) {
                $fences[] = [
                    'fence' => $fence,
                    'path' => 'M' . Path::number($box[0]) . ' ' . Path::number($y->at($watts)) . 'h' . Path::number($box[2]),
                    'x' => $box[0] + 6.0,
                    'y' => round($y->at($watts) - 5.0, 1),
                    'end' => false,
                ];
            } elseif (is_infinite($watts) && $ah <= $map->mostAh) {
                $fences[] = [
                    'fence' => $fence,
                    'path' => 'M' . Path::number($x->at($ah)) . ' ' . Path::number($box[1]) . 'v-' . Path::number($box[3]),
                    'x' => round($x->at($ah) - 5.0, 1),
                    'y' => round($box[1] - 8.0 - 16.0 * $i, 1),
                    'end' => true,
                ];
            } elseif (is_finite($ah) && is_finite($watts) && ($ah < $map->mostAh || $watts < $map->mostW)) {
                [$top, $right] = [min($watts, $map->mostW), min($ah, $map->mostAh)];
                [$atTop, $atRight] = [$watts > 0.0 ? $ah * (1.0 - $top / $watts) : 0.0, $ah > 0.0 ? $watts * (1.0 - $right / $ah) : 0.0];
                $fences[] = [
                    'fence' => $fence,
                    'path' => Path::line([[$x->at($atTop), $y->at($top)], [$x->at($right), $y->at($atRight)]]),
                    'x' => round(min($box[0] + $box[2], $x->at(($atTop + $right) / 2.0)) - 6.0, 1),
                    'y' => round($y->at(($top + $atRight) / 2.0) + 14.0, 1),
                    'end' => true,
                ];
            }
        }

        return $fences;
    }

    /**
     * @return list<AxisTick> one for each whole unit; those without decimals of their own (-1) carry no number
     */
    private static function units(Scale $scale, int $count, float $size, int $from, int $numbered): array
    {
        $each = max(1, (int) ceil($count / $numbered));
        $ticks = [];
        for ($i = $from; $i <= $count; ++$i) {
            $ticks[] = new AxisTick($i * $size, $scale->at($i * $size), $i % $each === 0 ? 0 : -1);
        }

        return $ticks;
    }
}
