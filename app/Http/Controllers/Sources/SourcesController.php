<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sources;

use App\Http\Controllers\Controller;
use App\Http\Pages\Sources\SourcesAnswers;
use App\Http\Pages\Sources\SourcesPage;
use App\Http\Requests\Sources\SourcesQuery;
use App\Http\Workbench;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Pebblefell\Stage;

final class SourcesController extends Controller
{
    public function show(SourcesQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view(
            'stages.sources.show',
            Stage::Sources,
            [
                'page' => new SourcesPage($bench, $request->month()),
                'answers' => new SourcesAnswers($bench),
                'sun' => $bench->study->simulations->sun(),
            ],
        );
    }
}
