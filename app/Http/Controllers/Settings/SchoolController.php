<?php

declare(strict_types=1);

namespace App\Http\Controllers\Settings;

use App\Http\Controllers\Controller;
use App\Http\Requests\Settings\SchoolRequest;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/** For what the bank is charged: every day, a trip, a long life, storage. */
final class SchoolController extends Controller
{
    public function update(SchoolRequest $request, Job $job): RedirectResponse
    {
        DB::transaction(static function () use ($request, $job): void {
            $row = Job::held($job->id);
            $details = $row->details ?? [];
            $details['travel'] = ['school' => $request->string('school')->toString()] + ($details['travel'] ?? []);
            $row->changeTo(['details' => $details]);
        });

        return redirect()->route('settings', $job)->with(
            'said',
            'The values are planned for that. What was set before is still to be set anew.',
        );
    }
}
