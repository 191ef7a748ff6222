<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\BalanceReading;
use App\Models\BalanceSession;
use App\Models\Job;
use App\Support\Bench;
use App\Support\Workbench;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Pebblefell\Balance\BenchBattery;
use Pebblefell\Balance\BenchCharger;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The simulated bench, and the stream that says that there is something new: from it, or from real instruments. */
final class BenchController extends Controller
{
    /** A stream of the bench ends after so long and is asked for again; it ticks once in so many seconds. */
    private const STREAM_S = 20;
    private const TICK_S = 0.5;

    /** Real instruments are slow: the browser asks once in so many ms, and the server is free meanwhile. Chosen. */
    private const ASK_MS = 5000;

    public function update(Request $request, Job $job, BalanceSession $balanceSession, Bench $bench): RedirectResponse
    {
        $data = $request->validate(['speed' => ['required', 'numeric', Rule::in(Bench::SPEEDS)], 'source' => ['required', Rule::enum(BenchCharger::class)], 'fault' => ['array'], 'fault.*' => ['nullable', Rule::in(BenchBattery::FAULTS)]]);
        abort_unless($balanceSession->isOpen(), 409);
        $bench->start($balanceSession, Workbench::of($job)->assessment->sums->system, (float) $data['speed'], BenchCharger::from($data['source']), array_map(strval(...), $data['fault'] ?? []));

        return redirect()->route('balance', $job)->with('said', 'The simulated bench reads. Its clock is not the one on the wall.');
    }

    /** Server-sent events. The bench ticks while somebody listens. */
    public function live(Job $job, BalanceSession $balanceSession, Bench $bench): StreamedResponse
    {
        $system = Workbench::of($job)->assessment->sums->system;
        $running = $balanceSession->bench !== null && $balanceSession->isOpen();

        return response()->stream(static function () use ($balanceSession, $bench, $system, $running): void {
            echo 'retry: ', $running ? 200 : self::ASK_MS, "\n\n";
            $until = microtime(true) + ($running ? self::STREAM_S : 0.0);
            do {
                if ($running) {
                    $bench->tick($balanceSession, $system);
                }
                $newest = BalanceReading::query()->whereIn('balance_battery_id', $balanceSession->balanceBatteries()->select('id'))->max('id');
                echo 'event: reading', "\n", 'data: ', json_encode(['newest' => $newest, 'clock' => $balanceSession->refresh()->clock?->toIso8601String()]), "\n\n";
                while (ob_get_level() > 0) {
                    ob_end_flush();
                }
                flush();
                if ($running) {
                    usleep((int) (self::TICK_S * 1e6));
                }
            } while (microtime(true) < $until && !connection_aborted());
        }, 200, ['Content-Type' => 'text/event-stream', 'Cache-Control' => 'no-cache', 'X-Accel-Buffering' => 'no']);
    }
}
