<?php

declare(strict_types=1);

namespace Pebblefell\Finding;

/** How bad a finding is, in the words that the workshop sees. */
enum Severity: string
{
    /** Someone or something gets hurt. */
    case Stop = 'stop';
    /** It will not work as promised. */
    case Fix = 'fix';
    /** Worth knowing. */
    case Note = 'note';

    /** 0 for the worst, for sorting. */
    public function order(): int
    {
        return match ($this) {
            self::Stop => 0,
            self::Fix => 1,
            self::Note => 2,
        };
    }
}
