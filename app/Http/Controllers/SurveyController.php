<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SurveyQuery;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Support\Workbench;
use Illuminate\Contracts\View\View;
use Pebblefell\Assessment\Stage;

final class SurveyController extends Controller
{
    public function show(SurveyQuery $request, Job $job): View
    {
        $adding = $request->adding();

        return Workbench::of($job)->view('stages.survey', Stage::Survey, [
            'adding' => $adding,
            'editing' => $request->asked('edit') ?: null,
            'library' => $adding === null ? collect() : LibraryPart::query()->where('kind', $adding->value)->orderBy('make')->orderBy('model')->get(),
        ]);
    }
}
