<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\WorkshopRequest;
use App\Models\BusyTime;
use App\Models\Job;
use App\Models\Place;
use App\Models\Workshop;
use App\Words\Lexicon;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Region\Region;

final class WorkshopController extends Controller
{
    public function edit(): View
    {
        return view('workshop.edit', [
            'regions' => array_combine(array_column(Region::cases(), 'value'), array_map(Lexicon::plain()->name(...), Region::cases())),
            'workshop' => Workshop::current(), 'places' => Place::query()->orderBy('name')->get(),
            'busy' => BusyTime::query()->count(), 'days' => array_combine(range(1, 7), ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'])]);
    }

    public function update(WorkshopRequest $request): RedirectResponse
    {
        $workshop = Workshop::current();
        $region = $workshop->region;
        $workshop->saveIfUnchanged($request, $request->validated());
        if ($workshop->region !== $region) {
            // Jobs without a region of their own are read in the workshop's.
            Job::restsOn('region', null);
        }

        return redirect()->route('workshop.edit')->with('said', 'Saved.');
    }
}
