<?php

declare(strict_types=1);

namespace App\Http\Controllers\Size;

use App\Http\Controllers\Controller;
use App\Http\Requests\Size\StayRequest;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;

/** The typical stay that Size plays through. */
final class StayController extends Controller
{
    public function update(StayRequest $request, Job $job): RedirectResponse
    {
        $job->saveIfUnchanged($request, $request->row($job));

        return redirect()->to($request->backTo(route('size', $job)));
    }
}
