<?php

declare(strict_types=1);

namespace Pebblefell\System;

/** A picture of a part: what names it is the hash of its bytes; the bytes themselves live with the application. */
final readonly class Photo
{
    public const PLACE = 'place';
    public const SCREEN = 'screen';
    public const ROOF = 'roof';

    /**
     * @param string $shows '' the part itself; PLACE where it sits; SCREEN its settings, read back; ROOF what it lies on; else the uid of a
     *                      conductor that ends on it
     */
    public function __construct(public string $sha256, public string $caption = '', public string $shows = '')
    {
    }

    public function isOfARun(): bool
    {
        return !in_array($this->shows, ['', self::PLACE, self::SCREEN, self::ROOF], true);
    }
}
