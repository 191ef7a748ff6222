<?php

declare(strict_types=1);

namespace App\Http\Controllers\Settings;

use App\Http\Controllers\Controller;
use App\Http\Pages\Settings\LadderPage;
use App\Http\Pages\Settings\SettingsPage;
use App\Http\Pages\Settings\WordsPage;
use App\Http\Requests\Settings\SettingsQuery;
use App\Http\Requests\Settings\SettingsRequest;
use App\Http\Workbench;
use App\Models\Job;
use App\Models\Part;
use App\Models\Setting;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Stage;

final class SettingsController extends Controller
{
    public function index(SettingsQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view(
            'stages.settings.show',
            Stage::Settings,
            [
                'page' => new SettingsPage($bench),
                'ladder' => LadderPage::of($bench),
                'words' => new WordsPage($bench, $request->asked('word')),
            ],
        );
    }

    /** Every sheet, to be printed and written on. */
    public function paper(Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.settings.paper', Stage::Settings, ['page' => new SettingsPage($bench)]);
    }

    /** One device's sheet: every box that changed, in one transaction. */
    public function update(SettingsRequest $request, Job $job, Part $part): RedirectResponse
    {
        $rows = $job->settings()->where('part_uid', $part->uid)->get()->keyBy(
            static fn(Setting $s): string => $s->parameter->value,
        );
        foreach ($request->boxes() as $parameter => $values) {
            /** @var Setting $row */
            $row = $rows->get($parameter) ?? new Setting(['part_uid' => $part->uid, 'parameter' => $parameter]);
            $row->job()->associate($job);
            $row->syncOriginal();
            $row->saveAmong($request, $values, "versions[$parameter]", "$parameter.", [
                'entered_by' => $this->user($request)->name, 'entered_at' => now()->toIso8601ZuluString(),
            ]);
        }

        return redirect()->to(
            $request->backTo(route('settings', $job) . '#fold-set-' . $part->uid),
        )->with('said', $part->name() . ': saved.');
    }
}
