<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Actions\Survey\AddParts;
use App\Http\Controllers\Controller;
use App\Http\Requests\Survey\MeasurementRequest;
use App\Models\Job;
use App\Models\Measurement;
use App\Models\Part;
use Illuminate\Http\RedirectResponse;

/** Readings are added, never changed: a wrong one is followed by a right one. */
final class MeasurementController extends Controller
{
    public function store(MeasurementRequest $request, Job $job, Part $part, AddParts $addParts): RedirectResponse
    {
        $addParts->row($job, Measurement::class, 'm', [
            ...$request->validated(),
            'part_uid' => $part->uid,
            'measured_at' => now()->toIso8601ZuluString(),
            'measured_by' => $this->user($request)->name,
        ]);

        return redirect()->route('parts.edit', [$job, $part])->with('said', 'The reading is kept.');
    }
}
