<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Job;
use Illuminate\Contracts\View\View as ViewContract;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\View;
use Pebblefell\Assessment\Assessment;
use Pebblefell\Assessment\Skyline;
use Pebblefell\Assessment\Stage;

/** Lays a job on the bench: its model, what core says of it, and the units to read it in. */
final readonly class Workbench
{
    private function __construct(public Job $job, public Assessment $assessment, public Skyline $skyline, public Show $show)
    {
    }

    public static function of(Job $job): self
    {
        $assessment = self::assessment($job);
        $skyline = Skyline::of($assessment, $job->handovers()->whereNull('revoked_at')->exists(), $job->isBalanced($assessment));
        if ($job->digest_revision !== $job->revision) {
            Digest::keep($job, $assessment);
        }

        return new self($job, $assessment, $skyline, new Show($assessment->sums->system->region->units()));
    }

    /**
     * What core says of a job. Computed once for each state of its model: the same revision always gives the same answer.
     */
    public static function assessment(Job $job): Assessment
    {
        $key = implode('.', ['assessment', $job->id, $job->revision, $job->effectiveRegion()->value, Digest::RULES]);
        $kept = Cache::get($key);
        if (!$kept instanceof Assessment) {
            $kept = Assessment::of(SystemReader::read($job));
            Cache::put($key, $kept, now()->addDays(2));
        }

        return $kept;
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
