<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChooseBank;
use App\Http\Requests\BankRequest;
use App\Models\Job;
use App\Models\LibraryPart;
use Illuminate\Http\RedirectResponse;

/** The planned house bank. */
final class BankController extends Controller
{
    public function update(BankRequest $request, Job $job, ChooseBank $choose): RedirectResponse
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
