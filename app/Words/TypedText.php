<?php

declare(strict_types=1);

namespace App\Words;

/** Text as people may type it: UTF-8, without characters that cannot be seen and change what is seen. */
final class TypedText
{
    /** Control characters but tab and line end, and those that turn the direction of what follows (U+202A–E, U+2066–9). */
    private const UNSEEN = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F\x{202A}-\x{202E}\x{2066}-\x{2069}]/u';

    /** Returns the text without what nobody typed. */
    public static function clean(string $text): string
    {
        return (string) preg_replace(self::UNSEEN, '', mb_check_encoding($text, 'UTF-8') ? $text : mb_scrub($text, 'UTF-8'));
    }

    public static function isClean(string $text): bool
    {
        return self::clean($text) === $text;
    }
}
