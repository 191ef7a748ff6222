<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Http\Controllers\Controller;
use App\Http\Pages\Loads\TrialPage;
use App\Http\Requests\Loads\TrialQuery;
use App\Http\Workbench;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Load\TrialStay;
use Pebblefell\Stage;
use Pebblefell\System\HouseBank;

/** The trial weekend: was it the sun or the bank? */
final class TrialController extends Controller
{
    public function create(Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.loads.trial', Stage::Loads, ['page' => new TrialPage(self::bank($bench))]);
    }

    public function show(TrialQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);
        $study = $bench->study;
        $case = self::bank($bench);
        [$trial, $fault] = [null, null];
        try {
            $trial = $case->bank === null || !$request->isWhole() ? null : TrialStay::of(
                $study->loads()->budget,
                self::capacityWh($case, $study->loads()->budget->meanA(), $study->banks()->celsius->value),
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

        return $bench->view('stages.loads.trial', Stage::Loads, ['page' => new TrialPage($case, $trial, $fault)]);
    }

    /** The bank that was lived with: the one that is there, else the planned one. */
    private static function bank(Workbench $bench): HouseBank
    {
        $banks = $bench->study->banks();

        return $banks->found->exists() ? $banks->found : $banks->planned;
    }

    private static function capacityWh(HouseBank $case, float $meanA, float $celsius): float
    {
        return $case->bank === null ? 0.0 : $case->bank->deliverableAh($meanA, $celsius) * $case->bank->nominalV();
    }
}
