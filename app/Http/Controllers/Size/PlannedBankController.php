<?php

declare(strict_types=1);

namespace App\Http\Controllers\Size;

use App\Actions\Size\ChooseBank;
use App\Http\Controllers\Controller;
use App\Http\Requests\Size\PlannedBankRequest;
use App\Models\Job;
use App\Models\LibraryPart;
use Illuminate\Http\RedirectResponse;

/** The planned house bank. */
final class PlannedBankController extends Controller
{
    public function update(PlannedBankRequest $request, Job $job, ChooseBank $choose): RedirectResponse
    {
        if ($request->boolean('keep_found')) {
            $choose->keepFound($job);

            return redirect()->route('size', $job)->with('said', 'The bank that is there stays.');
        }
        $battery = LibraryPart::query()->where('kind', 'battery')->findOrFail($request->integer('library_part_id'));
        $choose($job, $battery, $request->integer('count'));

        return redirect()->route('size', $job)->with('said', $request->integer('count') . ' × ' . $battery->name() . ' is the plan.');
    }
}
