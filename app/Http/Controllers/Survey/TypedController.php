<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Actions\Survey\AddParts;
use App\Http\Controllers\Controller;
use App\Http\Pages\Survey\TypedPage;
use App\Http\Requests\Survey\TypedRequest;
use App\Http\Workbench;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Stage;

/** Parts typed as lines: shown back as they were read, then kept, all or none. */
final class TypedController extends Controller
{
    public function store(TypedRequest $request, Job $job, AddParts $add): View|RedirectResponse
    {
        $lines = $request->typed();
        if (!$request->isToBeKept()) {
            $bench = Workbench::of($job);

            return $bench->view('stages.survey.typed', Stage::Survey, [
                'page' => new TypedPage($bench, $lines),
                'text' => $request->string('lines')->toString(),
                'fate' => $request->fate(),
            ]);
        }
        $count = 0;
        foreach ($lines as $line) {
            if ($line->part !== null) {
                $common = [
                    'make' => $line->part->make,
                    'model' => $line->part->model,
                    'place' => $line->part->place,
                    'note' => $line->part->note,
                    'role' => $line->part->role,
                ];
                $count += count($add(
                    $job,
                    $line->part->kind,
                    $common,
                    $line->part->data->values,
                    $line->count,
                    $request->fate(),
                    $line->part->data->notedOrigins(),
                ));
            }
        }

        return redirect()->route('survey', $job)->with(
            'said',
            $count . ($count === 1 ? ' part is in.' : ' parts are in.') . ' What was assumed is marked ≈.',
        );
    }
}
