<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Actions\Survey\AddParts;
use App\Http\Controllers\Controller;
use App\Http\Requests\ActRequest;
use App\Http\Requests\FormRequest;
use App\Http\Requests\Loads\ApplianceRequest;
use App\Models\Appliance;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;

final class ApplianceController extends Controller
{
    public function store(ApplianceRequest $request, Job $job, AddParts $addParts): RedirectResponse
    {
        $addParts->row($job, Appliance::class, 'a', $request->row(null));

        return $this->back($request, $job)->with('said', $request->string('name') . ' is in.');
    }

    public function update(ApplianceRequest $request, Job $job, Appliance $appliance): RedirectResponse
    {
        $appliance->saveIfUnchanged($request, $request->row($appliance));

        return $this->back($request, $job);
    }

    public function destroy(ActRequest $request, Job $job, Appliance $appliance): RedirectResponse
    {
        $appliance->deleteIfUnchanged($request);

        return $this->back($request, $job)->with('said', $appliance->name . ' is deleted.');
    }

    private function back(FormRequest $request, Job $job): RedirectResponse
    {
        return redirect()->route(
            'loads',
            array_filter([$job, 'scenario' => $request->string('scenario')->toString(), 'more' => $request->string('more')->toString()]),
        );
    }
}
