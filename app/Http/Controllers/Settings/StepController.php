<?php

declare(strict_types=1);

namespace App\Http\Controllers\Settings;

use App\Actions\Settings\NoteTyped;
use App\Http\Controllers\Controller;
use App\Http\Pages\Settings\StepPage;
use App\Http\Requests\Settings\TypedBoxesRequest;
use App\Http\Workbench;
use App\Models\Job;
use App\Models\Part;
use App\Words\Lexicon;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Stage;

/** The boxes one by one, for busy hands. */
final class StepController extends Controller
{
    public function show(Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.settings.step', Stage::Settings, ['page' => new StepPage($bench)]);
    }

    public function store(TypedBoxesRequest $request, Job $job, Part $part, NoteTyped $note): RedirectResponse|JsonResponse
    {
        $back = $request->backTo(route('settings.step', $job));
        try {
            $new = $note(
                $job,
                $part,
                $request->parameter(),
                $request->value(),
                $request->at(),
                $this->user($request)->name,
                $request->boolean('sure'),
            );
        } catch (InvalidValue $e) {
            $words = Lexicon::plain()->refusal($e);

            return $request->expectsJson()
                ? response()->json(['message' => $words, 'ask' => true], 422)
                : redirect()->to($back)->withInput()->withErrors(['as_set' => $words]);
        }

        return $request->expectsJson() ? response()->json(['kept' => true, 'new' => $new]) : redirect()->to($back);
    }
}
