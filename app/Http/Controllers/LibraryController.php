<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ActRequest;
use App\Http\Requests\LibraryPartRequest;
use App\Http\Requests\LibraryQuery;
use App\Models\LibraryPart;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Pebblefell\System\PartKind;

final class LibraryController extends Controller
{
    public function index(LibraryQuery $request): View
    {
        $kind = $request->kind();

        return view('library.index', [
            'kinds' => PartKind::cases(),
            'kind' => $kind,
            'counts' => LibraryPart::query()->toBase()->selectRaw('kind, COUNT(*) AS n')->groupBy('kind')->pluck('n', 'kind'),
            'parts' => LibraryPart::query()->when($kind !== null, static fn($q) => $q->where('kind', $kind?->value))
                ->orderBy('kind')->orderBy('make')->orderBy('model')->simplePaginate(40)->withQueryString(),
        ]);
    }

    public function create(LibraryQuery $request): View
    {
        $kind = $request->kind() ?? PartKind::Battery;

        return view(
            'library.edit',
            ['kinds' => PartKind::cases(), 'part' => new LibraryPart(['kind' => $kind, 'make' => '', 'model' => '', 'data' => []])],
        );
    }

    public function store(LibraryPartRequest $request): RedirectResponse
    {
        $part = LibraryPart::query()->create($request->row());

        return redirect()->route('library.index', ['kind' => $part->kind->value])->with('said', $part->name() . ' is in the library.');
    }

    public function edit(LibraryPart $libraryPart): View
    {
        return view('library.edit', ['kinds' => PartKind::cases(), 'part' => $libraryPart]);
    }

    public function update(LibraryPartRequest $request, LibraryPart $libraryPart): RedirectResponse
    {
        $libraryPart->saveIfUnchanged($request, $request->row());

        return redirect()->route('library.index', ['kind' => $libraryPart->kind->value])->with('said', $libraryPart->name() . ' is saved.');
    }

    public function destroy(ActRequest $request, LibraryPart $libraryPart): RedirectResponse
    {
        $libraryPart->deleteIfUnchanged($request);

        return redirect()->route('library.index')->with(
            'said',
            $libraryPart->name() . ' is deleted from the library. Jobs keep their copies.',
        );
    }
}
