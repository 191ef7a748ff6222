<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

/** The few shapes that input schemas are made of. */
final class Schema
{
    /**
     * @param array<string, array<string, mixed>> $required
     * @param array<string, array<string, mixed>> $optional
     *
     * @return array<string, mixed>
     */
    public static function object(array $required, array $optional = []): array
    {
        return [
            'type' => 'object',
            'properties' => [...$required, ...$optional],
            'required' => array_keys($required),
            'additionalProperties' => false,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    public static function positive(?float $default = null): array
    {
        return self::withDefault(['type' => 'number', 'exclusiveMinimum' => 0], $default);
    }

    /**
     * @return array<string, mixed>
     */
    public static function notNegative(?float $default = null): array
    {
        return self::withDefault(['type' => 'number', 'minimum' => 0], $default);
    }

    /**
     * @return array<string, mixed>
     */
    public static function between(float $low, float $high, ?float $default = null): array
    {
        return self::withDefault(['type' => 'number', 'minimum' => $low, 'maximum' => $high], $default);
    }

    /**
     * @return array<string, mixed> above 0 up to 100
     */
    public static function percent(?float $default = null): array
    {
        return self::withDefault(['type' => 'number', 'exclusiveMinimum' => 0, 'maximum' => 100], $default);
    }

    /**
     * @return array<string, mixed>
     */
    public static function whole(int $low, int $high): array
    {
        return ['type' => 'integer', 'minimum' => $low, 'maximum' => $high];
    }

    /**
     * @param array<string, mixed> $item
     *
     * @return array<string, mixed>
     */
    public static function listOf(array $item): array
    {
        return ['type' => 'array', 'items' => $item];
    }

    /**
     * @return array<string, mixed>
     */
    public static function oneOf(string ...$words): array
    {
        return ['type' => 'string', 'enum' => array_values($words)];
    }

    /**
     * @param array<string, mixed> $schema
     *
     * @return array<string, mixed>
     */
    private static function withDefault(array $schema, ?float $default): array
    {
        return $default === null ? $schema : [...$schema, 'default' => $default];
    }
}
