<?php

declare(strict_types=1);

namespace App\Http\Controllers\Settings;

use App\Http\Controllers\Controller;
use App\Http\Requests\ActRequest;
use App\Http\Requests\Settings\SecretRequest;
use App\Http\Workbench;
use App\Models\Job;
use App\Models\Part;
use App\Models\Secret;
use App\Words\Lexicon;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Pebblefell\Stage;

/** Codes under seal. */
final class SecretController extends Controller
{
    public function store(SecretRequest $request, Job $job, Part $part): RedirectResponse
    {
        $secret = new Secret(
            ['part_uid' => $part->uid, 'label' => $request->string('label')->toString(), 'entered_by' => $this->user($request)->name],
        );
        $secret->sealed = $request->string('code')->toString();
        $secret->job()->associate($job)->save();

        return redirect()->to(route('settings', $job) . "#fold-set-$part->uid")->with('said', 'The code is under seal.');
    }

    /** Shows it once, on a page that nothing keeps; that it was shown is in the history. */
    public function show(ActRequest $request, Job $job, Secret $secret): Response
    {
        $part = $job->parts()->where('uid', $secret->part_uid)->firstOrFail();
        activity()->performedOn($secret)->causedBy($this->user($request))->event('shown')
            ->log(Lexicon::plain()->word('history.looked', ['label' => $secret->label, 'part' => $part->name()]));
        $bench = Workbench::of($job);

        return response($bench->view('stages.settings.secret', Stage::Settings, ['secret' => $secret, 'part' => $part]))
            ->header('Cache-Control', 'no-store');
    }

    public function destroy(ActRequest $request, Job $job, Secret $secret): RedirectResponse
    {
        $secret->delete();

        return redirect()->to(route('settings', $job) . "#fold-set-$secret->part_uid")->with('said', 'The code is destroyed.');
    }
}
