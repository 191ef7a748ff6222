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
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Pebblefell\Stage;

/** What the shelves hold of a parts list: price, stock and place, known to the workshop for every job. */
final class ShelfController extends Controller
{
    public function edit(Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.wiring.shelf', Stage::Wiring, ['list' => new PartsListPage($bench)]);
    }

    public function update(ShelfRequest $request, Job $job): RedirectResponse
    {
        DB::transaction(static function () use ($request): void {
            foreach ($request->items() as $k => $said) {
                $row = ShelfItem::query()->where('item', $said['item'])->lockForUpdate()->first() ?? new ShelfItem(['item' => $said['item']]);
                $row->fill(['price' => $said['price'], 'stock' => $said['stock'], 'place' => $said['place']]);
                $isSame = (float) $row->getOriginal('price') === (float) $said['price'] && ($row->getOriginal('price') === null) === ($said['price'] === null)
                    && (float) $row->getOriginal('stock') === (float) $said['stock'] && ($row->getOriginal('stock') === null) === ($said['stock'] === null)
                    && (string) $row->getOriginal('place') === $said['place'];
                if ($isSame) {
                    continue;
                }
                if ($row->exists && $row->lock_version !== $said['version']) {
                    throw ValidationException::withMessages(["price.$k" => "Somebody changed {$said['item']} meanwhile: look again. Nothing was saved."]);
                }
                $row->lock_version = $row->exists ? $row->lock_version + 1 : 1;
                $row->save();
            }
        });

        return redirect()->to(route('wiring', $job) . '#fold-list')->with('said', 'The shelf is kept, for every job.');
    }
}
