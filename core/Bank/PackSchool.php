<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Finding\Word;
use Pebblefell\Quantity\Guard;

/**
 * The two ways to build so many cells: groups in parallel under one BMS, or strings with a BMS each; in figures. Common practice knows
 * both.
 */
final readonly class PackSchool
{
    private function __construct(
        public Word $name,
        public int $bms,
        public int $cellsSeen,
        public int $cells,
        public float $leftPct,
        public float $eachBmsA,
        public float $weakShows,
        public ?float $price,
    ) {
    }

    /**
     * @param int    $groups   in series
     * @param int    $parallel cells side by side
     * @param float  $packA    the most that is drawn or charged
     * @param ?float $priceOne of a BMS that carries the whole current
     * @param ?float $priceEach of a BMS that carries one string's
     *
     * @return array{self, self} groups under one BMS; strings with a BMS each
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function both(int $groups, int $parallel, float $packA, ?float $priceOne = null, ?float $priceEach = null): array
    {
        Guard::between($parallel, 1, 16, '/parallel');
        Guard::notNegative($packA, '/charge_a');
        $cells = $groups * $parallel;

        return [
            // A cell that has lost a tenth of its capacity shows as a tenth of its share of the group.
            new self(
                Word::of('packs.groups', ['cells' => "{$parallel}P{$groups}S"]),
                1,
                $groups,
                $cells,
                0.0,
                $packA,
                10.0 / $parallel,
                $priceOne,
            ),
            new self(
                Word::of('packs.strings', ['cells' => "$parallel × {$groups}S"]),
                $parallel,
                $cells,
                $cells,
                100.0 - 100.0 / $parallel,
                $packA / $parallel,
                10.0,
                $priceEach === null ? null : $parallel * $priceEach,
            ),
        ];
    }
}
