<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Activity;
use App\Models\Job;
use App\Support\Workbench;
use Illuminate\Contracts\View\View;

/** Who changed what in a job. */
final class HistoryController extends Controller
{
    public function __invoke(Job $job): View
    {
        return Workbench::of($job)->view('history', null, [
            'activities' => Activity::query()->where('job_id', $job->id)->with('causer')->orderByDesc('id')->simplePaginate(50),
        ]);
    }
}
