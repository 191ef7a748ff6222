<?php

declare(strict_types=1);

namespace Pebblefell\Finding;

/** A word or a phrase of the language files, with what stands in it. */
final readonly class Word
{
    /**
     * @param string               $key  file and key: "kinds.battery"
     * @param array<string, mixed> $args Amount, Named, Word, text as a person typed it, or a list of them
     */
    private function __construct(public string $key, public array $args)
    {
    }

    /**
     * @param array<string, mixed> $args
     */
    public static function of(string $key, array $args = []): self
    {
        return new self($key, $args);
    }

    /** Shows what a person typed as it is, in every language. */
    public static function typed(string $text): self
    {
        return new self('', ['text' => $text]);
    }
}
