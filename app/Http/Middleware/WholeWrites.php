<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Database\Faults;
use App\Database\Receipt;
use App\Http\HeldRows;
use App\Models\Job;
use App\Models\User;
use App\Record\Digest;
use App\Record\Disk;
use App\Record\FieldOf;
use App\Record\Files;
use App\Record\UnreadableJob;
use App\Record\YardWaits;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Spatie\Activitylog\Facades\LogBatch;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * Writes what a request writes whole or not at all, is one act in the history, and leaves every job that it touched readable.
 *
 * A write that meets another one on another node of a cluster, or whose node is lost, is tried again whole, and seen by the person as one
 * answer.
 *
 * The job's row is locked first, and what the address names is read again behind the lock (HeldRows): two people who write to one job come
 * one after the other, and what the second one checks is what the first one left. Before the transaction ends the model is read back from
 * the rows and judged; if it cannot be, everything is taken back and the field that caused it is named.
 */
final class WholeWrites
{
    /**
     * A change of a place or a customer is read back in so many of the jobs that rest on it; the others follow after the answer. Chosen.
     */
    private const AT_ONCE = 12;

    /** So often a write is tried whole before the person is told. Chosen: on a cluster two that meet are apart after one or two. */
    private const ATTEMPTS = 8;

    /** Stands on a request that is tried again should it meet another one: what is met is then nobody's to read in a log. */
    public const MORE = 'tried_again';

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe()) {
            return $next($request);
        }
        abort_if(Disk::isNearlyFull(), 507, 'The disk is nearly full: nothing is written until there is room.');
        $session = $request->session()->all();
        for ($attempt = 1; ; ++$attempt) {
            LogBatch::startBatch();
            $request->attributes->set(self::MORE, $attempt < self::ATTEMPTS);
            try {
                $response = $this->whole($request, $next);
                if ($attempt === self::ATTEMPTS || !Faults::areNobodys($response->exception ?? null)) {
                    return $response;
                }
            } catch (Throwable $e) {
                if ($attempt === self::ATTEMPTS || !Faults::areNobodys($e)) {
                    throw $e;
                }
            } finally {
                $request->attributes->remove(self::MORE);
                LogBatch::endBatch();
            }
            $this->anew($request, $session, $attempt);
        }
    }

    /**
     * As if nothing had been tried: rows are read again, and what was said to the person is taken back.
     *
     * @param array<string, mixed> $session
     */
    private function anew(Request $request, array $session, int $attempt): void
    {
        usleep(random_int(2_000, 15_000) * $attempt);
        if (DB::transactionLevel() === 0) {
            DB::reconnect();
        }
        $request->session()->flush();
        $request->session()->replace($session);
        $user = Auth::user();
        if ($user instanceof User) {
            Auth::setUser($user->fresh() ?? $user);
        }
        app()->forgetScopedInstances();
        $route = $request->route();
        if ($route instanceof Route) {
            $route->flushController();
        }
    }

    private function whole(Request $request, Closure $next): Response
    {
        Job::takeMoved();
        Files::settle();
        DB::beginTransaction();
        try {
            $route = $request->route();
            $job = $route instanceof Route ? HeldRows::bind($route) : null;
            $response = $next($request);
            if (self::refuses($request, $response)) {
                self::takeBack();

                return $response;
            }
            $moved = Job::takeMoved();
            self::readBack(array_slice($moved, 0, self::AT_ONCE), $request);
            if ($job !== null) {
                YardWaits::ofJob($job->id);
            }
            self::commit(Receipt::write());
            Files::settle();
        } catch (Throwable $e) {
            self::takeBack();
            throw $e;
        }
        $later = array_slice($moved, self::AT_ONCE);
        if ($later !== []) {
            dispatch(static fn() => Digest::renew($later))->afterResponse();
        }

        return $response;
    }

    /** When the server is lost in this very moment, the receipt tells whether it was done; where none can be had it is not tried again. */
    private static function commit(Receipt $receipt): void
    {
        try {
            DB::commit();
        } catch (Throwable $e) {
            if (Faults::isLost($e)) {
                DB::reconnect();
                if ($receipt->isKept()) {
                    return;
                }
            }
            throw $e;
        }
    }

    /** Whoever is told that it was refused finds nothing of it written. */
    private static function refuses(Request $request, Response $response): bool
    {
        return ($response->exception ?? null) !== null || $response->isClientError() || $response->isServerError()
            || in_array('errors', (array) $request->session()->get('_flash.new'), true);
    }

    private static function takeBack(): void
    {
        // While the rows are locked: nobody else writes a file of theirs meanwhile.
        Files::takeBack();
        try {
            DB::rollBack();
        } catch (Throwable $e) {
            // With the node its transaction is gone.
            if (!Faults::isLost($e)) {
                throw $e;
            }
        }
    }

    /**
     * @param list<int> $jobs ids
     */
    private static function readBack(array $jobs, Request $request): void
    {
        foreach ($jobs as $id) {
            $before = Job::query()->findOrFail($id);
            try {
                Digest::make($before);
            } catch (UnreadableJob $e) {
                // A job that could not be read before may be mended in more than one step.
                if (!$before->isUnreadable()) {
                    throw FieldOf::culprit($e, $request);
                }
                Digest::unreadable($before, $e);
            }
        }
    }
}
