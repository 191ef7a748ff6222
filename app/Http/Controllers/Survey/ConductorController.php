<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Actions\Survey\AddParts;
use App\Http\Controllers\Controller;
use App\Http\Requests\ActRequest;
use App\Http\Requests\FormRequest;
use App\Http\Requests\Survey\ConductorRequest;
use App\Models\Conductor;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;

final class ConductorController extends Controller
{
    public function store(ConductorRequest $request, Job $job, AddParts $addParts): RedirectResponse
    {
        $addParts->row($job, Conductor::class, 'c', $request->row($job));

        return $this->back($request, $job)->with('said', 'The conductor is in.');
    }

    public function update(ConductorRequest $request, Job $job, Conductor $conductor): RedirectResponse
    {
        $conductor->saveIfUnchanged($request, $request->row($job));

        return $this->back($request, $job)->with('said', 'The conductor is saved.');
    }

    public function destroy(ActRequest $request, Job $job, Conductor $conductor): RedirectResponse
    {
        $conductor->deleteIfUnchanged($request);

        return $this->back($request, $job)->with('said', 'The conductor is deleted.');
    }

    private function back(FormRequest $request, Job $job): RedirectResponse
    {
        return redirect()->to($request->backTo(route('survey', $job) . '#fold-wiring'));
    }
}
