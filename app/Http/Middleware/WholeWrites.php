<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Balance\Waits;
use App\Models\Job;
use App\Record\Digest;
use App\Record\FieldOf;
use App\Record\UnreadableJob;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Spatie\Activitylog\Facades\LogBatch;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * What a request writes is written whole or not at all, is one act in the history, and leaves every job that it touched readable.
 *
 * The job's row is locked first: two people who write to one job come one after the other, and what the second one checks is what the first
 * one left. Before the transaction ends the model is read back from the rows and judged; if it cannot be, everything is taken back and the
 * field that caused it is named.
 */
final class WholeWrites
{
    /**
     * A change of a place or a customer is read back in so many of the jobs that rest on it; the others follow after the answer. Chosen.
     */
    private const AT_ONCE = 12;

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe()) {
            return $next($request);
        }
        LogBatch::startBatch();
        try {
            return $this->whole($request, $next);
        } finally {
            LogBatch::endBatch();
        }
    }

    private function whole(Request $request, Closure $next): Response
    {
        Job::takeMoved();
        DB::beginTransaction();
        try {
            $job = $request->route('job');
            if ($job instanceof Job) {
                Job::query()->whereKey($job->id)->lockForUpdate()->toBase()->first(['id']);
            }
            $response = $next($request);
            if (($response->exception ?? null) !== null || $response->isClientError() || $response->isServerError()) {
                DB::rollBack();

                return $response;
            }
            $moved = Job::takeMoved();
            self::readBack(array_slice($moved, 0, self::AT_ONCE), $request);
            if ($job instanceof Job) {
                Waits::ofJob($job->id);
            }
            DB::commit();
        } catch (Throwable $e) {
            DB::rollBack();
            throw $e;
        }
        $later = array_slice($moved, self::AT_ONCE);
        if ($later !== []) {
            dispatch(static fn() => Digest::renew($later))->afterResponse();
        }

        return $response;
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
