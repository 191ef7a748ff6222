<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Actions\Survey\AddParts;
use App\Http\Controllers\Controller;
use App\Http\Requests\ActRequest;
use App\Http\Requests\Loads\ScenarioRequest;
use App\Models\Appliance;
use App\Models\Job;
use App\Models\Scenario;
use Illuminate\Http\RedirectResponse;

final class ScenarioController extends Controller
{
    /** A new scenario starts as a copy of the one that was looked at. */
    public function store(ScenarioRequest $request, Job $job, AddParts $addParts): RedirectResponse
    {
        $scenario = $addParts->row($job, Scenario::class, 's', $request->row());
        $from = $request->string('copy_of')->toString();
        $job->appliances()->get()->each(static function (Appliance $a) use ($from, $scenario): void {
            if (isset($a->hours[$from])) {
                $a->changeTo(['hours' => [...$a->hours, $scenario->uid => $a->hours[$from]]]);
            }
        });

        return redirect()->route('loads', [$job, 'scenario' => $scenario->uid])->with('said', $scenario->name . ' is in, as a copy.');
    }

    public function update(ScenarioRequest $request, Job $job, Scenario $scenario): RedirectResponse
    {
        $scenario->saveIfUnchanged($request, $request->row());
        if ($scenario->sizing) {
            $job->scenarios()->where('id', '!=', $scenario->id)->where('sizing', true)->get()
                ->each(static fn(Scenario $s) => $s->changeTo(['sizing' => false]));
        }

        return redirect()->route('loads', [$job, 'scenario' => $scenario->uid])->with('said', 'Saved.');
    }

    public function destroy(ActRequest $request, Job $job, Scenario $scenario): RedirectResponse
    {
        $scenario->deleteIfUnchanged($request);
        $job->appliances()->get()->each(static function (Appliance $a) use ($scenario): void {
            if (isset($a->hours[$scenario->uid])) {
                $a->changeTo(['hours' => array_diff_key($a->hours, [$scenario->uid => true])]);
            }
        });

        return redirect()->route('loads', $job)->with('said', $scenario->name . ' is deleted.');
    }
}
