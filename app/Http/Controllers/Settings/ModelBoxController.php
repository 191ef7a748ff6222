<?php

declare(strict_types=1);

namespace App\Http\Controllers\Settings;

use App\Http\Controllers\Controller;
use App\Http\Pages\Settings\ModelPage;
use App\Http\Requests\Settings\ModelBoxesRequest;
use App\Http\Workbench;
use App\Models\Job;
use App\Models\ModelBox;
use App\Models\Part;
use App\Models\StaleEdit;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Pebblefell\Stage;

/** What a model calls its boxes, where they are in its menus, in which order, and which it has not. */
final class ModelBoxController extends Controller
{
    public function edit(Job $job, Part $part): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.settings.model', Stage::Settings, ['part' => $part, 'page' => new ModelPage($bench, $part)]);
    }

    public function update(ModelBoxesRequest $request, Job $job, Part $part): RedirectResponse
    {
        DB::transaction(static function () use ($request, $part): void {
            $rows = ModelBox::ofModel($part->make, $part->model)->lockForUpdate()->get()
                ->keyBy(static fn(ModelBox $b): string => $b->parameter->value);
            $missing = [];
            foreach ($request->boxes() as $parameter => $box) {
                if (!$box['has']) {
                    $missing[] = $parameter;
                }
                $row = $rows->get($parameter) ?? new ModelBox(['make' => $part->make, 'model' => $part->model, 'parameter' => $parameter]);
                $kept = (array) $request->input('keep_theirs', []);
                $row->fill(array_filter(
                    ['word' => $box['word'], 'path' => $box['path'], 'place' => $box['place']],
                    static fn(string $column): bool => !in_array("$parameter.$column", $kept, true),
                    ARRAY_FILTER_USE_KEY,
                ));
                $changed = $row->getDirty();
                if ($row->exists ? $changed === [] : $box['word'] . $box['path'] === '' && $box['place'] === 0) {
                    continue;
                }
                if ($row->exists && (int) $request->input("versions.$parameter") !== $row->lock_version) {
                    throw new StaleEdit($row->refresh(), $changed, $request, "versions[$parameter]", "$parameter.");
                }
                $row->lock_version = $row->exists ? $row->lock_version + 1 : 1;
                $row->save();
            }
            $data = $part->data;
            unset($data['boxes_missing']);
            $part->changeTo(['data' => $missing === [] ? $data : [...$data, 'boxes_missing' => implode(' ', $missing)]]);
        });

        return redirect()->to(route('settings', $job) . "#fold-set-$part->uid")->with('said', 'Noted for every ' . $part->name() . '.');
    }
}
