<?php

declare(strict_types=1);

namespace App\Http\Controllers\DayPlan;

use App\Actions\DayPlan\NoteStep;
use App\Http\Controllers\Controller;
use App\Http\Controllers\NotesTicks;
use App\Http\Requests\TickRequest;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

/** Notes what is done at a step of the run sheet. */
final class TickController extends Controller
{
    use NotesTicks;

    public function store(TickRequest $request, Job $job, NoteStep $note): RedirectResponse|JsonResponse
    {
        $said = $request->said($this->user($request)->name);

        return $this->answered($request, route('day-plan.steps', $job), static fn(): bool => $note($job, $said, $request->deviation()));
    }
}
