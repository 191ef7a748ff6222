<?php

declare(strict_types=1);

namespace App\Http\Controllers\Size;

use App\Actions\Size\ChoosePlan;
use App\Http\Controllers\Controller;
use App\Http\Requests\Size\PlanRequest;
use App\Models\Job;
use App\Models\LibraryPart;
use Illuminate\Http\RedirectResponse;

/** A point of the endurance map becomes the plan. */
final class PlanController extends Controller
{
    public function update(PlanRequest $request, Job $job, ChoosePlan $choose): RedirectResponse
    {
        $battery = LibraryPart::query()->where('kind', 'battery')->findOrFail($request->integer('battery'));
        $panel = LibraryPart::query()->where('kind', 'panel')->findOrFail($request->integer('panel'));
        $choose($job, $battery, $request->integer('batteries'), $panel, $request->integer('panels'));

        return redirect()->route('size', $job)->with('said', sprintf('%d × %s and %d × %s are the plan.', $request->integer('batteries'), $battery->name(), $request->integer('panels'), $panel->name()));
    }
}
