<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Actions\Survey\AddParts;
use App\Http\Controllers\Controller;
use App\Http\Requests\ActRequest;
use App\Http\Requests\Survey\SignalRequest;
use App\Models\Job;
use App\Models\Signal;
use Illuminate\Http\RedirectResponse;

final class SignalController extends Controller
{
    public function store(SignalRequest $request, Job $job, AddParts $addParts): RedirectResponse
    {
        $addParts->row($job, Signal::class, 'g', $request->validated());

        return redirect()->to(route('survey', $job) . '#fold-wiring')->with('said', 'The signal is in.');
    }

    public function destroy(ActRequest $request, Job $job, Signal $signal): RedirectResponse
    {
        $signal->deleteIfUnchanged($request);

        return redirect()->to(route('survey', $job) . '#fold-wiring')->with('said', 'The signal is deleted.');
    }
}
