<?php

declare(strict_types=1);

namespace App\Http\Controllers\Test;

use App\Actions\Survey\AddParts;
use App\Actions\Test\NoteCheck;
use App\Http\Controllers\Controller;
use App\Http\Requests\Test\CapacityRequest;
use App\Models\Job;
use App\Models\Measurement;
use App\Models\Part;
use App\Record\LiveDischarge;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Stage\NotedTick as Noted;

/** A capacity by discharge, from a log: kept with the battery, beside what it had before. */
final class CapacityController extends Controller
{
    public function store(CapacityRequest $request, Job $job, AddParts $addParts, NoteCheck $note): RedirectResponse
    {
        $back = redirect()->to(route('test', $job) . '#fold-capacity');
        $part = $job->parts()->where('kind', 'battery')->where('uid', $request->string('part')->toString())->first();
        if (!$part instanceof Part) {
            return $back->withInput()->withErrors(['part' => 'Choose a battery of this job.']);
        }
        $test = $request->result();
        $addParts->row($job, Measurement::class, 'm', [
            'part_uid' => $part->uid,
            'quantity' => 'capacity',
            'value' => round($test->ah, 2),
            'note' => sprintf('%.1f h down to %s V, %.0f Wh', $test->hours, (float) $request->input('end_v'), $test->wh)
                . ($request->filled('celsius') ? ', at ' . $request->string('celsius') . ' °' : ''),
            'measured_at' => now()->toIso8601ZuluString(),
            'measured_by' => $this->user($request)->name,
        ]);

        if ($request->boolean('live')) {
            // What is kept begins anew the next time.
            $note($job, [
                'step' => LiveDischarge::step($part->uid), 'state' => Noted::UNDONE, 'value' => null, 'amps' => null, 'note' => '',
                'at' => CarbonImmutable::now()->utc(), 'by' => $this->user($request)->name, 'client_id' => null,
            ]);
        }

        return $back->with(
            'said',
            $part->name() . sprintf(': %.1f Ah. ', $test->ah) . 'Note it on the part as measured, and every sum goes by it.',
        );
    }
}
