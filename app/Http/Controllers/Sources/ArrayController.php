<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sources;

use App\Http\Controllers\Controller;
use App\Http\Requests\Sources\ArrayRequest;
use App\Models\Job;
use App\Models\Part;
use Illuminate\Http\RedirectResponse;
use Pebblefell\System\Kind\Family;

/** The strings of an array: how many panels stand in series before one regulator. */
final class ArrayController extends Controller
{
    public function update(ArrayRequest $request, Job $job, Part $part): RedirectResponse
    {
        abort_unless($part->kind->is(Family::SolarRegulator), 404);
        $part->saveIfUnchanged($request, ['data' => [...$part->data, 'array_series' => (float) $request->integer('series')]]);

        return redirect()->to($request->backTo(route('sources', $job)));
    }
}
