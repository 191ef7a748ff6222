<?php

declare(strict_types=1);

namespace App\Http\Controllers\DayPlan;

use App\Http\Controllers\Controller;
use App\Http\Pages\DayPlan\DayPlanPage;
use App\Http\Pages\DayPlan\SheetPage;
use App\Http\Requests\DayPlan\DayPlanRequest;
use App\Http\Workbench;
use App\Models\DayPlan;
use App\Models\Job;
use App\Record\DayDesk;
use App\Record\Studies;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Pebblefell\Stage;
use Sabre\VObject\Component\VCalendar;

/** The run sheet of a job and when it runs. */
final class DayPlanController extends Controller
{
    public function index(Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.day-plan.show', Stage::DayPlan, ['page' => new DayPlanPage($bench, DayDesk::of($job, $bench->study))]);
    }

    /** The same, a step a screen, for a phone in the van. */
    public function show(Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.day-plan.steps', Stage::DayPlan, ['page' => new SheetPage($bench, DayDesk::of($job, $bench->study))]);
    }

    public function update(DayPlanRequest $request, Job $job): RedirectResponse
    {
        $plan = $job->dayPlan()->first();
        if ($plan === null) {
            $plan = new DayPlan([...$request->plan(), 'ends_at' => $request->plan()['starts_at']]);
            $plan->forceFill(['job_id' => $job->id])->save();
        } else {
            $plan->saveIfUnchanged($request, $request->plan());
        }
        $job->unsetRelation('dayPlan');
        DayDesk::of($job, Studies::of($job))->keepEnd();

        return redirect()->route('day-plan', $job)->with('said', 'Planned.');
    }

    /** Serves what is left of the day as a calendar file (RFC 5545). */
    public function ics(Job $job): Response
    {
        $bench = Workbench::of($job);
        $page = new DayPlanPage($bench, DayDesk::of($job, $bench->study));
        $calendar = new VCalendar(['PRODID' => '-//Pebblefell//Day plan//EN']);
        foreach ($page->tasks() as $task) {
            $calendar->add('VEVENT', [
                'UID' => "day-$job->id-$task[id]@pebblefell",
                'SUMMARY' => "$job->title: $task[name]",
                'DTSTART' => $task['from']->utc()->toDateTimeImmutable(),
                'DTEND' => $task['to']->utc()->toDateTimeImmutable(),
                'TRANSP' => $task['wait'] ? 'TRANSPARENT' : 'OPAQUE',
                'LOCATION' => $job->dayPlan->bay ?? '',
                'DESCRIPTION' => route('day-plan', $job),
            ]);
        }

        return response($calendar->serialize(), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"day-plan-$job->number.ics\"",
        ]);
    }
}
