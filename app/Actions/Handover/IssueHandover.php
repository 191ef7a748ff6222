<?php

declare(strict_types=1);

namespace App\Actions\Handover;

use App\Models\Handover;
use App\Models\Job;
use App\Models\User;
use App\Pack\PackDocument;
use App\Record\JobFiles;
use Illuminate\Support\Str;

/** Issues a pack: the job as it is now, kept for good under a private token. */
final class IssueHandover
{
    /**
     * @param ?string $expiresOn last day on which its link opens, Y-m-d; null: until it is taken back
     */
    public function __invoke(Job $job, User $by, ?string $expiresOn = null): Handover
    {
        $document = JobFiles::export($job);
        $handover = new Handover([
            'number' => 1 + (int) $job->handovers()->max('number'),
            'token' => Str::random(40),
            'document' => $document,
            'sha256' => hash('sha256', $document),
            'language' => $job->customer->language ?? 'en',
            'expires_on' => $expiresOn,
            'issued_by' => $by->name,
        ]);
        $handover->job()->associate($job);
        $handover->save();
        self::freeze($handover);
        $handover->forceFill(['revision' => Job::query()->whereKey($job->id)->value('revision')])->saveQuietly();

        return $handover;
    }

    /** Adds what a pack of an earlier release lacks; what it has stays as it was issued. */
    public static function complete(Handover $handover): void
    {
        if ($handover->page === null) {
            self::freeze($handover);
        } elseif ($handover->night === null) {
            $handover->fill(['night' => PackDocument::of($handover->refresh())->night()])->saveQuietly();
        }
    }

    /** Lays the pack out once, as rules and words are now, and keeps what came out. */
    public static function freeze(Handover $handover): void
    {
        $pack = PackDocument::of($handover->refresh());
        $handover->fill(['page' => $pack->body(), 'pdf' => $pack->pdf(), 'pictures' => $pack->pictures(), 'night' => $pack->night()]);
        $handover->saveQuietly();
    }
}
