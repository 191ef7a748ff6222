<?php

declare(strict_types=1);

namespace App\Http\Controllers\Settings;

use App\Http\Controllers\Controller;
use App\Http\Requests\ActRequest;
use App\Http\Requests\Settings\BoxWordRequest;
use App\Models\BoxWord;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;

/** The workshop's own words for what stands on boxes. */
final class BoxWordController extends Controller
{
    public function store(BoxWordRequest $request, Job $job): RedirectResponse
    {
        $word = $request->string('word')->toString();
        BoxWord::query()->updateOrCreate(['word' => $word], ['parameter' => $request->string('parameter')->toString()]);

        return redirect()->to(route('settings', [$job, 'word' => $word]) . '#fold-words')->with('said', 'The word is noted for every job.');
    }

    public function destroy(ActRequest $request, Job $job, BoxWord $boxWord): RedirectResponse
    {
        $boxWord->delete();

        return redirect()->to(route('settings', $job) . '#fold-words')->with('said', 'The word is taken away.');
    }
}
