<?php

declare(strict_types=1);

namespace Pebblefell\Finding;

/** A part that a finding speaks of, by its uid; it is called what the job calls it. */
final readonly class Named
{
    private function __construct(public string $uid, public bool $amongAlike)
    {
    }

    public static function part(string $uid): self
    {
        return new self($uid, false);
    }

    /** That very one, by its number where several are called alike. */
    public static function one(string $uid): self
    {
        return new self($uid, true);
    }
}
