<?php

declare(strict_types=1);

namespace App\Http\Controllers\Balance;

use App\Actions\Balance\KeepBalance;
use App\Csv\Csv;
use App\Csv\ReadingsCsv;
use App\Http\Controllers\Controller;
use App\Http\Pages\Balance\BalancePage;
use App\Http\Pages\Balance\SeriesPage;
use App\Http\Requests\Balance\BalanceQuery;
use App\Http\Requests\Balance\BalanceRequest;
use App\Http\Requests\Balance\StepRequest;
use App\Http\Requests\ReasonRequest;
use App\Http\Workbench;
use App\Models\BalanceBattery;
use App\Models\BalanceSession;
use App\Models\Job;
use App\Models\User;
use App\Record\BalanceDesk;
use App\Record\Disk;
use App\Record\Studies;
use App\Record\YardWaits;
use App\Words\Lexicon;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Pebblefell\Balance\BalanceStep;
use Pebblefell\Balance\Gate;
use Pebblefell\Balance\Protocol;
use Pebblefell\Stage;
use Pebblefell\Stage\Balance\SeriesBank;

/** Balance: sessions, where each battery is in them, and the gate. */
final class BalanceController extends Controller
{
    private const CLOSED = 'This session is closed.';

    public function show(BalanceQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);
        $session = $job->balanceSessions()->whereNull('ended_at')->latest('id')->first();
        // What the simulated bench does is nobody's request: its waits are kept when they are looked at.
        if ($session?->bench !== null && !Disk::isNearlyFull()) {
            YardWaits::keep($session, $bench->study->system);
        }
        $desk = $session === null ? null : BalanceDesk::of($session, $bench->study->system);
        $series = SeriesBank::of($bench->study);

        return $bench->view(
            'stages.balance.show',
            Stage::Balance,
            [
                'page' => new BalancePage($bench, $session, $desk),
                'series' => $series === null ? null : new SeriesPage($bench, $series, $request),
                'mostChargers' => BalanceRequest::CHARGERS,
            ],
        );
    }

    public function store(BalanceRequest $request, Job $job): RedirectResponse
    {
        if ($job->balanceSessions()->whereNull('ended_at')->exists()) {
            return redirect()->route('balance', $job)->withErrors(['protocol' => 'A session has been opened meanwhile: go on with it.']);
        }
        $session = new BalanceSession([...$request->validated(), 'started_at' => now()]);
        $session->forceFill(['job_id' => $job->id])->save();
        foreach ((array) $request->input('parts') as $uid) {
            $session->balanceBatteries()->create(['part_uid' => $uid, 'step' => BalanceStep::Waiting, 'since' => now()]);
        }

        return redirect()->route('balance', $job)->with('said', 'The session is open. Note each battery’s volts first, as it came.');
    }

    /**
     * A battery goes to its next step: on a charger, off it, ready; or back, where a step was pressed too early. A refresh charge is the
     * whole bank's: all go together.
     */
    public function step(StepRequest $request, Job $job, BalanceSession $balanceSession, BalanceBattery $balanceBattery): RedirectResponse
    {
        self::onlyIf($balanceSession->isOpen(), self::CLOSED);
        $row = ['step' => $request->step(), 'since' => $balanceSession->time()];
        if ($row['step'] === BalanceStep::Ready) {
            $ready = BalanceDesk::of($balanceSession, Studies::of($job)->system)->readyAt($balanceBattery);
            if ($ready === null || $ready > $balanceSession->time()->getTimestamp()) {
                return redirect()->route('balance', $job)->withErrors(
                    ['step' => 'It is not ready: see what it still waits for. A planner may overrule the gate when they are joined.'],
                );
            }
        }
        if ($row['step'] === BalanceStep::Charging) {
            $charger = collect($balanceSession->chargers)->firstWhere('name', $request->input('charger'));
            $row += $charger === null ? [] : ['charger' => $charger['name'], 'charger_a' => $charger['amps']];
        }
        $balanceBattery->saveIfUnchanged($request, $row);
        if ($balanceSession->protocol === Protocol::Refresh) {
            $balanceSession->balanceBatteries()->where(
                'id',
                '!=',
                $balanceBattery->id,
            )->get()->each(static fn(BalanceBattery $b) => $b->changeTo($row));
        }

        return redirect()->route('balance', $job);
    }

    /** All are joined at the bar; the gate is asked once more, and its no can be overruled by a planner only. */
    public function join(ReasonRequest $request, Job $job, BalanceSession $balanceSession): RedirectResponse
    {
        self::onlyIf($balanceSession->isOpen(), self::CLOSED);
        self::onlyIf($balanceSession->joined_at === null, 'They are joined already.');
        $joins = in_array(BalanceStep::Joined, $balanceSession->protocol->steps(), true);
        self::onlyIf($joins, 'Nothing is joined at the end of such a session.');
        $desk = BalanceDesk::of($balanceSession, Studies::of($job)->system);
        if ($desk->gate()->answer !== Gate::JOIN && !self::overrules($request, $job)) {
            return redirect()->route('balance', $job)->withErrors(
                ['join' => 'The gate does not say join. A planner may overrule it, with a reason.'],
            )->withInput();
        }
        $balanceSession->changeTo(['joined_at' => $balanceSession->time(), 'note' => self::noted($balanceSession, $request)]);
        $balanceSession->balanceBatteries()->get()->each(static fn(BalanceBattery $b) => $b->changeTo([
            'step' => BalanceStep::Joined,
            'since' => $balanceSession->time(),
        ]));

        return redirect()->route('balance', $job)->with('said', 'Joined. Leave them 12 to 16 hours, then confirm that all read alike.');
    }

    /** The session ends; what each battery read last is kept with its serial. */
    public function finish(ReasonRequest $request, Job $job, BalanceSession $balanceSession, KeepBalance $keep): RedirectResponse
    {
        self::onlyIf($balanceSession->isOpen(), self::CLOSED);
        $passed = $request->boolean('passed');
        $against = $passed ? BalanceDesk::of($balanceSession, Studies::of($job)->system)->against() : [];
        if ($against !== [] && !self::overrules($request, $job)) {
            return redirect()->route('balance', $job)->withErrors(['finish' => 'Not yet: ' . implode(
                '; ',
                array_map(Lexicon::plain()->said(...), $against),
            ) . '. A planner may overrule it, with a reason.'])->withInput();
        }
        $keep(
            $job,
            $balanceSession,
            $passed,
            self::noted($balanceSession, $request),
            $request->user() instanceof User ? $request->user()->name : '',
        );

        return redirect()->route('balance', $job)->with(
            'said',
            $passed ? 'Kept with the serials. The next check is due in a year.' : 'The session is closed without a result.',
        );
    }

    public function csv(Job $job, BalanceSession $balanceSession): Response
    {
        return Csv::response("balance-$job->number-$balanceSession->id", ReadingsCsv::write($balanceSession, Studies::of($job)->system));
    }

    private static function overrules(ReasonRequest $request, Job $job): bool
    {
        return $request->filled('reason') && ($request->user()?->can('plan', $job) ?? false);
    }

    private static function noted(BalanceSession $session, ReasonRequest $request): string
    {
        return trim($session->note . ' ' . $request->string('reason')->trim()->toString());
    }
}
