<?php

declare(strict_types=1);

namespace App\Http\Controllers\Test;

use App\Http\Controllers\Controller;
use App\Http\Pages\Test\VehiclePage;
use App\Http\Requests\Test\VehicleQuery;
use App\Http\Workbench;
use App\Models\Job;
use App\Record\Studies;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Pebblefell\Stage;
use Pebblefell\Stage\Test\SimulatedVehicle;

/** The whole vehicle as practice: nothing is noted in the job. Its readings as an instrument would hand them over. */
final class VehicleController extends Controller
{
    public function index(VehicleQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.test.vehicle', Stage::Test, ['page' => new VehiclePage($bench, $request)]);
    }

    /** JSON lines (one object a line), as `test.readings` reads them. */
    public function show(VehicleQuery $request, Job $job): Response
    {
        $vehicle = SimulatedVehicle::of(Studies::of($job), VehiclePage::secret($job, $request->seed() ?? 1));
        $lines = [];
        foreach ($vehicle?->readings() ?? [] as $step => $read) {
            $lines[] = json_encode(
                ['line' => $step, ...$read, 'instrument' => 'simulated bench'],
                JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
            );
        }

        return new Response(implode("\n", $lines) . "\n", 200, [
            'Content-Type' => 'application/x-ndjson', 'Content-Disposition' => "attachment; filename=\"bench-$job->number.jsonl\"",
        ]);
    }
}
