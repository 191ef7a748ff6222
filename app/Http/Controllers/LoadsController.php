<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LoadsQuery;
use App\Models\Job;
use App\Support\Workbench;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Pagination\LengthAwarePaginator;
use Pebblefell\Assessment\Stage;
use Pebblefell\Sizing\Hint;
use Pebblefell\Sizing\LoadSizing;
use Pebblefell\Stage\Loads\DaySketch;
use Pebblefell\System\Scenario;

final class LoadsController extends Controller
{
    /** Strips on one page. */
    private const PER_PAGE = 60;

    public function show(LoadsQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);
        $system = $bench->assessment->sums->system;
        $scenario = $system->scenarios[$request->asked('scenario')] ?? $system->sizingScenario();

        $loads = LoadSizing::of($system, $scenario);
        $page = (int) ($request->askedNumber('page') ?? 1);

        return $bench->view('stages.loads', Stage::Loads, [
            'scenario' => $scenario,
            // The row whose lesser figures are open; a row with a fault opens by itself.
            'more' => $request->asked('more') ?: self::faulty($request),
            'scenarioRow' => $scenario === null ? null : $job->scenarios->firstWhere('uid', $scenario->uid),
            'loads' => $loads,
            'day' => DaySketch::of($loads->budget, Workbench::isNarrow()),
            'rows' => new LengthAwarePaginator($job->appliances->forPage($page, self::PER_PAGE)->values(), $job->appliances->count(), self::PER_PAGE, $page, ['path' => route('loads', $job)]),
            'hints' => Hint::rank($loads),
            'heatShare' => $loads->heatingAndCoolingShare(),
            'together' => LoadSizing::together($bench->assessment->sums),
            'compared' => array_map(static fn(Scenario $s): LoadSizing => LoadSizing::of($system, $s), array_values($system->scenarios)),
        ]);
    }

    private static function faulty(Request $request): ?string
    {
        $form = $request->session()->getOldInput('_form');

        return is_string($form) && str_starts_with($form, 'a-a') ? substr($form, 2) : null;
    }
}
