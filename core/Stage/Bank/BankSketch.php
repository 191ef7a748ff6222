<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank;

use Pebblefell\Bank\Share;
use Pebblefell\Drawing\Frame;
use Pebblefell\Drawing\Path;
use Pebblefell\System\Part;

/**
 * The bank with its real links. On a desk the strings stand side by side, plus above and minus below; on a phone they stand one under the
 * other, plus at the left and minus at the right.
 */
final readonly class BankSketch
{
    /** Px of a battery's box, between boxes, and of the way around that a link takes. Chosen. */
    private const BOX_W = 118.0;
    private const BOX_H = 62.0;
    private const AROUND = 22.0;

    /** An even share is green; further off than this it is looked at, and than this it is wrong. Chosen. */
    private const OFF_A_LITTLE = 0.1;
    private const OFF_MUCH = 0.25;

    /**
     * @param list<array{part: Part, number: int, string: int, row: int, x: float, y: float, width: float, amps: float, sharePct: ?float,
     *     fill: float, even: string}> $batteries
     * @param list<array{index: int, from: string, to: string, path: string, amps: float, ohm: float, thick: float, x: float, y: float,
     *     middle: bool, loose: bool}>      $links
     * @param list<array{pole: string, string: int, x: float, y: float,
     *     end: bool}>                                                                                     $terminals
     * @param array<string, array{x: float, y: float, path: string,
     *     bar: string}>                                                                                        $takeoffs by pole
     */
    private function __construct(
        public string $viewBox,
        public bool $upright,
        public float $boxHeight,
        public array $batteries,
        public array $links,
        public array $terminals,
        public array $takeoffs,
    ) {
    }

    public static function of(BankDrawing $drawing, Share $share, ?int $loose, bool $narrow): self
    {
        [$n, $s] = [count($drawing->strings), count($drawing->strings[0])];
        $place = $narrow ? self::down($n, $s) : self::across($n, $s);
        $amps = array_combine(array_map(static fn($q): string => $q->id, $drawing->network->sources), $share->amps);
        $fair = abs($share->loadA) / $n;
        $batteries = $terminals = $at = [];
        foreach ($drawing->strings as $i => $string) {
            foreach ($string as $k => $part) {
                [$x, $y, $width] = $place['box']($i, $k);
                $off = $fair > 0.0 ? abs(abs($amps[$part->uid]) / $fair - 1.0) : 0.0;
                $batteries[] = [
                    'part' => $part, 'number' => count($batteries) + 1, 'string' => $i, 'row' => $k, 'x' => $x, 'y' => $y,
                    'width' => $width, 'amps' => $amps[$part->uid],
                    'sharePct' => $share->loadA !== 0.0 ? 100.0 * $amps[$part->uid] / $share->loadA : null,
                    'fill' => round(max(0.0, min(1.0, $fair > 0.0 ? abs($amps[$part->uid]) / $fair / 2.0 : 0.0)) * ($width - 2.0), 1),
                    'even' => $off > self::OFF_MUCH ? 'bad' : ($off > self::OFF_A_LITTLE ? 'look' : 'good'),
                ];
                foreach (['plus' => '+', 'minus' => '-'] as $pole => $sign) {
                    [$tx, $ty] = $place['terminal']($i, $k, $pole);
                    $at[$part->uid . $sign] = [$tx, $ty, $pole, true];
                    $terminals[] = [
                        'pole' => $pole,
                        'string' => $i,
                        'x' => $tx,
                        'y' => $ty,
                        'end' => $pole === 'plus' ? $k === $s - 1 : $k === 0,
                    ];
                }
            }
        }
        $at += self::bars($drawing, $at, $place['bar']);
        $most = max([1.0, ...array_map(abs(...), $share->linkA)]);
        $links = [];
        foreach ($drawing->links as $index => $link) {
            $links[] = [
                'index' => $index,
                'from' => $link->from,
                'to' => $link->to,
                'amps' => $share->linkA[$index],
                'ohm' => $link->ohm,
                'thick' => round(1.5 + 6.0 * abs($share->linkA[$index]) / $most, 1),
                'loose' => $loose === $index,
            ]
                + self::route($at[$link->from] ?? [0.0, 0.0, 'plus', false], $at[$link->to] ?? [0.0, 0.0, 'plus', false], $narrow);
        }

        return new self(
            $place['viewBox']($drawing->takeoffs === null),
            $narrow,
            self::BOX_H,
            $batteries,
            $links,
            $terminals,
            self::takeoffs($drawing, $at, $place, $narrow),
        );
    }

    /** Returns what a node of the network is called: the battery's number and its pole, or null for a bar. */
    public function battery(string $node): ?int
    {
        foreach ($this->batteries as $battery) {
            if ($battery['part']->uid === rtrim($node, '+-')) {
                return $battery['number'];
            }
        }

        return null;
    }

    /**
     * @return array{box: callable(int, int): array{float, float, float}, terminal: callable(int, int, string): array{float, float},
     *     bar: callable(string): array{float, float}, viewBox: callable(bool): string, span: array{float, float}}
     */
    private static function across(int $n, int $s): array
    {
        $column = min(170.0, 860.0 / max(1, $n));
        $left = (900.0 - $n * $column) / 2.0;
        $width = min(self::BOX_W, $column - 26.0);
        $y = static fn(int $k): float => 84.0 + ($s - 1 - $k) * 92.0;
        $x = static fn(int $i): float => $left + ($i + 0.5) * $column;
        $bottom = 84.0 + ($s - 1) * 92.0 + self::BOX_H;

        return [
            'box' => static fn(int $i, int $k): array => [round($x($i) - $width / 2.0, 1), $y($k), round($width, 1)],
            'terminal' => static fn(int $i, int $k, string $pole): array => [
                round($x($i), 1),
                $y($k) + ($pole === 'plus' ? 0.0 : self::BOX_H),
            ],
            'bar' => static fn(string $pole): array => [450.0, $pole === 'plus' ? 26.0 : $bottom + 58.0],
            'viewBox' => static fn(bool $bars): string => '0 ' . ($bars ? 0 : 36) . ' 900 '
                . Path::number($bars ? $bottom + 84.0 : $bottom + 12.0),
            'span' => [$left + 10.0, $left + $n * $column - 10.0],
        ];
    }

    /**
     * @return array{box: callable(int, int): array{float, float, float}, terminal: callable(int, int, string): array{float, float},
     *     bar: callable(string): array{float, float}, viewBox: callable(bool): string, span: array{float, float}}
     */
    private static function down(int $n, int $s): array
    {
        $inner = Frame::NARROW - 2.0 * 62.0;
        $pitch = $inner / $s;
        $width = min(self::BOX_W, $pitch - 14.0);
        // Plus at the left: the last of a string stands there.
        $x = static fn(int $k): float => 62.0 + ($s - 1 - $k + 0.5) * $pitch;
        $y = static fn(int $i): float => 34.0 + $i * 88.0;
        $bottom = 34.0 + ($n - 1) * 88.0 + self::BOX_H;

        return [
            'box' => static fn(int $i, int $k): array => [round($x($k) - $width / 2.0, 1), $y($i), round($width, 1)],
            'terminal' => static fn(int $i, int $k, string $pole): array => [
                round($x($k) + ($pole === 'plus' ? -$width : $width) / 2.0, 1),
                $y($i) + self::BOX_H / 2.0,
            ],
            'bar' => static fn(string $pole): array => [$pole === 'plus' ? 16.0 : Frame::NARROW - 16.0, 34.0 + ($bottom - 34.0) / 2.0],
            'viewBox' => static fn(bool $bars): string => '0 0 ' . Path::number(Frame::NARROW) . ' ' . Path::number($bottom + 34.0),
            'span' => [34.0, $bottom],
        ];
    }

    /**
     * Bars that batteries hang on, at the side of the pole that hangs there.
     *
     * @param array<string, array{float, float, string, bool}> $at
     * @param callable(string): array{float, float}            $bar
     *
     * @return array<string, array{float, float, string, bool}>
     */
    private static function bars(BankDrawing $drawing, array $at, callable $bar): array
    {
        $bars = [];
        foreach ($drawing->links as $link) {
            foreach ([[$link->from, $link->to], [$link->to, $link->from]] as [$node, $other]) {
                if (!isset($at[$node]) && isset($at[$other])) {
                    [$x, $y] = $bar($at[$other][2]);
                    $bars[$node] = [$x, $y, $at[$other][2], false];
                }
            }
        }

        return $bars;
    }

    /**
     * @param array{float, float, string, bool} $a x, y, pole, whether it is a battery's
     * @param array{float, float, string, bool} $b
     *
     * @return array{path: string, x: float, y: float, middle: bool} and where its amps stand
     */
    private static function route(array $a, array $b, bool $narrow): array
    {
        $num = Path::number(...);
        if ($a[3] && $b[3] && $a[2] !== $b[2]) {
            // In series: straight from plus to minus.
            return [
                'path' => Path::line([[$a[0], $a[1]], [$b[0], $b[1]]]),
                'x' => round(($a[0] + $b[0]) / 2.0 + ($narrow ? 0.0 : 6.0), 1),
                'y' => round(($a[1] + $b[1]) / 2.0 + ($narrow ? -6.0 : 4.0), 1),
                'middle' => $narrow,
            ];
        }
        if (!$a[3] || !$b[3]) {
            [$battery, $bar] = $a[3] ? [$a, $b] : [$b, $a];
            $toBar = $narrow ? 'H' . $num($bar[0]) : 'V' . $num($bar[1]);

            return [
                'path' => 'M' . $num($battery[0]) . ' ' . $num($battery[1]) . $toBar,
                'x' => round($narrow ? ($battery[0] + $bar[0]) / 2.0 : $battery[0] + 6.0, 1),
                'y' => round(
                    $narrow
                        ? $battery[1] - 6.0
                        : ($battery[2] === 'plus' ? min($battery[1], $bar[1]) + 30.0 : max($battery[1], $bar[1]) - 24.0),
                    1,
                ),
                'middle' => $narrow,
            ];
        }
        $plus = $a[2] === 'plus';
        if ($narrow) {
            $rail = $plus ? min($a[0], $b[0]) - self::AROUND : max($a[0], $b[0]) + self::AROUND;

            return [
                'path' => 'M' . $num($a[0]) . ' ' . $num($a[1]) . 'H' . $num($rail) . 'V' . $num($b[1]) . 'H' . $num($b[0]),
                'x' => round($plus ? max(28.0, $rail - 6.0) : min(Frame::NARROW - 28.0, $rail + 6.0), 1),
                'y' => round(($a[1] + $b[1]) / 2.0 + 4.0, 1),
                'middle' => true,
            ];
        }
        $rail = $plus ? min($a[1], $b[1]) - self::AROUND : max($a[1], $b[1]) + self::AROUND;

        return [
            'path' => 'M' . $num($a[0]) . ' ' . $num($a[1]) . 'V' . $num($rail) . 'H' . $num($b[0]) . 'V' . $num($b[1]),
            'x' => round(($a[0] + $b[0]) / 2.0, 1),
            'y' => round($rail + ($plus ? -6.0 : 15.0), 1),
            'middle' => true,
        ];
    }

    /**
     * @param array<string, array{float, float, string, bool}> $at
     * @param array<string, mixed>                             $place
     *
     * @return array<string, array{x: float, y: float, path: string,
     *     bar: string}> the arrow, where its words begin, and the bar where there is one
     */
    private static function takeoffs(BankDrawing $drawing, array $at, array $place, bool $narrow): array
    {
        $takeoffs = [];
        foreach (['plus' => $drawing->positive, 'minus' => $drawing->negative] as $pole => $node) {
            $string = $drawing->takeoffs[$pole === 'plus' ? 0 : 1] ?? null;
            $last = count($drawing->strings[0]) - 1;
            [$x, $y] = $string !== null ? $place['terminal'](
                $string,
                $pole === 'plus' ? $last : 0,
                $pole,
            ) : ($at[$node] ?? $place['bar']($pole));
            [$from, $to] = $place['span'];
            $num = Path::number(...);
            $out = $pole === 'plus' ? -1.0 : 1.0;
            $takeoffs[$pole] = $narrow
                ? [
                    'x' => $pole === 'plus' ? 4.0 : Frame::NARROW - 4.0,
                    'y' => round($string !== null ? $y + 5.0 : $to + 22.0, 1),
                    'path' => 'M' . $num($x + 2.0 * $out) . ' ' . $num($y - 9.0) . 'v18l' . $num(15.0 * $out) . ' -9z',
                    'bar' => $string !== null ? '' : 'M' . $num($x) . ' ' . $num($from) . 'V' . $num($to),
                ]
                : [
                    'x' => $x + 14.0,
                    'y' => $pole === 'plus' ? $y - 4.0 : $y + 14.0,
                    'path' => 'M' . $num($x - 9.0) . ' ' . $num($y + 2.0 * $out) . 'h18l-9 ' . $num(15.0 * $out) . 'z',
                    'bar' => $string !== null ? '' : 'M' . $num($from) . ' ' . $num($y) . 'H' . $num($to),
                ];
        }

        return $takeoffs;
    }
}
