<?php

declare(strict_types=1);

namespace App\Http\Controllers\Wiring;

use App\Http\Controllers\Controller;
use App\Http\Pages\Wiring\LabelSheet;
use App\Http\Pages\Wiring\LabelsPage;
use App\Http\Pages\Wiring\PartsListPage;
use App\Http\Pages\Wiring\WiringPage;
use App\Http\Requests\Wiring\LabelsQuery;
use App\Http\Requests\Wiring\WiringQuery;
use App\Http\Workbench;
use App\Models\Job;
use App\Pack\CircuitDrawing;
use App\Pack\Pdf;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Pebblefell\Stage;

/** The circuit on paper and as files: the drawing, the pick list beside it, the labels. */
final class PaperController extends Controller
{
    public function show(WiringQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view(
            'stages.wiring.paper',
            Stage::Wiring,
            ['page' => new WiringPage($bench, $request), 'list' => new PartsListPage($bench)],
        );
    }

    public function svg(WiringQuery $request, Job $job): Response
    {
        $bench = Workbench::of($job);
        $drawing = new CircuitDrawing(
            $bench->say,
            $bench->show,
            $bench->study,
            $request->shown(),
            Workbench::isNarrow(),
            returns: $request->isOfReturns(),
        );
        abort_if($drawing->line === null, 404);

        $name = "wiring-$job->number" . ($request->isOfReturns() ? '-minus' : '') . '.svg';

        return new Response("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n" . $drawing->svg(), 200, [
            'Content-Type' => 'image/svg+xml', 'Content-Disposition' => "attachment; filename=\"$name\"",
        ]);
    }

    public function labels(LabelsQuery $request, Job $job): Response
    {
        $bench = Workbench::of($job);
        $sheet = LabelSheet::chosen($request->asked('stock'), $bench->study->system->region);
        $html = view(
            'stages.wiring.labels',
            [
                'grid' => $sheet,
                'sheets' => array_chunk((new LabelsPage($bench))->labels(), max(1, $sheet->holds())),
            ],
        )->render();

        return new Response(Pdf::of($html, $sheet->paper, $job->title)->output(), 200, [
            'Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"labels-$job->number.pdf\"",
        ]);
    }
}
