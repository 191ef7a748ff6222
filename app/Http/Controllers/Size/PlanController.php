<?php

declare(strict_types=1);

namespace App\Http\Controllers\Size;

use App\Actions\ApplyChanges;
use App\Actions\KeepChoice;
use App\Http\Controllers\Controller;
use App\Http\Requests\Size\PlanRequest;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Record\Studies;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Stage\Size\Chosen;

/** A point of the endurance map becomes the plan, or a choice beside it. */
final class PlanController extends Controller
{
    public function update(PlanRequest $request, Job $job, ApplyChanges $apply, KeepChoice $keep): RedirectResponse
    {
        $battery = LibraryPart::query()->where('kind', 'battery')->findOrFail($request->integer('battery'));
        $panel = LibraryPart::query()->where('kind', 'panel')->findOrFail($request->integer('panel'));
        $changes = Chosen::plan(
            Studies::of($job)->system,
            $battery->asPart(),
            $request->integer('batteries'),
            $panel->asPart(),
            $request->integer('panels'),
        );
        $words = sprintf(
            '%d × %s and %d × %s',
            $request->integer('batteries'),
            $battery->name(),
            $request->integer('panels'),
            $panel->name(),
        );
        $choice = $request->choice();
        if ($choice !== null) {
            $keep($job, $choice, $changes);

            return redirect()->to(route('size', $job) . '#choices')->with('said', "“{$choice['name']}” is kept as a choice: $words.");
        }
        $apply($job, $changes);

        return redirect()->route('size', $job)->with('said', "$words are the plan.");
    }
}
