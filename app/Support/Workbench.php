<?php

declare(strict_types=1);

namespace App\Support;

use App\Exceptions\UnreadableJob;
use App\Models\Job;
use App\Models\Workshop;
use App\Words\Lexicon;
use App\Words\Show;
use Illuminate\Contracts\View\View as ViewContract;
use Illuminate\Support\Facades\View;
use Pebblefell\Assessment\Assessment;
use Pebblefell\Assessment\Skyline;
use Pebblefell\Assessment\Stage;
use Pebblefell\System\System;

/** Lays a job on the bench: its model, what core says of it, and the units to read it in. */
final class Workbench
{
    private function __construct(public readonly Job $job, public readonly Assessment $assessment, public readonly Skyline $skyline, public readonly Show $show, public readonly Lexicon $say)
    {
    }

    public static function of(Job $job): self
    {
        if ($job->isUnreadable() && Digest::isFresh($job)) {
            throw UnreadableJob::known($job);
        }
        $assessment = self::assessment($job);
        $skyline = Skyline::of($assessment, $job->handovers()->whereNull('revoked_at')->exists(), $job->isBalanced($assessment));
        if (!Digest::isFresh($job)) {
            Digest::keep($job, $assessment);
        }

        return new self($job, $assessment, $skyline, self::show($job), self::lexicon($job, $assessment->sums->system));
    }

    /** @var array{string, Assessment}|null the last one that was asked for in this process */
    private static ?array $last = null;

    /** What core says of a job as its rows are now; worked out once, as long as nothing is written. */
    public static function assessment(Job $job): Assessment
    {
        $key = implode('.', [$job->id, $job->revision, $job->effectiveRegion()->value, Job::writes()]);
        if (self::$last === null || self::$last[0] !== $key) {
            self::$last = [$key, Assessment::of(SystemReader::read($job))];
        }

        return self::$last[1];
    }

    /** The words of what core says of a job, for whoever reads it. */
    public static function lexicon(Job $job, System $system): Lexicon
    {
        return new Lexicon(self::show($job), static fn(string $uid): string => isset($system->parts[$uid]) ? $system->parts[$uid]->name() : $uid);
    }

    private static function show(Job $job): Show
    {
        return new Show($job->effectiveRegion()->units(), Workshop::current()->currency);
    }

    /** The page is read on a phone: its drawings are then made for one. The browser says so by a cookie, see resources/js/width.js. */
    public static function isNarrow(): bool
    {
        return request()->cookie('narrow') === '1';
    }

    /**
     * A page of the job with its skyline and its findings rail.
     *
     * @param view-string $view
     * @param array<string, mixed> $data
     */
    public function view(string $view, ?Stage $stage, array $data = []): ViewContract
    {
        View::share('show', $this->show);
        View::share('say', $this->say);

        return view($view, [
            'job' => $this->job,
            'bench' => $this,
            'stage' => $stage,
            'sums' => $this->assessment->sums,
            'system' => $this->assessment->sums->system,
            'region' => $this->assessment->sums->system->region,
            ...$data,
        ]);
    }
}
