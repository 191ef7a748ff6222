<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Survey\AddParts;
use App\Http\Pages\BriefPage;
use App\Http\Pages\YardPage;
use App\Http\Requests\ActRequest;
use App\Http\Requests\JobRequest;
use App\Http\Requests\PageQuery;
use App\Http\Workbench;
use App\Models\Customer;
use App\Models\Job;
use App\Models\Place;
use App\Models\Scenario;
use App\Models\Workshop;
use App\Record\Digest;
use App\Record\Files;
use App\Record\PhotoStore;
use App\Record\YardWaits;
use App\Words\Lexicon;
use App\Words\Show;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Pebblefell\Region\Region;

final class JobController extends Controller
{
    /** The Yard: jobs with what each needs next. */
    public function index(PageQuery $request): View
    {
        $jobs = Job::query()->with('customer')->orderByDesc('updated_at')->orderByDesc('id')->simplePaginate(
            (int) config('pebblefell.page'),
        );

        return view(
            'yard',
            ['workshop' => Workshop::current(), 'jobs' => $jobs, 'waits' => YardWaits::all(), 'page' => new YardPage(Workshop::current())],
        );
    }

    public function create(): View
    {
        $job = new Job(['region' => null]);

        return view('jobs.edit', ['job' => $job, ...$this->choices($job, new Show(Workshop::current()->region->units()))]);
    }

    public function store(JobRequest $request, AddParts $addParts): RedirectResponse
    {
        $job = Job::query()->create(self::row($request))->refresh();
        $addParts->row($job, Scenario::class, 's', ['name' => 'Usual day', 'sizing' => true]);

        return redirect()->route('survey', $job)->with('said', 'Job ' . $job->number . ' is open.');
    }

    /** To where the next action waits. */
    public function show(Request $request, Job $job): RedirectResponse
    {
        // What was said on the way here is said at the end of it.
        $request->session()->reflash();

        return redirect()->route(Digest::today($job)['stage'] ?? 'survey', $job);
    }

    public function edit(Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('jobs.edit', null, $this->choices($job, $bench->show));
    }

    public function update(JobRequest $request, Job $job): RedirectResponse
    {
        $job->saveIfUnchanged($request, self::row($request));

        return redirect()->route('survey', $job)->with('said', 'Saved.');
    }

    public function destroy(ActRequest $request, Job $job): RedirectResponse
    {
        $files = [
            ...$job->logFiles()->pluck('path'),
            ...$job->messages()->where('file_path', '!=', '')->pluck('file_path'),
            ...PhotoStore::ofNobodyElse($job),
        ];
        $job->deleteIfUnchanged($request);
        Files::drop(array_values($files), [PhotoStore::folder($job->id)]);

        return redirect()->route('yard')->with('said', 'Job ' . $job->number . ' is deleted.');
    }

    /**
     * A customer whom nobody knows yet is made here.
     *
     * @return array<string, mixed> columns of the job
     */
    private static function row(JobRequest $request): array
    {
        $row = $request->row();

        return $request->newCustomer() === '' ? $row : [
            ...$row,
            'customer_id' => Customer::query()->create(['name' => $request->newCustomer()])->id,
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private function choices(Job $job, Show $units): array
    {
        return [
            'customers' => Customer::query()->orderBy('name')->limit(500)->pluck('name', 'id'),
            'places' => Place::query()->orderBy('name')->pluck('name', 'id'),
            'workshop' => Workshop::current(),
            'regions' => array_combine(array_column(Region::cases(), 'value'), array_map(Lexicon::plain()->name(...), Region::cases())),
            'page' => new BriefPage($job, $units),
        ];
    }
}
