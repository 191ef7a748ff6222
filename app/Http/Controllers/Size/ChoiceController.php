<?php

declare(strict_types=1);

namespace App\Http\Controllers\Size;

use App\Actions\TakeChoice;
use App\Http\Controllers\Controller;
use App\Http\Requests\ActRequest;
use App\Models\Choice;
use App\Models\Job;
use App\Words\Lexicon;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\Change\Plan;

/** Choices that are kept beside the plan: taken into it, or dropped. */
final class ChoiceController extends Controller
{
    public function update(ActRequest $request, Job $job, Choice $choice, TakeChoice $take): RedirectResponse
    {
        try {
            $choice->saveIfUnchanged($request, []);
            $take($job, $choice);
        } catch (InvalidValue $e) {
            return redirect()->to(
                route('size', $job) . '#choices',
            )->withErrors(['choice' => "“{$choice->name}” no longer goes with the plan: "
                . Lexicon::plain()->refusal($e)]);
        }

        return redirect()->to(route('size', $job) . '#choices')->with('said', "“{$choice->name}” is in the plan.");
    }

    public function destroy(ActRequest $request, Job $job, Choice $choice): RedirectResponse
    {
        $choice->deleteIfUnchanged($request);

        return redirect()->to(route('size', $job) . '#choices')->with('said', "“{$choice->name}” is dropped.");
    }
}
