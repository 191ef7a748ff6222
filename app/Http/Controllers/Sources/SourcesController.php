<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sources;

use App\Http\Controllers\Controller;
use App\Http\Workbench;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Words\Lexicon;
use Illuminate\Contracts\View\View;
use Pebblefell\Stage;
use Pebblefell\Stage\Sources\SunSketch;

final class SourcesController extends Controller
{
    private const KINDS = ['panel', 'regulator', 'dcdc', 'alternator', 'mains_charger', 'inverter_charger', 'heating_pad'];

    public function show(Job $job): View
    {
        $bench = Workbench::of($job);
        $study = $bench->study;

        return $bench->view('stages.sources.show', Stage::Sources, [
            'arrays' => $study->arrays(),
            'gains' => $study->gains(),
            'mains' => $study->mains(),
            'inverter' => $study->inverter(),
            'together' => $study->together(),
            'start' => $study->engineStart(),
            'year' => $study->year(),
            'sunSketch' => $study->sun() === null ? null : SunSketch::of($study->sun(), Workbench::isNarrow()),
            'library' => LibraryPart::query()->whereIn('kind', self::KINDS)->orderBy('kind')->orderBy('make')->orderBy('model')->get()->groupBy(static fn(LibraryPart $p): string => Lexicon::plain()->name($p->kind)),
        ]);
    }
}
