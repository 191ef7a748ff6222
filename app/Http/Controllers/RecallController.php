<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Csv\Csv;
use App\Http\Requests\RecallQuery;
use App\Models\Part;
use App\Record\Recall;
use App\Words\Lexicon;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Pebblefell\Setting\Parameter;

/** A recall: which systems have that part, that firmware, those serials, or that setting, and whom to call. */
final class RecallController extends Controller
{
    /** Rows of the worklist as a file. Chosen: more systems than one workshop builds. */
    private const MOST = 20_000;

    public function index(RecallQuery $request): View
    {
        return view('recall', [
            'found' => $request->isAsked() ? Recall::parts($request->terms())->simplePaginate(
                (int) config('pebblefell.page'),
            )->withQueryString() : null,
            'count' => $request->isAsked() ? Recall::parts($request->terms())->reorder()->distinct()->count('job_id') : 0,
            'parameters' => ['' => '–'] + array_combine(
                array_column(Parameter::cases(), 'value'),
                array_map(Lexicon::plain()->name(...), Parameter::cases()),
            ),
            'asked' => $request,
        ]);
    }

    public function show(RecallQuery $request): Response
    {
        $rows = [['job', 'title', 'customer', 'phone', 'email', 'part', 'serial', 'firmware', 'place']];
        foreach ($request->isAsked() ? Recall::parts($request->terms())->limit(self::MOST)->lazy(500) : [] as $part) {
            /** @var Part $part */
            $rows[] = [
                $part->job?->number, $part->job?->title, $part->job?->customer?->name, $part->job?->customer?->phone, $part->job?->customer?->email,
                $part->name(), $part->serial, $part->firmware, $part->place,
            ];
        }

        return Csv::response('recall.csv', Csv::write($rows));
    }
}
