<?php

declare(strict_types=1);

namespace App\Http\Pages\Handover;

use App\Http\Workbench;
use App\Models\Handover;
use App\Record\PartRow;
use Illuminate\Database\Eloquent\Collection;
use Pebblefell\Assessment\Verdict;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Handover\Warranty;
use Pebblefell\Stage\NotedTick;
use Pebblefell\System\Part;

/** Shows Handover: what is fitted, and the packs that were issued. */
final readonly class HandoverPage
{
    /** @var Collection<int, Handover> the last first */
    public Collection $handovers;

    public function __construct(private Workbench $bench)
    {
        $this->handovers = $bench->job->handovers()->reorder('number', 'desc')->get([
            'id',
            'job_id',
            'number',
            'token',
            'issued_by',
            'revoked_at',
            'created_at',
            'language',
            'sha256',
            'expires_on',
            'opened',
            'revision',
        ]);
    }

    /**
     * @return list<array{part: Part, row: ?PartRow}>
     */
    public function fitted(): array
    {
        $rows = [];
        foreach ($this->bench->study->planned()->parts as $part) {
            $rows[] = ['part' => $part, 'row' => $this->bench->row($part->uid)];
        }

        return $rows;
    }

    public function row(Part $part): ?PartRow
    {
        return $this->bench->row($part->uid);
    }

    /** The pack that the customer has. */
    public function live(): ?Handover
    {
        return $this->handovers->whereNull('revoked_at')->first();
    }

    /** The job, or what was noted on its sheets, is not as it was when that pack was issued. */
    public function hasChangedSince(Handover $pack): bool
    {
        return $this->bench->job->revision > $pack->revision || $this->bench->job->ticks()->where(
            'created_at',
            '>',
            $pack->created_at,
        )->exists();
    }

    public function stops(): int
    {
        return count($this->openStops());
    }

    /**
     * @return list<string> titles of stops that nobody has answered; with one of them no pack is issued
     */
    public function openStops(): array
    {
        $open = array_filter(
            $this->bench->assessment->verdicts,
            static fn(Verdict $v): bool => $v->isOpen() && $v->finding->severity === Severity::Stop,
        );

        return array_values(array_map(fn(Verdict $v): string => $this->bench->say->finding($v->finding)->title, $open));
    }

    /**
     * @return list<array{part: Part, months: string, from: string, until: string, by: string}> parts with a warranty, the first to end
     *     first
     */
    public function warranties(): array
    {
        return array_map(static fn(Warranty $w): array => [
            'part' => $w->part, 'months' => (string) (int) $w->months, 'from' => $w->from, 'until' => $w->until(), 'by' => $w->by,
        ], Warranty::ofAll(array_values($this->bench->study->planned()->parts)));
    }

    /** "3 of 14 points shown, 1 question; signed by Ase Holm". */
    public function walked(): string
    {
        $walk = new WalkPage($this->bench);
        $asked = count(array_filter($walk->points, static fn(array $p): bool => $walk->tick($p['key'])?->state === NotedTick::OTHERWISE));

        return $walk->shown() . ' of ' . $walk->count() . ' points shown'
            . ($asked === 0 ? '' : ", $asked question" . ($asked === 1 ? '' : 's'))
            . ($walk->signature === null ? '' : '; ' . lcfirst($walk->signed()));
    }

    public function nextNumber(): int
    {
        return (int) $this->handovers->max('number') + 1;
    }
}
