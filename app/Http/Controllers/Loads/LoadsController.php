<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Http\Controllers\Controller;
use App\Http\Requests\Loads\LoadsQuery;
use App\Http\Workbench;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Pagination\LengthAwarePaginator;
use Pebblefell\Stage;
use Pebblefell\Stage\Loads\DaySketch;
use Pebblefell\Stage\Loads\Hint;
use Pebblefell\Stage\Loads\LoadSizing;
use Pebblefell\System\Scenario;

final class LoadsController extends Controller
{
    /** Strips on one page. */
    private const PER_PAGE = 60;

    public function show(LoadsQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);
        $system = $bench->study->system;
        $scenario = $system->scenarios[$request->asked('scenario')] ?? $system->sizingScenario();

        $loads = LoadSizing::of($bench->study, $scenario);
        $page = (int) ($request->askedNumber('page') ?? 1);

        return $bench->view('stages.loads.show', Stage::Loads, [
            'scenario' => $scenario,
            // The row whose lesser figures are open; a row with a fault opens by itself.
            'more' => $request->asked('more') ?: self::faulty($request),
            'scenarioRow' => $scenario === null ? null : $job->scenarios->firstWhere('uid', $scenario->uid),
            'loads' => $loads,
            'day' => DaySketch::of($loads->budget, Workbench::isNarrow()),
            'rows' => new LengthAwarePaginator($job->appliances->forPage($page, self::PER_PAGE)->values(), $job->appliances->count(), self::PER_PAGE, $page, ['path' => route('loads', $job)]),
            'hints' => Hint::rank($loads),
            'heatShare' => $loads->heatingAndCoolingShare(),
            'together' => $bench->study->together(),
            'compared' => array_map(static fn(Scenario $s): LoadSizing => LoadSizing::of($bench->study, $s), array_values($system->scenarios)),
        ]);
    }

    private static function faulty(Request $request): ?string
    {
        $form = $request->session()->getOldInput('_form');

        return is_string($form) && str_starts_with($form, 'a-a') ? substr($form, 2) : null;
    }
}
