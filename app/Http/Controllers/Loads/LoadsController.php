<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Http\Controllers\Controller;
use App\Http\Pages\Loads\LoadsPage;
use App\Http\Requests\Loads\LoadsQuery;
use App\Http\Workbench;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Pebblefell\Stage;

final class LoadsController extends Controller
{
    public function show(LoadsQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);
        $system = $bench->study->system;
        $scenario = $system->scenarios[$request->asked('scenario')] ?? $system->sizingScenario();
        // The row whose lesser figures are open; a row with a fault opens by itself.
        $more = $request->asked('more') ?: self::faulty($request);

        return $bench->view(
            'stages.loads.show',
            Stage::Loads,
            [
                'may' => $request->user()?->can('survey', $job) === true,
                'page' => new LoadsPage($bench, $scenario, $more, (int) ($request->askedNumber('page') ?? 1)),
            ],
        );
    }

    private static function faulty(Request $request): ?string
    {
        $form = $request->session()->getOldInput('_form');

        return is_string($form) && str_starts_with($form, 'a-a') ? substr($form, 2) : null;
    }
}
