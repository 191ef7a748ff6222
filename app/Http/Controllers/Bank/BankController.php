<?php

declare(strict_types=1);

namespace App\Http\Controllers\Bank;

use App\Actions\ApplyChanges;
use App\Http\Controllers\Controller;
use App\Http\Desks\Bank\BankDesk;
use App\Http\Pages\Bank\BankAnswers;
use App\Http\Pages\Bank\BankPage;
use App\Http\Pages\Bank\WakingPage;
use App\Http\Requests\Bank\BankQuery;
use App\Http\Requests\Bank\OrderRequest;
use App\Http\Requests\Bank\WireRequest;
use App\Http\Workbench;
use App\Models\Job;
use App\Record\Studies;
use App\Words\Lexicon;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Bank\Layout;
use Pebblefell\Stage;
use Pebblefell\Stage\Bank\BankWiring;
use Pebblefell\System\Part;

/** The bank's links and take-offs: looked at in any layout, and drawn into the plan. */
final class BankController extends Controller
{
    public function show(BankQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);
        $page = new BankPage($bench, BankDesk::of($request, $bench->study));

        return $bench->view('stages.bank.show', Stage::Bank, [
            'page' => $page,
            'wakes' => new WakingPage($bench),
            'answers' => new BankAnswers($bench, $page),
        ]);
    }

    public function update(WireRequest $request, Job $job, ApplyChanges $apply): RedirectResponse
    {
        $study = Studies::of($job);
        abort_if($study->banks()->planned->bank === null, 404);
        $layout = Layout::from($request->string('layout')->toString());
        $takeoffs = $request->filled('plus') && $layout !== Layout::Posts ? [$request->integer('plus'), $request->integer('minus')] : null;
        [$mm2, $linkM, $leadM] = array_map(static fn(string $key): float => (float) $request->input($key), ['mm2', 'link_m', 'lead_m']);
        $apply($job, BankWiring::changes($study, $layout, $takeoffs, $mm2, $linkM, $leadM));

        return redirect()->route('bank', $job)->with('said', 'The bank is joined ' . Lexicon::plain()->name($layout) . ' in the plan.');
    }

    /** Another order of the batteries, by their numbers as they stand: "2 1 3 4". */
    public function order(OrderRequest $request, Job $job, ApplyChanges $apply): RedirectResponse
    {
        $study = Studies::of($job);
        $uids = array_map(static fn(Part $p): string => $p->uid, $study->banks()->planned->parts);
        $numbers = $request->numbers();
        $sorted = $numbers;
        sort($sorted);
        if ($uids === [] || $sorted !== range(1, count($uids))) {
            return redirect()->route('bank', $job)->withInput()->withErrors(['order' => 'Every number from 1 to ' . count($uids)
                . ' once.']);
        }
        $apply($job, BankWiring::ordered($study, array_map(static fn(int $n): string => $uids[$n - 1], $numbers)));

        return redirect()->route('bank', $job)->with('said', 'The batteries stand in their new order.');
    }
}
