<?php

declare(strict_types=1);

namespace Pebblefell\Finding;

/** What to do about a finding. With changes, one press applies it; without, it is advice. */
final readonly class Remedy
{
    /**
     * @param list<Change> $changes
     */
    public function __construct(public string $label, public array $changes = [])
    {
    }

    public function appliesItself(): bool
    {
        return $this->changes !== [];
    }
}
