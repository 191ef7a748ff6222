<?php

declare(strict_types=1);

namespace App\Http\Controllers\Settings;

use App\Http\Controllers\Controller;
use App\Http\Pages\Settings\StepPage;
use App\Http\Requests\Settings\StepQuery;
use App\Http\Workbench;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Pebblefell\Stage;

/** The boxes one by one, for busy hands. */
final class StepController extends Controller
{
    public function show(StepQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.settings.step', Stage::Settings, ['page' => new StepPage($bench, (int) $request->askedNumber('at'))]);
    }
}
