<?php

declare(strict_types=1);

namespace App\Http\Controllers\Wiring;

use App\Actions\ApplyChanges;
use App\Csv\Csv;
use App\Http\Controllers\Controller;
use App\Http\Pages\Wiring\LaterPage;
use App\Http\Pages\Wiring\MatrixPage;
use App\Http\Pages\Wiring\OutletsPage;
use App\Http\Pages\Wiring\PartsListPage;
use App\Http\Pages\Wiring\ProposalPage;
use App\Http\Pages\Wiring\SelectivityPage;
use App\Http\Pages\Wiring\WiringPage;
use App\Http\Requests\Wiring\LayoutRequest;
use App\Http\Requests\Wiring\WiringQuery;
use App\Http\Workbench;
use App\Models\Job;
use App\Record\Studies;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Pebblefell\Stage;
use Pebblefell\Stage\Wiring\SoundLayout;

/** The circuit that hangs on the bank, and what if a part of it opens. */
final class WiringController extends Controller
{
    public function show(WiringQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.wiring.show', Stage::Wiring, [
            'page' => new WiringPage($bench, $request),
            'proposal' => new ProposalPage($bench),
            'list' => new PartsListPage($bench),
            'matrix' => new MatrixPage($bench),
            'outlets' => new OutletsPage($bench),
            'selective' => new SelectivityPage($bench),
            'later' => new LaterPage($bench, $request->watts()),
        ]);
    }

    public function csv(Job $job): Response
    {
        $rows = array_map(
            static fn(array $r): array => [
                $r['what'], $r['size'], $r['count'], $r['open'], $r['place'], $r['price'], $r['cost'], $r['order'],
            ],
            (new PartsListPage(Workbench::of($job)))->rows(),
        );

        return Csv::response(
            "wiring-$job->number",
            Csv::write([['what', 'size', 'count', 'open', 'where', 'price', 'cost', 'stock'], ...$rows]),
        );
    }

    /** The proposed circuit comes into the plan, if it is still the one that was seen. */
    public function update(LayoutRequest $request, Job $job, ApplyChanges $apply): RedirectResponse
    {
        $layout = SoundLayout::of(Studies::of($job));
        if ($layout->isEmpty() || ProposalPage::markOf($layout->changes()) !== $request->string('seen')->toString()) {
            return redirect()->route('wiring', $job)->withErrors(
                ['seen' => 'The plan has changed since you looked: look at the circuit again.'],
            );
        }
        $apply($job, $layout->changes($request->pieces()));

        return redirect()->route('wiring', $job)->with('said', 'The circuit is drawn into the plan. Its lengths are still to be measured.');
    }
}
