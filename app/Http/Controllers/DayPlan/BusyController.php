<?php

declare(strict_types=1);

namespace App\Http\Controllers\DayPlan;

use App\Actions\DayPlan\ReadBusyTimes;
use App\Http\Controllers\Controller;
use App\Http\Requests\DayPlan\BusyRequest;
use App\Models\BusyTime;
use App\Words\Lexicon;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Exception\InvalidValue;

/** The workshop's other appointments, from a calendar file. */
final class BusyController extends Controller
{
    public function store(BusyRequest $request, ReadBusyTimes $read): RedirectResponse
    {
        try {
            $count = $read($request->calendarText(), $request->fileName());
        } catch (InvalidValue $e) {
            return redirect()->route('workshop.edit')->withErrors(['calendar' => ucfirst(Lexicon::plain()->refusal($e)) . '.']);
        }

        return redirect()->route('workshop.edit')->with('said', "$count busy times are taken in; day plans keep clear of them.");
    }

    public function destroy(): RedirectResponse
    {
        BusyTime::query()->delete();

        return redirect()->route('workshop.edit')->with('said', 'The busy times are forgotten.');
    }
}
