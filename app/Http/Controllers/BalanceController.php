<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AddParts;
use App\Models\BalanceBattery;
use App\Models\BalanceSession;
use App\Models\Job;
use App\Models\Measurement;
use App\Models\User;
use App\Support\BalanceDesk;
use App\Support\Bench;
use App\Support\Digest;
use App\Support\Workbench;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Balance\BenchBattery;
use Pebblefell\Balance\Gate;
use Pebblefell\Balance\Protocol;
use Pebblefell\Balance\Step;
use Pebblefell\Sizing\BankDrawing;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Balance: sessions, where each battery is in them, the gate, and the simulated bench. */
final class BalanceController extends Controller
{
    /** A stream ends after so long and is asked for again; one tick in so many seconds. */
    private const STREAM_S = 20;
    private const TICK_S = 0.5;

    public function show(Job $job): View
    {
        $bench = Workbench::of($job);
        $session = $job->balanceSessions()->whereNull('ended_at')->latest('id')->first();
        $system = $bench->assessment->sums->system;

        return $bench->view('stages.balance', Stage::Balance, [
            'session' => $session,
            'desk' => $session === null ? null : BalanceDesk::of($session, $system),
            'past' => $job->balanceSessions()->whereNotNull('ended_at')->latest('id')->get(),
            'batteries' => $bench->assessment->sums->planned->houseBatteries(),
        ]);
    }

    public function store(Request $request, Job $job): RedirectResponse
    {
        $batteries = Workbench::of($job)->assessment->sums->planned->houseBatteries();
        $known = array_map(static fn($p): string => $p->uid, $batteries);
        $data = $request->validate([
            'protocol' => ['required', Rule::enum(Protocol::class)],
            'parts' => ['required', 'array', 'min:1'],
            'parts.*' => [Rule::in($known)],
            'mm2' => ['required', 'numeric', 'between:0.5,300'],
            'lead_m' => ['required', 'numeric', 'between:0.05,20'],
            'lead_a' => ['nullable', 'numeric', 'between:1,2000'],
        ], [], ['parts' => 'batteries', 'mm2' => 'joining leads', 'lead_m' => 'length', 'lead_a' => 'what the leads bear']);
        DB::transaction(static function () use ($job, $data): void {
            abort_if($job->balanceSessions()->whereNull('ended_at')->lockForUpdate()->exists(), 409);
            $session = new BalanceSession(['protocol' => $data['protocol'], 'link_ohm' => 2.0 * BankDrawing::ohm((float) $data['mm2'], (float) $data['lead_m']), 'lead_a' => isset($data['lead_a']) ? (float) $data['lead_a'] : null, 'started_at' => now()]);
            $session->forceFill(['job_id' => $job->id])->save();
            foreach ($data['parts'] as $uid) {
                $session->balanceBatteries()->create(['part_uid' => $uid, 'step' => Step::Waiting, 'since' => now()]);
            }
        });

        return redirect()->route('balance', $job)->with('said', 'The session is open. Note each battery’s volts first, as it came.');
    }

    /** A battery goes to its next step: on a charger, off it, joined. */
    public function step(Request $request, Job $job, BalanceSession $balanceSession, BalanceBattery $balanceBattery): RedirectResponse
    {
        $data = $request->validate([
            'step' => ['required', Rule::in(array_map(static fn(Step $s): string => $s->value, $balanceSession->protocol->steps()))],
            'charger' => ['nullable', 'string', 'max:120'],
            'charger_a' => ['nullable', 'numeric', 'between:0.1,1000'],
        ], [], ['charger_a' => 'charger’s current']);
        abort_unless($balanceSession->isOpen(), 409);
        $step = Step::from($data['step']);
        $row = ['step' => $step, 'since' => $balanceSession->time()];
        if ($step->takesCurrent()) {
            $row += ['charger' => (string) ($data['charger'] ?? $balanceBattery->charger), 'charger_a' => isset($data['charger_a']) ? (float) $data['charger_a'] : $balanceBattery->charger_a];
        }
        $balanceBattery->saveIfUnchanged($request, $row);

        return redirect()->route('balance', $job);
    }

