<?php

declare(strict_types=1);

namespace App\Http\Controllers\Aftercare;

use App\Actions\NoteTick;
use App\Http\Controllers\Controller;
use App\Http\Pages\Aftercare\AftercarePage;
use App\Http\Requests\Aftercare\ReplaceQuery;
use App\Http\Requests\Aftercare\VisitRequest;
use App\Http\Workbench;
use App\Models\Job;
use App\Models\Tick;
use App\Models\Workshop;
use App\Record\Milestones;
use App\Record\Studies;
use App\Words\Lexicon;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Pebblefell\Stage;
use Pebblefell\Stage\Handover\Warranty;
use Pebblefell\Stage\NotedTick as Noted;
use Sabre\VObject\Component\VCalendar;
use Symfony\Component\Uid\Uuid;

/** Follows a system after it went home: visits, drift, the next one due. */
final class AftercareController extends Controller
{
    private const FIRST = 'A visit follows a handover: issue the pack first.';

    public function index(ReplaceQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);
        $page = new AftercarePage($bench);

        return $bench->view(
            'stages.aftercare.show',
            Stage::Aftercare,
            ['page' => $page, 'replace' => $page->replaced($request->asked('replace')), 'replaces' => $request->asked('replace')],
        );
    }

    public function store(VisitRequest $request, Job $job, NoteTick $note): RedirectResponse
    {
        self::onlyIf(Milestones::lastSeen($job) !== null, self::FIRST);
        $note($job, Tick::VISIT, [
            'step' => 'visit '
                . Uuid::v4(), 'state' => Noted::DONE, 'value' => null, 'amps' => null, 'note' => $request->note(), 'at' => $request->at(),
            'by' => $this->user($request)->name, 'client_id' => null,
        ], static fn() => null, static fn() => null);

        return redirect()->route('aftercare', $job)->with('said', 'The visit is kept; the next one is due in a year.');
    }

    /** The next visit as a calendar file, a year after the last (RFC 5545). */
    public function ics(Job $job): Response
    {
        $due = Milestones::caredUntil($job);
        if ($due === null) {
            abort(409, self::FIRST);
        }
        $calendar = new VCalendar(['PRODID' => '-//Pebblefell//Aftercare//EN']);
        $calendar->add('VEVENT', [
            'UID' => "visit-$job->id@pebblefell",
            'SUMMARY' => "$job->title: yearly check",
            'DTSTART;VALUE=DATE' => Workshop::current()->local($due)->format('Ymd'),
            'RRULE' => 'FREQ=YEARLY',
            'DESCRIPTION' => route('aftercare', $job),
        ]);

        // A month before a maker no longer stands by a part.
        foreach (Warranty::ofAll(array_values(Studies::of($job)->planned()->parts)) as $warranty) {
            if ($warranty->until() !== '') {
                $calendar->add('VEVENT', [
                    'UID' => "warranty-$job->id-{$warranty->part->uid}@pebblefell",
                    'SUMMARY' => "$job->title: warranty of " . Lexicon::plain()->part($warranty->part) . ' ends ' . $warranty->until(),
                    'DTSTART;VALUE=DATE' => CarbonImmutable::parse($warranty->until())->subMonthNoOverflow()->format('Ymd'),
                    'DESCRIPTION' => route('handover', $job),
                ]);
            }
        }

        return response($calendar->serialize(), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"visit-$job->number.ics\"",
        ]);
    }
}
