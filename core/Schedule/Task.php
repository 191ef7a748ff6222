<?php

declare(strict_types=1);

namespace Pebblefell\Schedule;

/** Work that is done in one go: how long, after what, and what it holds meanwhile. */
final readonly class Task
{
    /**
     * @param list<string>       $after ids
     * @param array<string, int> $uses  count by resource
     */
    public function __construct(public string $id, public float $hours, public array $after = [], public array $uses = [])
    {
    }
}
