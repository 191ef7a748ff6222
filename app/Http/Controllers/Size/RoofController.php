<?php

declare(strict_types=1);

namespace App\Http\Controllers\Size;

use App\Actions\ApplyChanges;
use App\Http\Controllers\Controller;
use App\Http\Requests\Size\RoofRequest;
use App\Models\Job;
use App\Record\Studies;
use App\Words\Lexicon;
use Illuminate\Http\RedirectResponse;

/** Panels laid on the roof. */
final class RoofController extends Controller
{
    public function update(RoofRequest $request, Job $job, ApplyChanges $apply): RedirectResponse
    {
        if ($request->isOfThings()) {
            $job->saveIfUnchanged($request, ['details' => $request->details($job)]);

            return redirect()->to(route('size', $job) . '#fold-roof')->with('said', 'What stands on the roof is kept.');
        }
        $apply($job, $request->changes(Studies::of($job)->system));

        return redirect()->to(route('size', $job) . '#fold-roof')->with(
            'said',
            Lexicon::plain()->word($request->boolean('free') ? 'size.roof.free' : 'size.roof.placed'),
        );
    }
}
