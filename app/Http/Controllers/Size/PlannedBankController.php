<?php

declare(strict_types=1);

namespace App\Http\Controllers\Size;

use App\Actions\ApplyChanges;
use App\Actions\KeepChoice;
use App\Http\Controllers\Controller;
use App\Http\Requests\Size\PlannedBankRequest;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Record\Studies;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Stage\Size\Chosen;

/** The planned house bank, or a choice beside it. */
final class PlannedBankController extends Controller
{
    public function update(PlannedBankRequest $request, Job $job, ApplyChanges $apply, KeepChoice $keep): RedirectResponse
    {
        $system = Studies::of($job)->system;
        if ($request->boolean('keep_found')) {
            $apply($job, Chosen::found($system));

            return redirect()->route('size', $job)->with('said', 'The bank that is there stays.');
        }
        $battery = LibraryPart::query()->where('kind', 'battery')->findOrFail($request->integer('library_part_id'));
        $changes = Chosen::bank($system, $battery->asPart(), $request->integer('count'));
        $words = $request->integer('count') . ' × ' . $battery->name();
        $choice = $request->choice();
        if ($choice !== null) {
            $keep($job, $choice, $changes);

            return redirect()->to(route('size', $job) . '#choices')->with('said', "“{$choice['name']}” is kept as a choice: $words.");
        }
        $apply($job, $changes);

        return redirect()->route('size', $job)->with('said', "$words is the plan.");
    }
}
