<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Csv\MonitorCsv;
use App\Http\Controllers\Controller;
use App\Http\Requests\Loads\TrialCsvRequest;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;

/** A monitor's log of a trial stay. It is read, not kept; which column is which is kept for the next one of its kind. */
final class TrialCsvController extends Controller
{
    public function store(TrialCsvRequest $request, Job $job): RedirectResponse
    {
        $readings = MonitorCsv::readings(
            $request->fileText(),
            $request->string('time_column')->trim()->toString(),
            $request->string('charge_column')->trim()->toString(),
        );

        return redirect()->route('trial.show', [$job, ...$readings]);
    }
}
