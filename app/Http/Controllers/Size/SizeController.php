<?php

declare(strict_types=1);

namespace App\Http\Controllers\Size;

use App\Http\Controllers\Controller;
use App\Http\Desks\Size\Pin;
use App\Http\Desks\Size\Proposals;
use App\Http\Requests\Size\PinQuery;
use App\Http\Requests\Size\TargetRequest;
use App\Http\Workbench;
use App\Models\Job;
use App\Models\LibraryPart;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Stage;
use Pebblefell\Stage\Size\ChemistryChoice;
use Pebblefell\Stage\Size\EnduranceSketch;
use Pebblefell\Stage\Size\Growth;
use Pebblefell\Stage\Size\StaySketch;
use Pebblefell\Stage\Size\TanksSketch;
use Pebblefell\Stage\Size\VoltageChoice;
use Pebblefell\Stage\Sources\YearSketch;
use Pebblefell\System\PartKind;

final class SizeController extends Controller
{
    private const ON_A_VOLTAGE = [PartKind::Battery, PartKind::Inverter, PartKind::InverterCharger, PartKind::Dcdc, PartKind::MainsCharger, PartKind::Converter, PartKind::Cable];

    public function show(PinQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);
        $study = $bench->study;
        $pin = Pin::of($request, $bench);
        $batteries = LibraryPart::query()->where('kind', PartKind::Battery->value)->orderBy('make')->orderBy('model')->get();
        [$stay, $year, $narrow] = [$study->stay(), $study->year(), Workbench::isNarrow()];
        $known = $study->loads()->budget->energyWhDay > 0.0;
        $chemistries = $known ? ChemistryChoice::all($study, $pin->batteries) : [];

        return $bench->view('stages.size.show', Stage::Size, [
            'pin' => $pin,
            'map' => $pin->map === null ? null : EnduranceSketch::of($pin->map, $pin->strings, $pin->count, $narrow),
            'stay' => $stay,
            'staySketch' => $stay === null ? null : StaySketch::of($stay, $narrow),
            'year' => $year,
            'yearSketch' => $year === null ? null : YearSketch::of($year, $narrow),
            'tanks' => TanksSketch::of($study, $narrow),
            'narrow' => $narrow,
            'chemistries' => $chemistries,
            'best' => ChemistryChoice::best($chemistries),
            'voltages' => $known ? VoltageChoice::all($study, LibraryPart::ofKinds(...self::ON_A_VOLTAGE)) : [],
            'growth' => Growth::of($study),
            'proposals' => Proposals::banks($study, $batteries),
            'batteries' => $batteries,
        ]);
    }

    /** What the pin says where it stands now: a part of the page, asked for while it is dragged. */
    public function pin(PinQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.size.pin', Stage::Size, ['pin' => Pin::of($request, $bench)]);
    }

    /** The wish: how many days, which chemistry, how cold, how much money. */
    public function update(TargetRequest $request, Job $job): RedirectResponse
    {
        $job->saveIfUnchanged($request, $request->row($job));

        return redirect()->to($request->backTo(route('size', $job)));
    }
}
