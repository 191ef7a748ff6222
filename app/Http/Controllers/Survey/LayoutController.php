<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Actions\Survey\StartFromLayout;
use App\Http\Controllers\Controller;
use App\Http\Requests\Survey\TypicalLayoutRequest;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;

/** A survey that starts from what is usually found. */
final class LayoutController extends Controller
{
    public function store(TypicalLayoutRequest $request, Job $job, StartFromLayout $start): RedirectResponse
    {
        $count = $start($job, $request->string('layout')->toString());

        return redirect()->route('survey', $job)->with(
            'said',
            "$count parts are in, all their figures assumed: correct what the labels say.",
        );
    }
}
