<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Csv\ApplianceCsv;
use App\Csv\Csv;
use App\Http\Controllers\Controller;
use App\Http\Requests\CsvRequest;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final class ApplianceCsvController extends Controller
{
    public function show(Job $job): Response
    {
        return Csv::response('loads-' . $job->number, ApplianceCsv::write($job));
    }

    public function store(CsvRequest $request, Job $job): RedirectResponse
    {
        return $request->answer(ApplianceCsv::read($job, $request->fileText()), 'loads', [$job]);
    }
}
