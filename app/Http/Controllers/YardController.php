<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DayPlan\ReorderYard;
use App\Http\Requests\SeenRequest;
use App\Words\Lexicon;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Exception\InvalidValue;

/** The order in which vehicles stand in the bays, made better in one press. */
final class YardController extends Controller
{
    public function update(SeenRequest $request, ReorderYard $reorder): RedirectResponse
    {
        try {
            $count = $reorder($request->seen());
        } catch (InvalidValue $e) {
            return redirect()->route('yard')->withErrors(['seen' => ucfirst(Lexicon::plain()->refusal($e)) . '.']);
        }

        return redirect()->route('yard')->with('said', $count === 1 ? 'One vehicle is planned anew.' : "$count vehicles are planned anew.");
    }
}
