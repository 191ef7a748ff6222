<?php

declare(strict_types=1);

namespace Pebblefell\Schedule;

/** Work, or waiting: how long, after what, and what it holds meanwhile. */
final readonly class Task
{
    /**
     * @param list<string>       $after ids
     * @param array<string, int> $uses  count by resource
     * @param bool               $waits it runs on around the clock: a cure, a charge, a rest
     */
    public function __construct(
        public string $id,
        public float $hours,
        public array $after = [],
        public array $uses = [],
        public bool $waits = false,
    ) {
    }
}
