<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Support\Workbench;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Pebblefell\Assessment\Stage;
use Pebblefell\Sizing\LoadSizing;

final class LoadsController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        $bench = Workbench::of($job);
        $system = $bench->assessment->sums->system;
        $scenario = $system->scenarios[$request->string('scenario')->toString()] ?? $system->sizingScenario();

        return $bench->view('stages.loads', Stage::Loads, [
            'scenario' => $scenario,
            'scenarioRow' => $scenario === null ? null : $job->scenarios->firstWhere('uid', $scenario->uid),
            'loads' => LoadSizing::of($system, $scenario),
        ]);
    }
}
