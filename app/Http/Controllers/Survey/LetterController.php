<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Controllers\Controller;
use App\Http\Pages\Survey\LetterPage;
use App\Http\Requests\Survey\LetterQuery;
use App\Http\Workbench;
use App\Models\Job;
use Illuminate\Contracts\View\View;

/** Questions to the supplier, as letters to copy or print. */
final class LetterController extends Controller
{
    public function show(LetterQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.survey.letter', null, ['page' => new LetterPage($bench, $request->language())]);
    }
}
