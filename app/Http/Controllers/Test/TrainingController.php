<?php

declare(strict_types=1);

namespace App\Http\Controllers\Test;

use App\Http\Controllers\Controller;
use App\Http\Pages\Test\TrainingPage;
use App\Http\Requests\Test\TrainingQuery;
use App\Http\Workbench;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Pebblefell\Stage;

/** The hunt for a bad joint as practice: nothing is noted in the job. */
final class TrainingController extends Controller
{
    public function __invoke(TrainingQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.test.training', Stage::Test, ['page' => new TrainingPage($bench, $request)]);
    }
}
