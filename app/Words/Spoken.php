<?php

declare(strict_types=1);

namespace App\Words;

/** A finding in words. */
final readonly class Spoken
{
    public function __construct(public string $title, public string $message, public string $remedy, public string $source)
    {
    }

    /** Title and message in one. */
    public function whole(): string
    {
        return rtrim($this->title, '.') . (str_ends_with($this->title, '?') ? ' ' : '. ') . $this->message;
    }
}
