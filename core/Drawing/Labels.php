<?php

declare(strict_types=1);

namespace Pebblefell\Drawing;

/** Where words go so that none stands on another. */
final class Labels
{
    /** Mean width of a letter of 13 px, and the height of its line. Chosen, by the typefaces that ship. */
    private const LETTER = 6.8;
    private const LINE = 16.0;

    /**
     * Moves labels along one axis until they keep their distance, each as little as may be, inside the bounds.
     *
     * @param list<float> $wanted places, in any order
     *
     * @return list<float> in the same order
     */
    public static function spread(array $wanted, float $apart, float $low, float $high): array
    {
        asort($wanted);
        $placed = [];
        $next = $low;
        foreach ($wanted as $i => $at) {
            $placed[$i] = max($at, $next);
            $next = $placed[$i] + $apart;
        }
        // What was pushed over the edge pushes back.
        $most = $high;
        foreach (array_reverse(array_keys($placed)) as $i) {
            $placed[$i] = min($placed[$i], $most);
            $most = $placed[$i] - $apart;
        }
        ksort($placed);

        return array_values($placed);
    }

    /**
     * Which of these labels can be shown, first come first served, without any touching another.
     *
     * @param list<array{float, float, string}> $labels middle x, baseline y, text
     *
     * @return list<bool>
     */
    public static function clear(array $labels): array
    {
        $taken = $shown = [];
        foreach ($labels as [$x, $y, $text]) {
            $half = self::width($text) / 2.0;
            $box = [$x - $half, $x + $half, $y - self::LINE, $y];
            $touches = false;
            foreach ($taken as [$l, $r, $t, $b]) {
                if ($box[0] < $r && $box[1] > $l && $box[2] < $b && $box[3] > $t) {
                    $touches = true;
                    break;
                }
            }
            $shown[] = !$touches;
            if (!$touches) {
                $taken[] = $box;
            }
        }

        return $shown;
    }

    /**
     * As much of a text as has room, px; at least three letters. A number at its end stays, which tells it from the next: "Share … no. 3".
     */
    public static function cut(string $text, float $room): string
    {
        preg_match('/(?: \p{L}{1,3}\.)? \d+$/u', $text, $found);
        $end = isset($found[0]) && self::width($found[0]) < 0.6 * $room ? $found[0] : '';
        $head = mb_substr($text, 0, mb_strlen($text) - mb_strlen($end));
        for ($cut = $text, $length = mb_strlen($head); self::width($cut) > $room && $length > 3; --$length) {
            $cut = mb_substr($head, 0, $length - 1) . '…' . $end;
        }

        return $cut;
    }

    /** About as wide as it will be, px. */
    public static function width(string $text): float
    {
        return self::LETTER * mb_strlen($text);
    }
}
