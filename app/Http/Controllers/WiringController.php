<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\WireBank;
use App\Http\Requests\WireRequest;
use App\Models\Job;
use App\Support\BankDesk;
use App\Support\Workbench;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Pebblefell\Assessment\Stage;
use Pebblefell\Bank\Layout;

/** The bank's links and take-offs: looked at in any layout, and drawn into the plan. */
final class WiringController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.bank', Stage::Bank, ['desk' => BankDesk::of($request, $bench->assessment->sums)]);
    }

    public function update(WireRequest $request, Job $job, WireBank $wire): RedirectResponse
    {
        abort_if(Workbench::of($job)->assessment->sums->banks->planned->bank === null, 404);
        $layout = Layout::from($request->string('layout')->toString());
        $wire($job, $layout, $request->filled('plus') && $layout !== Layout::Posts ? [$request->integer('plus'), $request->integer('minus')] : null, (float) $request->input('mm2'), (float) $request->input('link_m'), (float) $request->input('lead_m'));

        return redirect()->route('bank', $job)->with('said', 'The bank is joined ' . $layout->label() . ' in the plan.');
    }
}
