<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Job;
use App\Models\Photo;
use App\Policies\JobPolicy;
use App\Record\Digest;
use App\Record\Disk;
use App\Record\Milestones;
use App\Record\PartRow;
use App\Record\Studies;
use App\Record\UnreadableJob;
use App\Words\Lexicon;
use App\Words\Show;
use Illuminate\Contracts\View\View as ViewContract;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\View;
use Pebblefell\Assessment\Assessment;
use Pebblefell\Assessment\Skyline;
use Pebblefell\Stage;
use Pebblefell\Study;

/** Lays a job on the bench: its model, what core says of it, and the units to read it in. */
final class Workbench
{
    /** @var ?array<string, PartRow> */
    private ?array $rows = null;

    private function __construct(
        public readonly Job $job,
        public readonly Study $study,
        public readonly Assessment $assessment,
        public readonly Skyline $skyline,
        public readonly Show $show,
        public readonly Lexicon $say,
    ) {
    }

    public static function of(Job $job): self
    {
        if ($job->isUnreadable() && Digest::isFresh($job)) {
            throw UnreadableJob::known($job);
        }
        $study = Studies::of($job);
        $skyline = Skyline::of($study->assessment(), Milestones::of($job, $study));
        if (!Digest::isFresh($job) && !Disk::isNearlyFull()) {
            Digest::keep($job, $study);
        }
        $show = $job->show();

        return new self($job, $study, $study->assessment(), $skyline, $show, Lexicon::of($study->system, $show));
    }

    /** The row of a part; null: the part is in the model alone. */
    public function row(string $uid): ?PartRow
    {
        return $this->rows()[$uid] ?? null;
    }

    /**
     * @return array<string, PartRow> of the job's parts by uid
     */
    public function rows(): array
    {
        return $this->rows ??= PartRow::all($this->job);
    }

    /**
     * Pictures of the job's parts that show this.
     *
     * @return Builder<Photo>
     */
    public function pictures(string $shows): Builder
    {
        return Photo::query()->whereIn('part_id', array_column($this->rows(), 'id'))->where('shows', $shows);
    }

    /** Who works on a stage: a role, and who holds it. */
    public function whoMay(Stage $stage): string
    {
        return JobPolicy::whoMay($stage->ability());
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
            'study' => $this->study,
            'system' => $this->study->system,
            'region' => $this->study->system->region,
            ...$data,
        ]);
    }
}
