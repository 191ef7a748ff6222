<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\LogReading;
use App\Http\Requests\ReadingRequest;
use App\Models\BalanceBattery;
use App\Models\BalanceReading;
use App\Models\BalanceSession;
use App\Models\Job;
use App\Models\User;
use App\Support\Workbench;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Balance\Doubt;
use Pebblefell\Balance\Reading;
use Pebblefell\Balance\Subject;

/** Readings by hand, one by one; what cannot be is asked about before it is kept. */
final class ReadingController extends Controller
{
    public function store(ReadingRequest $request, Job $job, BalanceSession $balanceSession, BalanceBattery $balanceBattery, LogReading $log): RedirectResponse|JsonResponse
    {
        $part = Workbench::of($job)->assessment->sums->system->parts[$balanceBattery->part_uid] ?? abort(404);
        $json = $request->expectsJson();
        if (!$balanceSession->isOpen()) {
            return $json ? response()->json(['message' => 'The session is closed.'], 409) : redirect()->route('balance', $job)->withErrors(['volts' => 'The session is closed.']);
        }
        $balanceBattery->setRelation('session', $balanceSession);
        $subject = Subject::of($balanceBattery->part_uid, $part->data);
        $at = $request->filled('read_at') && $balanceSession->clock === null ? CarbonImmutable::parse((string) $request->input('read_at')) : $balanceSession->time();
        $number = static fn(string $key): ?float => $request->input($key) === null || $request->input($key) === '' ? null : (float) $request->input($key);
        $reading = new Reading((float) $at->getTimestamp(), (float) $request->input('volts'), $number('amps'), $number('celsius'));
        $before = $balanceBattery->readings()->get()->last();
        $doubt = Doubt::about($subject, $balanceBattery->step, $reading, $before instanceof BalanceReading ? $before->toReading() : null);
        if ($doubt !== null && !$request->boolean('sure')) {
            return $json ? response()->json(['message' => $doubt, 'ask' => true], 422) : redirect()->route('balance', $job)->withInput()->withErrors(['volts' => $doubt])->with('ask', $balanceBattery->id);
        }
        $new = $log($balanceBattery, $subject, $at, $reading->volts, $reading->amps, $reading->celsius, 'hand', $request->user() instanceof User ? $request->user()->name : '', $request->input('client_id'));

        return $json ? response()->json(['kept' => true, 'new' => $new]) : redirect()->route('balance', $job);
    }
}
