<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Words\Lexicon;

/** What core says, in English words with plain spaces. */
trait Says
{
    private static function said(mixed $what): string
    {
        return str_replace("\u{202F}", ' ', Lexicon::plain()->said($what));
    }
}
