<?php

declare(strict_types=1);

namespace App\Database;

use Closure;
use Illuminate\Database\ConcurrencyErrorDetector;
use Illuminate\Database\LostConnectionDetector;
use Illuminate\Support\Str;
use Throwable;

/** Knows what the database may answer that is nobody's fault: two writes met, or the server that was asked is gone. */
final class Faults extends LostConnectionDetector
{
    /** Holds what a node of a cluster answers that is cut off from the others, or not yet in step with them. */
    private const NOT_READY = ['WSREP has not yet prepared node', 'Server shutdown in progress', 'Unknown command'];

    public function causedByLostConnection(Throwable $e): bool
    {
        return parent::causedByLostConnection($e) || Str::contains($e->getMessage(), self::NOT_READY);
    }

    /** Holds what PHP says of a transaction that the server took back while nothing was asked of it. */
    private const TAKEN_BACK = 'There is no active transaction';

    private const ATTEMPTS = 6;

    /**
     * One statement, or one transaction that its closure writes whole, tried again where it met another one.
     *
     * @template T
     *
     * @param Closure(): T $write
     *
     * @return T
     */
    public static function patiently(Closure $write): mixed
    {
        return retry(
            self::ATTEMPTS,
            $write,
            static fn(): int => random_int(5, 40),
            static fn(Throwable $e): bool => self::mayBeTriedAgain($e),
        );
    }

    /** Nothing was written: asked again, it may well be. */
    public static function mayBeTriedAgain(?Throwable $e): bool
    {
        for (; $e !== null; $e = $e->getPrevious()) {
            if ((new ConcurrencyErrorDetector())->causedByConcurrencyError($e) || str_contains($e->getMessage(), self::TAKEN_BACK)) {
                return true;
            }
        }

        return false;
    }

    /** Either of them: nothing was written, and nobody did wrong. */
    public static function areNobodys(?Throwable $e): bool
    {
        return self::mayBeTriedAgain($e) || self::isLost($e);
    }

    public static function isLost(?Throwable $e): bool
    {
        for (; $e !== null; $e = $e->getPrevious()) {
            if ((new self())->causedByLostConnection($e)) {
                return true;
            }
        }

        return false;
    }
}
