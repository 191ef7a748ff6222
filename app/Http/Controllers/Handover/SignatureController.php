<?php

declare(strict_types=1);

namespace App\Http\Controllers\Handover;

use App\Http\Controllers\Controller;
use App\Http\Requests\Handover\SignatureRequest;
use App\Models\Job;
use App\Models\SentOtherwise;
use App\Models\Signature;
use App\Record\JobFiles;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Symfony\Component\Uid\Uuid;

/** Keeps what the owner signs after the walk; from the outbox it arrives once. */
final class SignatureController extends Controller
{
    public function store(SignatureRequest $request, Job $job): RedirectResponse|JsonResponse
    {
        // Without scripts each sending is one of its own.
        $id = $request->clientId() ?? (string) Uuid::v4();
        $before = Signature::query()->where('client_id', $id)->first();
        if ($before !== null && [$before->job_id, $before->name, $before->strokes] !== [$job->id, $request->name(), $request->strokes()]) {
            throw new SentOtherwise();
        }
        if ($before === null) {
            $signature = new Signature([
                'client_id' => $id, 'name' => $request->name(), 'strokes' => $request->strokes(), 'signed_at' => $request->at(),
                'by' => $this->user($request)->name, 'sha256' => hash('sha256', JobFiles::export($job)),
            ]);
            $signature->job()->associate($job)->save();
            Job::moved($job->id);
        }

        return $request->expectsJson()
            ? response()->json(['kept' => true])
            : redirect()->to($request->backTo(route('handover', $job)))->with('said', 'Signed. It goes into the next pack.');
    }
}
