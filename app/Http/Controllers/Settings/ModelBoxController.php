<?php

declare(strict_types=1);

namespace App\Http\Controllers\Settings;

use App\Http\Controllers\Controller;
use App\Http\Pages\Settings\ModelPage;
use App\Http\Requests\Settings\ModelBoxesRequest;
use App\Http\Workbench;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Models\ModelBox;
use App\Models\Part;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Stage;

/** Keeps what a model calls its boxes, where they are in its menus, in which order, and which it has not. */
final class ModelBoxController extends Controller
{
    public function edit(Job $job, Part $part): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.settings.model', Stage::Settings, ['part' => $part, 'page' => new ModelPage($bench, $part)]);
    }

    public function update(ModelBoxesRequest $request, Job $job, Part $part): RedirectResponse
    {
        $rows = ModelBox::ofModel($part->make, $part->model)->lockForUpdate()->get()
            ->keyBy(static fn(ModelBox $b): string => $b->parameter->value);
        $missing = [];
        foreach ($request->boxes() as $parameter => $box) {
            if (!$box['has']) {
                $missing[] = $parameter;
            }
            $row = $rows->get($parameter) ?? new ModelBox(['make' => $part->make, 'model' => $part->model, 'parameter' => $parameter]);
            $row->saveAmong(
                $request,
                ['word' => $box['word'], 'path' => $box['path'], 'place' => $box['place']],
                'versions[' . $parameter . ']',
                "$parameter.",
            );
        }
        // Which boxes it has not is a line of its data sheet, which core reads: in this job, and in the library for those that come.
        $of = LibraryPart::query()->where('make', $part->make)->where('model', $part->model)->lockForUpdate()->get();
        foreach ([Part::query()->whereKey($part->id)->lockForUpdate()->firstOrFail(), ...$of] as $row) {
            $data = array_diff_key($row->data, ['boxes_missing' => 0]);
            $row->changeTo(['data' => $missing === [] ? $data : [...$data, 'boxes_missing' => implode(' ', $missing)]]);
        }

        return redirect()->to(route('settings', $job) . "#fold-set-$part->uid")->with('said', 'Noted for every ' . $part->name() . '.');
    }
}
