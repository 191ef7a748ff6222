<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Controllers\Controller;
use App\Http\Requests\Survey\SurveyQuery;
use App\Http\Workbench;
use App\Models\Job;
use App\Models\LibraryPart;
use Illuminate\Contracts\View\View;
use Pebblefell\Stage;

final class SurveyController extends Controller
{
    public function show(SurveyQuery $request, Job $job): View
    {
        $adding = $request->adding();

        return Workbench::of($job)->view('stages.survey.show', Stage::Survey, [
            'adding' => $adding,
            'editing' => $request->asked('edit') ?: null,
            'library' => $adding === null ? collect() : LibraryPart::query()->where('kind', $adding->value)->orderBy('make')->orderBy('model')->get(),
        ]);
    }
}
