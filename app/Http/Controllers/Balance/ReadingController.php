<?php

declare(strict_types=1);

namespace App\Http\Controllers\Balance;

use App\Actions\Balance\ReadingIntake;
use App\Csv\ReadingsCsv;
use App\Http\Controllers\Controller;
use App\Http\Requests\Balance\ReadingRequest;
use App\Http\Requests\Balance\ReadingsFileRequest;
use App\Models\BalanceBattery;
use App\Models\BalanceSession;
use App\Models\Job;
use App\Models\User;
use App\Record\Studies;
use App\Words\Lexicon;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Pebblefell\Exception\InvalidValue;

/** Readings by hand, one by one or as a file; what cannot be is asked about before it is kept. */
final class ReadingController extends Controller
{
    public function store(
        ReadingRequest $request,
        Job $job,
        BalanceSession $balanceSession,
        BalanceBattery $balanceBattery,
        ReadingIntake $intake,
    ): RedirectResponse|JsonResponse {
        $balanceBattery->setRelation('session', $balanceSession);
        $at = $request->readAt($balanceSession);
        try {
            $new = $intake->take(
                $balanceBattery,
                Studies::of($job)->system,
                $at,
                $request->reading($job, $at),
                'hand',
                self::who($request),
                $request->input('client_id'),
                $request->boolean('sure'),
            );
        } catch (InvalidValue $e) {
            $ask = $e->path === '/volts';
            $words = $ask ? Lexicon::plain()->refusal($e) : 'It ' . Lexicon::plain()->refusal($e) . '.';

            return $request->expectsJson()
                ? response()->json(['message' => $words, 'ask' => $ask], 422)
                : redirect()->route('balance', $job)->withInput()->withErrors(['volts' => $words])->with(
                    'ask',
                    $ask ? $balanceBattery->id : null,
                );
        }

        return $request->expectsJson() ? response()->json(['kept' => true, 'new' => $new]) : redirect()->route('balance', $job);
    }

    public function storeMany(ReadingsFileRequest $request, Job $job, BalanceSession $balanceSession): RedirectResponse
    {
        $result = ReadingsCsv::read(
            $balanceSession,
            Studies::of($job)->system,
            $request->tableText(),
            self::who($request),
            $request->boolean('sure'),
        );
        if ($result->faults !== []) {
            return redirect()->route('balance', $job)->withInput()->withErrors(['table' => 'Refused; nothing was logged.'])->with(
                'faults',
                array_slice($result->faults, 0, 50),
            );
        }

        return redirect()->route('balance', $job)->with('said', "$result->rows readings are in the log.");
    }

    private static function who(Request $request): string
    {
        return $request->user() instanceof User ? $request->user()->name : '';
    }
}
