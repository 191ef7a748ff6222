<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TakeBack;
use App\Models\Job;
use App\Models\Tick;
use App\Words\Lexicon;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Pebblefell\Exception\InvalidValue;

/** Takes back, from the history, what was noted at a step. */
final class HistoryTickController extends Controller
{
    public function destroy(Request $request, Job $job, Tick $tick, TakeBack $back): RedirectResponse
    {
        try {
            $back($job, $tick, $this->user($request)->name);
        } catch (InvalidValue $e) {
            return redirect()->route('history', $job)->withErrors(['step' => 'It ' . Lexicon::plain()->refusal($e) . '.']);
        }

        return redirect()->route('history', $job)->with('said', 'Taken back; the sheet asks for it again.');
    }
}
