<?php

declare(strict_types=1);

namespace Pebblefell\System;

/** A picture of a part: what names it is the hash of its bytes; the bytes themselves live with the application. */
final readonly class Photo
{
    public function __construct(public string $sha256, public string $caption = '')
    {
    }
}
