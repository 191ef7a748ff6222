<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlaceRequest;
use App\Models\Job;
use App\Models\Place;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

final class PlaceController extends Controller
{
    public function store(PlaceRequest $request): RedirectResponse
    {
        $place = Place::query()->create($request->row());

        return redirect()->route('places.edit', $place)->with('said', $place->name . ' is in. Its sky and cold by month make the sums better.');
    }

    public function edit(Place $place): View
    {
        return view('workshop.place', ['place' => $place]);
    }

    public function update(PlaceRequest $request, Place $place): RedirectResponse
    {
        DB::transaction(static function () use ($request, $place): void {
            $place->saveIfUnchanged($request, $request->row());
            // Every job there rests on it.
            Job::query()->where('place_id', $place->id)->toBase()->increment('revision');
        });

        return redirect()->route('workshop.edit')->with('said', $place->name . ' is saved.');
    }
}
