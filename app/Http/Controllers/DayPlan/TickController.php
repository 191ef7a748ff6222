<?php

declare(strict_types=1);

namespace App\Http\Controllers\DayPlan;

use App\Actions\DayPlan\NoteTick;
use App\Http\Controllers\Controller;
use App\Http\Requests\DayPlan\TickRequest;
use App\Models\Job;
use App\Words\Lexicon;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Exception\InvalidValue;

/** What is noted at a step of the run sheet. */
final class TickController extends Controller
{
    public function store(TickRequest $request, Job $job, NoteTick $note): RedirectResponse|JsonResponse
    {
        $back = $request->backTo(route('day-plan.steps', $job));
        try {
            $new = $note($job, $request->said(), $this->user($request)->name, $request->at(), $request->input('client_id'));
        } catch (InvalidValue $e) {
            // What closes a step speaks for itself; what is wrong with a value is said of it.
            $words = Lexicon::plain()->refusal($e);
            $words = str_starts_with($e->key, 'steps.') ? $words : 'It ' . $words . '.';

            return $request->expectsJson()
                ? response()->json(['message' => $words], 422)
                : redirect()->to($back)->withInput()->withErrors([ltrim($e->path, '/') => $words]);
        }

        return $request->expectsJson() ? response()->json(['kept' => true, 'new' => $new]) : redirect()->to($back);
    }
}
