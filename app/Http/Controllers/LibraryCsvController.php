<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Csv\Csv;
use App\Csv\LibraryCsv;
use App\Http\Requests\CsvRequest;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

final class LibraryCsvController extends Controller
{
    public function show(): Response
    {
        return Csv::response('parts-library', LibraryCsv::write());
    }

    public function store(CsvRequest $request): RedirectResponse
    {
        return $request->answer(LibraryCsv::read($request->fileText()), 'library.index', []);
    }
}
