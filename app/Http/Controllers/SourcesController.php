<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\LibraryPart;
use App\Support\Desk;
use App\Support\Workbench;
use Illuminate\Contracts\View\View;
use Pebblefell\Assessment\Stage;
use Pebblefell\Sizing\EngineStart;
use Pebblefell\Sizing\InverterCheck;
use Pebblefell\Sizing\LoadSizing;
use Pebblefell\Sizing\MainsCheck;
use Pebblefell\Sizing\PvArray;
use Pebblefell\Stage\Sources\SunSketch;

final class SourcesController extends Controller
{
    private const KINDS = ['panel', 'regulator', 'dcdc', 'alternator', 'mains_charger', 'inverter_charger', 'heating_pad'];

    public function show(Job $job): View
    {
        $bench = Workbench::of($job);
        $sums = $bench->assessment->sums;
        $desk = Desk::of($bench);

        return $bench->view('stages.sources', Stage::Sources, [
            'arrays' => PvArray::allOf($sums->planned),
            'gains' => $desk->gains(),
            'mains' => MainsCheck::of($sums),
            'inverter' => InverterCheck::of($sums),
            'together' => LoadSizing::together($sums),
            'start' => EngineStart::of($sums),
            'year' => $desk->year(),
            'sunSketch' => $sums->sun === null ? null : SunSketch::of($sums->sun, Workbench::isNarrow()),
            'library' => LibraryPart::query()->whereIn('kind', self::KINDS)->orderBy('kind')->orderBy('make')->orderBy('model')->get()->groupBy(static fn(LibraryPart $p): string => $p->kind->label()),
        ]);
    }
}
