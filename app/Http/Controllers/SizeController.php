<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PinQuery;
use App\Http\Requests\TargetRequest;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Support\Desk;
use App\Support\Pin;
use App\Support\Proposals;
use App\Support\Workbench;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Assessment\Stage;
use Pebblefell\Sizing\ChemistryChoice;
use Pebblefell\Sizing\Growth;
use Pebblefell\Sizing\VoltageChoice;
use Pebblefell\Stage\Size\EnduranceSketch;
use Pebblefell\Stage\Size\StaySketch;
use Pebblefell\Stage\Size\TanksSketch;
use Pebblefell\Stage\Sources\YearSketch;
use Pebblefell\System\PartKind;

final class SizeController extends Controller
{
    private const ON_A_VOLTAGE = [PartKind::Battery, PartKind::Inverter, PartKind::InverterCharger, PartKind::Dcdc, PartKind::MainsCharger, PartKind::Converter, PartKind::Cable];

    public function show(PinQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);
        $sums = $bench->assessment->sums;
        $desk = Desk::of($bench);
        $pin = Pin::of($request, $bench);
        $batteries = LibraryPart::query()->where('kind', PartKind::Battery->value)->orderBy('make')->orderBy('model')->get();
        [$stay, $year, $narrow] = [$desk->stay(), $desk->year(), Workbench::isNarrow()];
        $known = $sums->loads->budget->energyWhDay > 0.0;
        $chemistries = $known ? ChemistryChoice::all($sums, $pin->batteries) : [];

        return $bench->view('stages.size', Stage::Size, [
            'pin' => $pin,
            'map' => $pin->map === null ? null : EnduranceSketch::of($pin->map, $pin->strings, $pin->count, $narrow),
            'stay' => $stay,
            'staySketch' => $stay === null ? null : StaySketch::of($stay, $narrow),
            'year' => $year,
            'yearSketch' => $year === null ? null : YearSketch::of($year, $narrow),
            'tanks' => TanksSketch::of($sums, $narrow),
            'narrow' => $narrow,
            'chemistries' => $chemistries,
            'best' => ChemistryChoice::best($chemistries),
            'voltages' => $known ? VoltageChoice::all($sums, Desk::library(...self::ON_A_VOLTAGE)) : [],
            'growth' => Growth::of($sums),
            'proposals' => Proposals::banks($sums, $batteries),
            'batteries' => $batteries,
        ]);
    }

    /** What the pin says where it stands now: a part of the page, asked for while it is dragged. */
    public function pin(PinQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.size-pin', Stage::Size, ['pin' => Pin::of($request, $bench)]);
    }

    /** The wish: how many days, which chemistry, how cold, how much money. */
    public function update(TargetRequest $request, Job $job): RedirectResponse
    {
        $job->saveIfUnchanged($request, $request->row($job));

        return redirect()->to($request->backTo(route('size', $job)));
    }
}
