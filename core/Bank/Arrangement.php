<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

/** The usual links between the blocks of a bank: series within a string, then string to string. */
final class Arrangement
{
    /**
     * @param list<string> $ids    blocks in order
     * @param int $series blocks in a string
     *
     * @return list<array{string, string}> pairs of terminals "id.plus" / "id.minus" that a link joins
     */
    public static function links(array $ids, int $series): array
    {
        $links = [];
        $strings = array_chunk($ids, max(1, $series));
        foreach ($strings as $string) {
            for ($i = 1; $i < count($string); ++$i) {
                $links[] = [$string[$i - 1] . '.plus', $string[$i] . '.minus'];
            }
        }
        for ($s = 1; $s < count($strings); ++$s) {
            [$before, $here] = [$strings[$s - 1], $strings[$s]];
            $links[] = [$before[count($before) - 1] . '.plus', $here[count($here) - 1] . '.plus'];
            $links[] = [$before[0] . '.minus', $here[0] . '.minus'];
        }

        return $links;
    }
}
