<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;

/** A link or lead between two nodes: a battery's terminal "ID+" or "ID-", or a bar of any other name. */
final readonly class Link
{
    private function __construct(public string $from, public string $to, public float $ohm)
    {
    }

    /**
     * @param float $ohm lugs and joints included; 0 makes one node of two
     *
     * @throws InvalidValue
     */
    public static function of(string $from, string $to, float $ohm): self
    {
        if ($from === $to) {
            throw InvalidValue::at('/to', 'linked-to-itself', ['name' => $to]);
        }

        return new self($from, $to, Guard::notNegative($ohm, '/ohm'));
    }
}
