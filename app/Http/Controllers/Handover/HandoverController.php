<?php

declare(strict_types=1);

namespace App\Http\Controllers\Handover;

use App\Actions\Handover\IssueHandover;
use App\Http\Controllers\Controller;
use App\Http\Pages\Handover\HandoverPage;
use App\Http\Requests\ActRequest;
use App\Http\Requests\Handover\HandoverRequest;
use App\Http\Workbench;
use App\Models\Handover;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Pebblefell\Stage;

final class HandoverController extends Controller
{
    public function index(Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.handover.show', Stage::Handover, ['page' => new HandoverPage($bench)]);
    }

    public function store(HandoverRequest $request, Job $job, IssueHandover $issue): RedirectResponse
    {
        // What can hurt someone goes out with a planner's name and reason, or not at all.
        $bench = Workbench::of($job);
        $open = (new HandoverPage($bench))->openStops();
        if ($open !== []) {
            throw ValidationException::withMessages(['form' => 'No pack yet: each stop needs a planner’s name and reason first. Open: '
                . implode('; ', $open) . '.']);
        }
        $handover = $issue($job, $this->user($request), $request->expiresOn());

        return redirect()->route('handover', $job)->with('said', 'Pack ' . $handover->number . ' is issued. Give the customer its link.');
    }

    /** Takes the link back; the record stays. */
    public function destroy(ActRequest $request, Job $job, Handover $handover): RedirectResponse
    {
        self::onlyIf($handover->revoked_at === null, 'That link has been taken back already.');
        $handover->update(['revoked_at' => now()]);

        return redirect()->route('handover', $job)->with('said', 'The link of pack ' . $handover->number . ' no longer opens.');
    }
}
