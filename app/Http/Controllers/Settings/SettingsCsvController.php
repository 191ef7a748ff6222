<?php

declare(strict_types=1);

namespace App\Http\Controllers\Settings;

use App\Csv\Csv;
use App\Csv\SettingsCsv;
use App\Http\Controllers\Controller;
use App\Http\Requests\CsvRequest;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** A job's settings as a table, out and in. */
final class SettingsCsvController extends Controller
{
    public function show(Job $job): Response
    {
        return Csv::response('settings-' . $job->number, SettingsCsv::write($job));
    }

    public function store(CsvRequest $request, Job $job): RedirectResponse
    {
        return $request->answer(SettingsCsv::read($job, $request->fileText(), $this->user($request)), 'settings', [$job]);
    }
}
