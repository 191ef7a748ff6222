<?php

declare(strict_types=1);

namespace App\Http\Controllers\Wiring;

use App\Http\Controllers\Controller;
use App\Http\Pages\Wiring\WiringPage;
use App\Http\Requests\Wiring\WiringQuery;
use App\Http\Workbench;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Pebblefell\Stage;

/** The circuit that hangs on the bank, and what if a part of it opens. */
final class WiringController extends Controller
{
    public function show(WiringQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.wiring.show', Stage::Wiring, ['page' => new WiringPage($bench, $request)]);
    }
}
