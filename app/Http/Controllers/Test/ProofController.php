<?php

declare(strict_types=1);

namespace App\Http\Controllers\Test;

use App\Http\Controllers\Controller;
use App\Http\Pages\Test\ProofPage;
use App\Http\Workbench;
use App\Models\Job;
use App\Models\Tick;
use App\Record\DayDesk;
use Illuminate\Contracts\View\View;
use Pebblefell\Stage;
use Pebblefell\Stage\Test\Proof;

/** The ten-minute proof, on a phone beside the vehicle. */
final class ProofController extends Controller
{
    public function __invoke(Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.test.proof', Stage::Test, [
            'page' => new ProofPage($bench, Proof::of($bench->study, DayDesk::ticks($job, Tick::TEST))),
        ]);
    }
}
