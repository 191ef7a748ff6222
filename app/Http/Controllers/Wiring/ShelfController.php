<?php

declare(strict_types=1);

namespace App\Http\Controllers\Wiring;

use App\Http\Controllers\Controller;
use App\Http\Pages\Wiring\PartsListPage;
use App\Http\Requests\Wiring\ShelfRequest;
use App\Http\Workbench;
use App\Models\Job;
use App\Models\ShelfItem;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Stage;

/** Keeps what the shelves hold of a parts list: price, stock and place, known to the workshop for every job. */
final class ShelfController extends Controller
{
    public function edit(Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.wiring.shelf', Stage::Wiring, ['list' => new PartsListPage($bench)]);
    }

    public function update(ShelfRequest $request, Job $job): RedirectResponse
    {
        foreach ($request->items() as $k => $said) {
            $row = ShelfItem::query()->where('item', $said['item'])->lockForUpdate()->first()
                ?? new ShelfItem(['item' => $said['item']]);
            $row->saveAmong(
                $request,
                ['price' => $said['price'], 'stock' => $said['stock'], 'place' => $said['place']],
                'version[' . $k . ']',
                "$k.",
            );
        }

        return redirect()->to(route('wiring', $job) . '#fold-list')->with('said', 'The shelf is kept, for every job.');
    }
}
