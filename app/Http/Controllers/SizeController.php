<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TargetRequest;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Support\Proposals;
use App\Support\Workbench;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Assessment\Stage;
use Pebblefell\System\PartKind;

final class SizeController extends Controller
{
    public function show(Job $job): View
    {
        $bench = Workbench::of($job);
        $batteries = LibraryPart::query()->where('kind', PartKind::Battery->value)->orderBy('make')->orderBy('model')->get();

        return $bench->view('stages.size', Stage::Size, [
            'batteries' => $batteries,
            'proposals' => Proposals::banks($bench->assessment->sums, $batteries),
        ]);
    }

    /** The wish: how many days, which chemistry, how cold. */
    public function update(TargetRequest $request, Job $job): RedirectResponse
    {
        $job->saveIfUnchanged($request, $request->row($job));

        return redirect()->to($request->backTo(route('size', $job)));
    }
}
