<?php

declare(strict_types=1);

namespace App\Http\Controllers\Test;

use App\Csv\Csv;
use App\Csv\TestCsv;
use App\Http\Controllers\Controller;
use App\Http\Requests\CsvRequest;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** The test sheet as a table, out; readings of an instrument, as a table or as JSON lines, in. */
final class ReadingsController extends Controller
{
    public function show(Job $job): Response
    {
        return Csv::response('test-' . $job->number, TestCsv::write($job));
    }

    public function store(CsvRequest $request, Job $job): RedirectResponse
    {
        return $request->answer(TestCsv::read($job, $request->fileText(), $this->user($request)), 'test', [$job]);
    }
}
