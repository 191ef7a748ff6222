<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TickRequest;
use App\Words\Lexicon;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Exception\InvalidValue;

/** Answers what was noted at a step: to a form by going on, to the outbox in JSON. */
trait NotesTicks
{
    /**
     * @param Closure(): bool $note
     */
    private function answered(TickRequest $request, string $back, Closure $note): RedirectResponse|JsonResponse
    {
        $back = $request->backTo($back);
        try {
            $new = $note();
        } catch (InvalidValue $e) {
            // What closes a step speaks for itself; what is wrong with a value is said of it.
            $words = Lexicon::plain()->refusal($e);
            $words = str_starts_with($e->key, 'steps.') ? $words : "It $words.";

            return $request->expectsJson()
                ? response()->json(['message' => $words], 422)
                : redirect()->to($back)->withInput()->withErrors([ltrim($e->path, '/') => $words]);
        }

        return $request->expectsJson() ? response()->json(['kept' => true, 'new' => $new]) : redirect()->to($back);
    }
}
