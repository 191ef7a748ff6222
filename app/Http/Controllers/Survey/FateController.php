<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Controllers\Controller;
use App\Http\Requests\Survey\FateRequest;
use App\Models\Job;
use App\Models\Part;
use Illuminate\Http\RedirectResponse;

/** Sets what the plan does with a part. */
final class FateController extends Controller
{
    public function update(FateRequest $request, Job $job, Part $part): RedirectResponse
    {
        $part->saveIfUnchanged($request, ['fate' => $request->fate()]);

        return redirect()->to($request->backTo(route('survey', $job)));
    }
}
