<?php

declare(strict_types=1);

namespace App\Http\Controllers\Wiring;

use App\Actions\ApplyChanges;
use App\Http\Controllers\Controller;
use App\Http\Pages\Wiring\LeadsPage;
use App\Http\Requests\Wiring\LeadsRequest;
use App\Http\Workbench;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Stage;

/** Leads typed as lines: shown back as they were read, then laid on the plan, all or none. */
final class LeadsController extends Controller
{
    public function store(LeadsRequest $request, Job $job, ApplyChanges $apply): View|RedirectResponse
    {
        $bench = Workbench::of($job);
        $page = new LeadsPage($bench, $request->string('leads')->toString());
        if (!$request->boolean('keep') || !$page->allRead() || $page->seen() !== $request->string('seen')->toString()) {
            return $bench->view('stages.wiring.leads', Stage::Wiring, [
                'page' => $page,
                'text' => $request->string('leads')->toString(),
                'moved' => $request->boolean('keep') && $page->allRead(),
            ]);
        }
        $apply($job, $page->changes());

        return redirect()->route('wiring', $job)->with('said', 'The leads are in the plan.');
    }
}
