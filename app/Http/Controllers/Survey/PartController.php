<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Actions\Survey\AddParts;
use App\Actions\Survey\RemovePart;
use App\Http\Controllers\Controller;
use App\Http\Pages\Survey\PartPage;
use App\Http\Requests\ActRequest;
use App\Http\Requests\Survey\AddPartsRequest;
use App\Http\Requests\Survey\PartQuery;
use App\Http\Requests\Survey\PartRequest;
use App\Http\Workbench;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Models\Part;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class PartController extends Controller
{
    public function store(AddPartsRequest $request, Job $job, AddParts $addParts): RedirectResponse
    {
        $library = $request->integer('library_part_id') > 0 ? LibraryPart::query()->find($request->integer('library_part_id')) : null;
        $parts = $addParts(
            $job,
            $request->kind(),
            [...($library?->only(['make', 'model']) ?? []), ...$request->common()],
            [...($library === null ? [] : $library->data), ...$request->sheet($job)],
            $request->integer('count', 1),
            $request->fate(),
        );
        $words = count($parts) === 1 ? $parts[0]->name() . ' is in.' : count($parts) . ' × ' . $parts[0]->name() . ' are in.';

        return redirect()->to($request->backTo(route('survey', $job)))->with('said', $words);
    }

    public function edit(PartQuery $request, Job $job, Part $part): View
    {
        $part->loadMissing('photos');

        $bench = Workbench::of($job);

        return $bench->view(
            'parts.edit',
            null,
            ['part' => $part, 'page' => new PartPage($bench, $part, $request->asked('back')), 'hangs' => RemovePart::hanging($part)],
        );
    }

    public function update(PartRequest $request, Job $job, Part $part): RedirectResponse
    {
        $part->saveIfUnchanged($request, $request->row($job, $part));

        return redirect()->to($request->backTo(route('parts.edit', [$job, $part])))->with('said', $part->name() . ' is saved.');
    }

    public function destroy(ActRequest $request, Job $job, Part $part, RemovePart $remove): RedirectResponse
    {
        // Proves that the person has seen the latest version, then takes along what hangs on it.
        $part->saveIfUnchanged($request, []);
        $remove($part);

        return redirect()->route('survey', $job)->with('said', $part->name() . ' is deleted.');
    }
}
