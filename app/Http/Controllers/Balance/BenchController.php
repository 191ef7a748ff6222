<?php

declare(strict_types=1);

namespace App\Http\Controllers\Balance;

use App\Actions\Balance\Bench;
use App\Http\Controllers\Controller;
use App\Http\Requests\Balance\BenchRequest;
use App\Models\BalanceReading;
use App\Models\BalanceSession;
use App\Models\Job;
use App\Record\Studies;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** The simulated bench, and the stream that says that there is something new: from it, or from real instruments. */
final class BenchController extends Controller
{
    /**
     * While the bench runs, the browser asks for its next tick after so many ms; with real instruments, which are slow, less often. Chosen.
     */
    private const TICK_MS = 500;
    private const ASK_MS = 5000;

    public function update(BenchRequest $request, Job $job, BalanceSession $balanceSession, Bench $bench): RedirectResponse
    {
        self::onlyIf($balanceSession->isOpen(), 'This session is closed.');
        $bench->start($balanceSession, Studies::of($job)->system, $request->speed(), $request->charger(), $request->faults());

        return redirect()->route('balance', $job)->with('said', 'The simulated bench reads. Its clock is not the one on the wall.');
    }

    /**
     * Server-sent events: one answer, and the browser asks again by itself after the time that it names. Nothing sleeps here meanwhile, and
     * the model is not built: while somebody asks, the bench ticks.
     */
    public function live(Job $job, BalanceSession $balanceSession, Bench $bench): Response
    {
        $running = $balanceSession->bench !== null && $balanceSession->isOpen();
        if ($running) {
            $bench->tick($balanceSession);
        }
        $newest = BalanceReading::query()->whereIn('balance_battery_id', $balanceSession->balanceBatteries()->select('id'))->max('id');
        $said = ['newest' => $newest, 'clock' => $balanceSession->refresh()->clock?->toIso8601String()];

        return response(
            'retry: ' . ($running ? self::TICK_MS : self::ASK_MS) . "\n\nevent: reading\ndata: " . json_encode($said, JSON_THROW_ON_ERROR)
                . "\n\n",
            200,
            ['Content-Type' => 'text/event-stream', 'Cache-Control' => 'no-cache', 'X-Accel-Buffering' => 'no'],
        );
    }
}
