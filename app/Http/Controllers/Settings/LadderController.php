<?php

declare(strict_types=1);

namespace App\Http\Controllers\Settings;

use App\Actions\ApplyChanges;
use App\Http\Controllers\Controller;
use App\Http\Requests\Settings\RungRequest;
use App\Models\Job;
use App\Record\Studies;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Finding\Change;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;

/** A rung of the ladder moved: what is planned for it, on every device that shares it. */
final class LadderController extends Controller
{
    /** V between what was seen and what is planned that count as the same. */
    private const SAME_V = 0.001;

    public function update(RungRequest $request, Job $job, ApplyChanges $apply): RedirectResponse
    {
        $parameter = $request->parameter() ?? Parameter::Absorption;
        $rows = [];
        foreach (Studies::of($job)->settings()->devices as ['part' => $part, 'rows' => $own]) {
            foreach (in_array($part->uid, $request->parts(), true) ? $own : [] as $row) {
                if ($row->parameter === $parameter) {
                    $rows[$part->uid] = $row;
                }
            }
        }
        foreach ($rows as $row) {
            $was = $request->was();
            if ($was !== null && abs($was - (float) $row->planned()->number) > self::SAME_V) {
                return redirect()->route('settings', $job)->withErrors(['rung' => 'Somebody has moved it since you looked: look again.']);
            }
        }
        if (count($rows) !== count($request->parts())) {
            return redirect()->route('settings', $job)->withErrors(['rung' => 'Choose a threshold of this job.']);
        }
        $value = SetValue::number($request->volts())->text();
        $apply($job, array_map(
            static fn(string|int $uid): Change => Change::ofSetting(
                (string) $uid,
                $parameter->value,
                $rows[$uid]->profile->text() === $value ? null : $value,
            ),
            array_keys($rows),
        ));

        return redirect()->to(route('settings', $job) . '#ladder')->with(
            'said',
            'Planned so. What was set before is still to be set anew.',
        );
    }
}
