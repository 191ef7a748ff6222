<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Quantity\Guard;

/** A battery as the network sees it: rested volts behind a resistance. Terminals are the nodes "ID+" and "ID-". */
final readonly class Source
{
    private function __construct(
        public string $id,
        public float $ocvV,
        public float $ohm,
        public ?float $dischargeLimitA,
        public ?float $chargeLimitA,
    ) {
    }

    /**
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(string $id, float $ocvV, float $ohm, ?float $dischargeLimitA = null, ?float $chargeLimitA = null): self
    {
        return new self(
            $id,
            Guard::notNegative($ocvV, '/ocv_v'),
            Guard::positive($ohm, '/r_ohm'),
            $dischargeLimitA === null ? null : Guard::positive($dischargeLimitA, '/discharge_limit_a'),
            $chargeLimitA === null ? null : Guard::positive($chargeLimitA, '/charge_limit_a'),
        );
    }

    public function plus(): string
    {
        return $this->id . '+';
    }

    public function minus(): string
    {
        return $this->id . '-';
    }
}
