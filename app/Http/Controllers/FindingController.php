<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ApplyChanges;
use App\Http\Requests\FindingRequest;
use App\Http\Workbench;
use App\Models\Answer;
use App\Models\Job;
use App\Record\Studies;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Assessment\Verdict;

/** A planner's answer to a finding: accepted, overruled with a reason, or its remedy applied. */
final class FindingController extends Controller
{
    private const GONE = 'That finding has gone, has been answered or stands on other figures now: the job has changed meanwhile.';

    public function store(FindingRequest $request, Job $job): RedirectResponse
    {
        $back = redirect()->to($request->backTo(route('jobs.show', $job)));
        $verdict = $this->verdict($request, $job);
        if ($verdict === null) {
            return $back->with('said', self::GONE);
        }
        $answer = new Answer([
            'finding' => $verdict->finding->key(),
            'fingerprint' => $verdict->finding->fingerprint(),
            'answer' => $request->string('answer')->toString(),
            'reason' => $request->string('reason')->toString(),
            'answered_by' => $this->user($request)->name,
            'answered_at' => now()->toIso8601ZuluString(),
        ]);
        $answer->job()->associate($job);
        $answer->save();

        return $back;
    }

    public function apply(FindingRequest $request, Job $job, ApplyChanges $apply): RedirectResponse
    {
        $verdict = $this->verdict($request, $job);
        if ($verdict === null || !$verdict->finding->appliesItself()) {
            return redirect()->to($request->backTo(route('jobs.show', $job)))->with('said', self::GONE);
        }
        $apply($job, $verdict->finding->changes);

        return redirect()->to($request->backTo(route('jobs.show', $job)))->with(
            'said',
            'Done: ' . lcfirst(Workbench::of($job->refresh())->say->finding($verdict->finding)->remedy) . '.',
        );
    }

    /** The finding as it stands now, if nobody has answered it and it still rests on what the person saw. */
    private function verdict(FindingRequest $request, Job $job): ?Verdict
    {
        $verdict = Studies::of($job)->assessment()->find($request->string('finding')->toString());

        return $verdict !== null && $verdict->isOpen()
            && $verdict->finding->fingerprint() === $request->string('fingerprint')->toString() ? $verdict : null;
    }
}
