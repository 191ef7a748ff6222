<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Controllers\Controller;
use App\Http\Pages\Survey\SurveyPage;
use App\Http\Pages\Survey\WiringChoices;
use App\Http\Requests\Survey\SurveyQuery;
use App\Http\Workbench;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Pebblefell\Stage;

final class SurveyController extends Controller
{
    public function show(SurveyQuery $request, Job $job): View
    {
        $adding = $request->adding();
        $bench = Workbench::of($job);

        return $bench->view('stages.survey.show', Stage::Survey, [
            'page' => new SurveyPage($bench),
            'wiring' => new WiringChoices($bench->study->system, $bench->say),
            'adding' => $adding,
            'editing' => $request->asked('edit') ?: null,
        ]);
    }
}
