<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SearchQuery;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Models\Part;
use Illuminate\Contracts\View\View;

/** Finds a job, a customer, a part or a serial. */
final class SearchController extends Controller
{
    private const MOST = 25;

    public function __invoke(SearchQuery $request): View
    {
        $words = $request->asked('q');
        $like = '%' . addcslashes($words, '%_\\') . '%';

        return view('search', [
            'words' => $words,
            'jobs' => $words === '' ? collect() : Job::query()->with('customer')
                ->where(static fn($q) => $q->where('title', 'like', $like)->orWhere('registration', 'like', $like)
                    ->when(ctype_digit($words), static fn($n) => $n->orWhere('number', $words))
                    ->orWhereHas('customer', static fn($c) => $c->where('name', 'like', $like)))
                ->orderByDesc('updated_at')->limit(self::MOST)->get(),
            'parts' => $words === '' ? collect() : Part::query()->with('job')
                ->where(
                    static fn($q) => $q->where('serial', 'like', $like)->orWhere('model', 'like', $like)->orWhere('make', 'like', $like),
                )
                ->orderByDesc('id')->limit(self::MOST)->get(),
            'library' => $words === '' ? collect() : LibraryPart::query()
                ->where(
                    static fn($q) => $q->where('model', 'like', $like)->orWhere('make', 'like', $like),
                )->orderBy('make')->limit(self::MOST)->get(),
        ]);
    }
}
