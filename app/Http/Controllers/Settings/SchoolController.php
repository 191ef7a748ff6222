<?php

declare(strict_types=1);

namespace App\Http\Controllers\Settings;

use App\Http\Controllers\Controller;
use App\Http\Requests\Settings\SchoolRequest;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;

/** For what the bank is charged: every day, a trip, a long life, storage. */
final class SchoolController extends Controller
{
    public function update(SchoolRequest $request, Job $job): RedirectResponse
    {
        $details = $job->details ?? [];
        $details['travel'] = ['school' => $request->string('school')->toString()] + ($details['travel'] ?? []);
        $job->changeTo(['details' => $details]);

        return redirect()->route('settings', $job)->with(
            'said',
            'The values are planned for that. What was set before is still to be set anew.',
        );
    }
}
