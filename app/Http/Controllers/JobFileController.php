<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\JobFileRequest;
use App\Models\Job;
use App\Record\JobFiles;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

final class JobFileController extends Controller
{
    public function show(Job $job): Response
    {
        return new Response(JobFiles::export($job, true), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="' . (Str::slug($job->title) ?: 'job') . '.pebblefell.json"',
        ]);
    }

    public function create(): View
    {
        return view('jobs.import');
    }

    public function store(JobFileRequest $request): RedirectResponse
    {
        [$system, $tree, $faults] = JobFiles::read($request->fileText());
        if ($system === null) {
            return back()->withErrors(['file' => 'The file is refused; nothing was changed.'])->with('faults', array_slice($faults, 0, 50));
        }
        $job = JobFiles::import($system, $tree);

        return redirect()->route('jobs.show', $job)->with('said', 'The file is in as job ' . $job->number . '.');
    }
}
