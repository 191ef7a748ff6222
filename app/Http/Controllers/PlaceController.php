<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\PlacePage;
use App\Http\Requests\CsvRequest;
use App\Http\Requests\PlaceRequest;
use App\Models\Job;
use App\Models\Place;
use App\Models\Workshop;
use App\Words\Lexicon;
use App\Words\Show;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Trip\WeatherFile;

final class PlaceController extends Controller
{
    public function store(PlaceRequest $request): RedirectResponse
    {
        $place = Place::query()->create($request->row());

        return redirect()->route('places.edit', $place)->with(
            'said',
            $place->name . ' is in. Its sky and cold by month make the sums better.',
        );
    }

    public function edit(Place $place): View
    {
        return view('workshop.place', [
            'place' => $place, 'units' => new Show(Workshop::current()->region->units()), 'page' => new PlacePage($place),
        ]);
    }

    /** Sky and cold by month out of a weather file in the open EPW format. */
    public function weather(CsvRequest $request, Place $place): RedirectResponse
    {
        try {
            $file = WeatherFile::read($request->fileText());
        } catch (InvalidValue $e) {
            return redirect()->route('places.edit', $place)->withInput($request->only('_form'))->withErrors(['file' => 'The file '
                . Lexicon::plain()->refusal($e) . '. Nothing was changed.']);
        }
        $place->changeTo([
            'clearness' => array_map(static fn(float $k): float => round($k, 3), $file->clearness()),
            'min_c' => array_map(static fn(float $c): float => round($c, 1), $file->minC()),
            'record_low_c' => $place->record_low_c === null ? null : min($place->record_low_c, $file->coldestC()),
        ]);
        Job::restsOn('place_id', $place->id);

        return redirect()->route('places.edit', $place)->with('said', "Sky and cold by month are those of $file->place now.");
    }

    public function update(PlaceRequest $request, Place $place): RedirectResponse
    {
        $place->saveIfUnchanged($request, $request->row());
        // Every job there rests on it.
        Job::restsOn('place_id', $place->id);

        return redirect()->route('workshop.edit')->with('said', $place->name . ' is saved.');
    }
}
