<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

/** A line along which a map has one value: marching squares, straight between the cells. Lorensen & Cline 1987, in the plane. */
final readonly class Contour
{
    /**
     * Which edges of a square the line crosses, by which of its corners (1 bottom left, 2 bottom right, 4 top right, 8 top left) lie above.
     */
    private const CROSSED = [
        1 => [['l', 'b']], 2 => [['b', 'r']], 3 => [['l', 'r']], 4 => [['r', 't']], 5 => [['l', 't'], ['b', 'r']], 6 => [['b', 't']],
        7 => [['l', 't']],
        8 => [['t', 'l']], 9 => [['b', 't']], 10 => [['l', 'b'], ['t', 'r']], 11 => [['t', 'r']], 12 => [['l', 'r']],
        13 => [['b', 'r']], 14 => [['l', 'b']],
    ];

    /**
     * @param list<list<float>> $values rows from the bottom, columns from the left
     *
     * @return list<array{float, float, float, float}> pieces x1, y1, x2, y2; whole numbers are the middles of cells
     */
    public static function of(array $values, float $level): array
    {
        $pieces = [];
        $ends = [0.0, 0.0, 0.0, 0.0];
        $between = static fn(float $a, float $b): float => abs($b - $a) < 1e-12 ? 0.5 : max(0.0, min(1.0, ($level - $a) / ($b - $a)));
        for ($y = 0; $y < count($values) - 1; ++$y) {
            [$low, $high] = [$values[$y], $values[$y + 1]];
            for ($x = 0; $x < count($low) - 1; ++$x) {
                [$bl, $br, $tr, $tl] = [$low[$x], $low[$x + 1], $high[$x + 1], $high[$x]];
                $corners = ($bl >= $level ? 1 : 0) + ($br >= $level ? 2 : 0) + ($tr >= $level ? 4 : 0) + ($tl >= $level ? 8 : 0);
                foreach (self::CROSSED[$corners]
                    ?? [] as $edges) {
                    foreach ($edges as $end => $edge) {
                        [$ends[2 * $end], $ends[2 * $end + 1]] = match ($edge) {
                            'b' => [$x + $between($bl, $br), (float) $y],
                            't' => [$x + $between($tl, $tr), $y + 1.0],
                            'l' => [(float) $x, $y + $between($bl, $tl)],
                            default => [$x + 1.0, $y + $between($br, $tr)],
                        };
                    }
                    $pieces[] = $ends;
                }
            }
        }

        return $pieces;
    }
}
