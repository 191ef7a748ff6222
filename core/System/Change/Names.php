<?php

declare(strict_types=1);

namespace Pebblefell\System\Change;

/** Names for rows that a proposal brings in: "new-1", "new-2" … */
final class Names
{
    public const MARK = 'new-';

    /** Holds what the names of a job's rows begin with, by kind. */
    public const LETTERS = ['part' => 'p', 'conductor' => 'c', 'signal' => 'g'];

    private int $last = 0;

    public function next(): string
    {
        return self::MARK . ++$this->last;
    }

    /**
     * A value of a row, with the name that a row of the same list has got in the place of its own.
     *
     * @param array<string, string> $given real names, by those of the list
     */
    public static function real(mixed $value, array $given): mixed
    {
        if (!is_string($value) || !str_starts_with($value, self::MARK)) {
            return $value;
        }
        [$uid, $terminal] = [...explode('.', $value, 2), ''];

        return ($given[$uid] ?? $uid) . ($terminal === '' ? '' : ".$terminal");
    }
}
