<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

/** One named sum of the trade: plain arrays in, plain arrays out. Key names end in their unit. */
interface Calculation
{
    /**
     * @return array<string, mixed> JSON Schema (draft-06) of the input; it also carries the defaults
     */
    public static function schema(): array;

    /**
     * @param array<string, mixed> $in an input that keeps the schema, defaults filled in
     *
     * @return array<string, mixed>
     *
     * @throws \Pebblefell\Exception\InvalidValue with the path of the key that asks too much
     */
    public static function run(array $in): array;
}
