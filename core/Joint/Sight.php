<?php

declare(strict_types=1);

namespace Pebblefell\Joint;

use Closure;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;

/** Something measured that depends on resistances: which, how, and how well it was measured. */
final readonly class Sight
{
    /**
     * @param Closure(list<float>): float $predicts what should be read, from the Ω of every piece
     * @param list<int>                   $touches  places of the pieces on which it depends
     * @param bool                        $isLinear its reading is a weighed sum of them
     */
    private function __construct(
        public Closure $predicts,
        public array $touches,
        public float $value,
        public float $sigma,
        public bool $isLinear,
    ) {
    }

    /**
     * A weighed sum of resistances: volts along a way, each piece carrying its own amps.
     *
     * @param array<int, float> $weights by place of the piece
     *
     * @throws InvalidValue
     */
    public static function sum(array $weights, float $value, float $sigma): self
    {
        return new self(
            static fn(array $ohm): float => array_sum(array_map(static fn(int $k): float => $weights[$k] * $ohm[$k], array_keys($weights))),
            array_keys($weights),
            $value,
            Guard::positive($sigma, '/sigma'),
            true,
        );
    }

    /**
     * Anything else that a network of them does: how batteries share a load.
     *
     * @param Closure(list<float>): float $predicts
     * @param list<int>                   $touches
     *
     * @throws InvalidValue
     */
    public static function of(Closure $predicts, array $touches, float $value, float $sigma): self
    {
        return new self($predicts, $touches, $value, Guard::positive($sigma, '/sigma'), false);
    }

    /**
     * How it changes with each piece, per Ω.
     *
     * @param list<float> $ohm
     *
     * @return array<int, float> by place
     */
    public function slopes(array $ohm): array
    {
        $at = ($this->predicts)($ohm);
        $slopes = [];
        foreach ($this->touches as $k) {
            // Small against any joint, large against the rounding of the network's solution.
            $step = $this->isLinear ? 1.0 : 1e-6;
            $there = $ohm;
            $there[$k] += $step;
            $slopes[$k] = (($this->predicts)(array_values($there)) - $at) / $step;
        }

        return $slopes;
    }
}
