<?php

declare(strict_types=1);

namespace Pebblefell\System;

/** A way of living in the vehicle: summer pitch, hot night, winter. One of them sizes the system. */
final readonly class Scenario
{
    public function __construct(public string $uid, public string $name, public bool $sizing = false, public bool $inverterAlwaysOn = false)
    {
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return ['uid' => $this->uid, 'name' => $this->name, 'sizing' => $this->sizing, 'inverter_always_on' => $this->inverterAlwaysOn];
    }

    /**
     * @param array<string, mixed> $a as toArray() gives it
     */
    public static function fromArray(array $a): self
    {
        return new self($a['uid'], $a['name'], $a['sizing'] ?? false, $a['inverter_always_on'] ?? false);
    }
}