    /** All are joined at the bar; the gate is asked once more, and its no can be overruled by a planner only. */
    public function join(Request $request, Job $job, BalanceSession $balanceSession): RedirectResponse
    {
        abort_unless($balanceSession->isOpen(), 409);
        $desk = BalanceDesk::of($balanceSession, Workbench::of($job)->assessment->sums->system);
        if ($desk->gate->answer !== Gate::JOIN && !($request->user()?->can('plan', $job) && $request->filled('reason'))) {
            return redirect()->route('balance', $job)->withErrors(['join' => 'The gate does not say join. A planner may overrule it, with a reason.'])->withInput();
        }
        DB::transaction(static function () use ($balanceSession, $request): void {
            $balanceSession->update(['joined_at' => $balanceSession->time(), 'note' => mb_substr(trim($balanceSession->note . ' ' . $request->string('reason')->toString()), 0, 300)]);
            $balanceSession->balanceBatteries()->get()->each(static fn(BalanceBattery $b) => $b->update(['step' => Step::Joined, 'since' => $balanceSession->time()]));
        });

        return redirect()->route('balance', $job)->with('said', 'Joined. Leave them 12 to 16 hours, then confirm that all read alike.');
    }

    /** The session ends; what each battery read last is kept with its serial. */
    public function finish(Request $request, Job $job, BalanceSession $balanceSession): RedirectResponse
    {
        abort_unless($balanceSession->isOpen(), 409);
        $passed = $request->boolean('passed');
        DB::transaction(static function () use ($balanceSession, $job, $passed, $request): void {
            $balanceSession->update(['ended_at' => $balanceSession->time(), 'passed' => $passed]);
            foreach ($balanceSession->balanceBatteries()->get() as $battery) {
                $last = $battery->readings()->get()->last();
                if ($last !== null && $passed) {
                    (new AddParts())->row($job, Measurement::class, 'm', ['part_uid' => $battery->part_uid, 'quantity' => 'volts', 'value' => $last->volts, 'measured_at' => $last->read_at->utc()->format('Y-m-d\TH:i:s\Z'), 'measured_by' => $request->user() instanceof User ? $request->user()->name : '', 'instrument' => $last->source === 'bench' ? 'simulated bench' : 'meter', 'note' => 'balanced, ' . $balanceSession->protocol->value]);
                }
            }
            $job->refresh();
        });
        Digest::keep($job->refresh(), Workbench::assessment($job));

        return redirect()->route('balance', $job)->with('said', $passed ? 'Kept with the serials. The next check is due in a year.' : 'The session is closed without a result.');
    }

    /** The simulated bench, its speed and its faults. */
    public function bench(Request $request, Job $job, BalanceSession $balanceSession, Bench $bench): RedirectResponse
    {
        $data = $request->validate(['speed' => ['required', 'numeric', Rule::in(Bench::SPEEDS)], 'fault' => ['array'], 'fault.*' => [Rule::in(BenchBattery::FAULTS)]]);
        abort_unless($balanceSession->isOpen(), 409);
        $bench->start($balanceSession, (float) $data['speed'], array_map(strval(...), $data['fault'] ?? []));

        return redirect()->route('balance', $job)->with('said', 'The simulated bench reads. Its clock is not the one on the wall.');
    }

    /** Server-sent events: the bench ticks while somebody listens, and says that there is something new. */
    public function live(Job $job, BalanceSession $balanceSession, Bench $bench): StreamedResponse
    {
        $system = Workbench::of($job)->assessment->sums->system;

        return response()->stream(static function () use ($balanceSession, $bench, $system): void {
            echo "retry: 500\n\n";
            for ($i = 0; $i < self::STREAM_S / self::TICK_S && !connection_aborted(); ++$i) {
                $bench->tick($balanceSession, $system, self::TICK_S);
                echo 'event: reading', "\n", 'data: ', json_encode(['clock' => $balanceSession->refresh()->time()->toIso8601String()]), "\n\n";
                while (ob_get_level() > 0) {
                    ob_end_flush();
                }
                flush();
                usleep((int) (self::TICK_S * 1e6));
            }
        }, 200, ['Content-Type' => 'text/event-stream', 'Cache-Control' => 'no-cache', 'X-Accel-Buffering' => 'no']);
    }
}
