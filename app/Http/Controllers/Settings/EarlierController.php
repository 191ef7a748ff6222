<?php

declare(strict_types=1);

namespace App\Http\Controllers\Settings;

use App\Http\Controllers\Controller;
use App\Http\Pages\Settings\EarlierSettings;
use App\Http\Requests\Settings\EarlierRequest;
use App\Http\Workbench;
use App\Models\Job;
use App\Models\Part;
use App\Models\Setting;
use Illuminate\Http\RedirectResponse;

/** The sheet of an earlier system with the same device, taken over into the plan in one press. */
final class EarlierController extends Controller
{
    public function update(EarlierRequest $request, Job $job, Part $part): RedirectResponse
    {
        $back = redirect()->to(route('settings', $job) . '#fold-set-' . $part->uid);
        $bench = Workbench::of($job);
        $device = array_values(
            array_filter($bench->study->settings()->devices, static fn(array $d): bool => $d['part']->uid === $part->uid),
        )[0] ?? null;
        $earlier = new EarlierSettings($bench);
        if ($device === null || $earlier->mark($device['part'], $device['rows']) !== $request->input('seen')) {
            return $back->withErrors(['form' => 'The sheet, or the earlier one, has changed since you saw it: look again.']);
        }
        foreach ($earlier->differing($device['part'], $device['rows']) as $parameter => $value) {
            $row = $job->settings()->where('part_uid', $part->uid)->where('parameter', $parameter)->first()
                ?? new Setting(['part_uid' => $part->uid, 'parameter' => $parameter]);
            $row->job()->associate($job);
            $row->changeTo(['planned' => $value->text()]);
        }

        return $back->with('said', $part->name() . ': planned as that earlier system was set.');
    }
}
