<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\WorkshopRequest;
use App\Models\Place;
use App\Models\Workshop;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class WorkshopController extends Controller
{
    public function edit(): View
    {
        return view('workshop.edit', ['workshop' => Workshop::current(), 'places' => Place::query()->orderBy('name')->get()]);
    }

    public function update(WorkshopRequest $request): RedirectResponse
    {
        Workshop::current()->saveIfUnchanged($request, $request->validated());

        return redirect()->route('workshop.edit')->with('said', 'Saved.');
    }
}
