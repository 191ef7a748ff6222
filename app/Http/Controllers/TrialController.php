<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TrialQuery;
use App\Models\Job;
use App\Support\Workbench;
use Illuminate\Contracts\View\View;
use Pebblefell\Assessment\Stage;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Load\TrialStay;
use Pebblefell\Sizing\BankCase;

/** The trial weekend: was it the sun or the bank? */
final class TrialController extends Controller
{
    public function create(Job $job): View
    {
        return Workbench::of($job)->view('stages.trial', Stage::Loads, ['trial' => null, 'fault' => null]);
    }

    public function show(TrialQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);
        $sums = $bench->assessment->sums;
        $case = $sums->banks->found->exists() ? $sums->banks->found : $sums->banks->planned;
        [$trial, $fault] = [null, null];
        try {
            $trial = $case->bank === null || !$request->isWhole() ? null : TrialStay::of(
                $sums->loads->budget,
                self::capacityWh($case, $sums->loads->budget->meanA(), $sums->banks->celsius->value),
                100.0 - 100.0 * $case->bank->usableShare(),
                $request->value('error_pct'),
                $request->value('arrive_h'),
                $request->value('arrive_pct'),
                $request->value('morning_h'),
                $request->value('morning_pct'),
                $request->value('afternoon_pct'),
            );
        } catch (InvalidValue $e) {
            $fault = $e;
        }

        return $bench->view('stages.trial', Stage::Loads, ['trial' => $trial, 'fault' => $fault]);
    }

    private static function capacityWh(BankCase $case, float $meanA, float $celsius): float
    {
        return $case->bank === null ? 0.0 : $case->bank->deliverableAh($meanA, $celsius) * $case->bank->nominalV();
    }
}
