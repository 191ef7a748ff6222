<?php

declare(strict_types=1);

namespace Pebblefell\System\Graph;

use Stringable;

/** One terminal of one part: where a conductor ends. Written "p1.plus". */
final readonly class Point implements Stringable
{
    private function __construct(public string $uid, public string $terminal)
    {
    }

    public static function of(string $uid, string $terminal): self
    {
        return new self($uid, $terminal);
    }

    /** Form of a point in a file, as JSON Schema writes it. */
    public const PATTERN = '^[a-z][a-z0-9-]*\\.[a-z_]+$';

    /**
     * @param string $text as a file writes it: part uid, dot, terminal name
     */
    public static function read(string $text): self
    {
        [$uid, $terminal] = [...explode('.', $text, 2), ''];

        return new self($uid, $terminal);
    }

    /** The part's uid of a point as a file writes it. */
    public static function uidOf(string $text): string
    {
        $dot = strpos($text, '.');

        return $dot === false ? $text : substr($text, 0, $dot);
    }

    public function is(self $other): bool
    {
        return $this->uid === $other->uid && $this->terminal === $other->terminal;
    }

    public function __toString(): string
    {
        return "$this->uid.$this->terminal";
    }
}
