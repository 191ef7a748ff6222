<?php

declare(strict_types=1);

namespace App\Http\Controllers\Settings;

use App\Http\Controllers\Controller;
use App\Http\Requests\Settings\ProgrammingRequest;
use App\Models\Job;
use App\Models\Part;
use Illuminate\Http\RedirectResponse;

/** Tool, account and firmware of a device: as many rounds as it takes until none is newer. */
final class ProgrammingController extends Controller
{
    public function update(ProgrammingRequest $request, Job $job, Part $part): RedirectResponse
    {
        $part->saveIfUnchanged($request, $request->row($part));
        $newest = ($part->data['firmware_newest'] ?? false) === true;

        return redirect()->to(route('settings', $job) . "#fold-set-$part->uid")->with('said', $part->name() . ': saved.'
            . ($part->firmware !== '' && !$newest ? ' Look once more: after an update there may be a newer one.' : ''));
    }
}
