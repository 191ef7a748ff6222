<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Csv\Csv;
use App\Csv\PartCsv;
use App\Http\Controllers\Controller;
use App\Http\Requests\CsvRequest;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final class PartCsvController extends Controller
{
    public function show(Job $job): Response
    {
        return Csv::response('parts-' . $job->number, PartCsv::write($job));
    }

    public function store(CsvRequest $request, Job $job): RedirectResponse
    {
        return $request->answer(PartCsv::read($job, $request->fileText()), 'survey', [$job]);
    }
}
