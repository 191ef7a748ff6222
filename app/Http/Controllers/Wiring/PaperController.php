<?php

declare(strict_types=1);

namespace App\Http\Controllers\Wiring;

use App\Http\Controllers\Controller;
use App\Http\Pages\Wiring\LabelsPage;
use App\Http\Pages\Wiring\LabelStock;
use App\Http\Pages\Wiring\OneLinePage;
use App\Http\Pages\Wiring\PartsListPage;
use App\Http\Pages\Wiring\WiringPage;
use App\Http\Requests\Wiring\LabelsQuery;
use App\Http\Requests\Wiring\WiringQuery;
use App\Http\Workbench;
use App\Models\Job;
use App\Pack\Pdf;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Pebblefell\Stage;

/** The circuit on paper and as files: the drawing, the pick list beside it, the labels. */
final class PaperController extends Controller
{
    /** The look's light colours, for a drawing that stands alone. As in resources/css/app.css. */
    private const COLOURS = [
        '--ground' => '#ffffff', '--paper' => '#ffffff', '--ink' => '#1d282b', '--ink-2' => '#515e5a', '--heather' => '#6b3a78', '--rust' => '#a5391c',
        '--rust-wash' => '#f3d9cd', '--fern-wash' => '#eef4ec',
    ];

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
        $drawing = new OneLinePage($bench, $bench->study, $request->shown());
        abort_if($drawing->line === null, 404);
        $css = strtr((string) file_get_contents(resource_path('css/one-line.css')), array_combine(
            array_map(static fn(string $name): string => "var($name)", array_keys(self::COLOURS)),
            array_values(self::COLOURS),
        ));
        $svg = view(
            'stages.wiring.svg',
            [
                'drawing' => $drawing,
                'css' => 'text { font-family: sans-serif; } .mid { text-anchor: middle; } .end { text-anchor: end; } ' . $css,
            ],
        )->render();

        return new Response("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n$svg", 200, [
            'Content-Type' => 'image/svg+xml', 'Content-Disposition' => "attachment; filename=\"wiring-$job->number.svg\"",
        ]);
    }

    public function labels(LabelsQuery $request, Job $job): Response
    {
        $bench = Workbench::of($job);
        $stock = $request->stock(LabelStock::ofRegion($bench->study->system->region)[0]);
        $html = view(
            'stages.wiring.labels',
            [
                'grid' => $stock->grid(),
                'sheets' => array_chunk((new LabelsPage($bench))->labels(), max(1, $stock->grid()['columns'] * $stock->grid()['rows'])),
            ],
        )->render();

        return new Response(Pdf::of($html, $stock->paper(), $job->title)->output(), 200, [
            'Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"labels-$job->number.pdf\"",
        ]);
    }
}
