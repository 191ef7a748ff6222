<?php

declare(strict_types=1);

namespace App\Http;

/**
 * Which folds of a page are open. What a closed one holds is neither computed nor sent; the browser asks for it when it is opened
 * (`?fold=NAME`) and says by a cookie which are, see resources/js/folds.js.
 */
final class Folds
{
    public const COOKIE = 'folds';

    private const ALL = 'all';

    /** Where a closed one is asked for without a script: the same page, with it open. */
    public static function link(string $fold): string
    {
        return '?' . http_build_query(['fold' => $fold] + request()->query()) . "#fold-$fold";
    }

    /** @param bool $open whatever the browser says: a fault stands in it */
    public static function isOpen(string $fold, bool $open = false): bool
    {
        if ($open) {
            return true;
        }
        $kept = request()->cookie(self::COOKIE);
        $page = basename(request()->path());

        return in_array(request()->query('fold'), [$fold, self::ALL], true)
            || (is_string($kept) && array_intersect(["$page.$fold", self::ALL], explode(' ', $kept)) !== []);
    }
}
