<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\LibraryPart;
use App\Support\Workbench;
use Illuminate\Contracts\View\View;
use Pebblefell\Assessment\Stage;

final class SourcesController extends Controller
{
    private const KINDS = ['panel', 'regulator', 'dcdc', 'mains_charger', 'inverter_charger'];

    public function show(Job $job): View
    {
        return Workbench::of($job)->view('stages.sources', Stage::Sources, [
            'library' => LibraryPart::query()->whereIn('kind', self::KINDS)->orderBy('kind')->orderBy('make')->orderBy('model')->get()->groupBy(static fn(LibraryPart $p): string => $p->kind->label()),
        ]);
    }
}
