<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\LibraryPart;
use App\Support\Workbench;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Pebblefell\Assessment\Stage;
use Pebblefell\System\PartKind;

final class SurveyController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        $adding = PartKind::tryFrom($request->string('add')->toString());

        return Workbench::of($job)->view('stages.survey', Stage::Survey, [
            'adding' => $adding,
            'editing' => $request->string('edit')->toString() ?: null,
            'library' => $adding === null ? collect() : LibraryPart::query()->where('kind', $adding->value)->orderBy('make')->orderBy('model')->get(),
        ]);
    }
}
