<?php

declare(strict_types=1);

namespace App\Http\Controllers\Handover;

use App\Actions\NoteTick;
use App\Http\Controllers\Controller;
use App\Http\Controllers\NotesTicks;
use App\Http\Pages\Handover\WalkPage;
use App\Http\Requests\TickRequest;
use App\Http\Workbench;
use App\Models\Job;
use App\Models\Tick;
use App\Record\Studies;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Stage;
use Pebblefell\Stage\Handover\WalkThrough;

/** The walk through the vehicle with its owner: what is shown, what they ask, and their signature. */
final class WalkController extends Controller
{
    use NotesTicks;

    public function show(Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.handover.walk', Stage::Handover, ['page' => new WalkPage($bench)]);
    }

    public function store(TickRequest $request, Job $job, NoteTick $note): RedirectResponse|JsonResponse
    {
        $said = $request->said($this->user($request)->name);

        return $this->answered($request, route('handovers.walk', $job), static fn(): bool => $note(
            $job,
            Tick::WALK,
            $said,
            static function () use ($job, $said): void {
                if (!WalkThrough::of(Studies::of($job))->has($said['step'])) {
                    throw InvalidValue::at('/step', 'no-step');
                }
            },
            static fn() => null,
        ));
    }
}
