<?php

declare(strict_types=1);

namespace App\Http\Pages\Aftercare;

use App\Http\Workbench;
use App\Models\Handover;
use App\Models\LogFile;
use App\Models\Message;
use App\Models\Tick as Row;
use App\Models\Workshop;
use App\Record\Milestones;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Collection;
use Pebblefell\Bank\Fade;
use Pebblefell\Stage\Aftercare\Drift;
use Pebblefell\Stage\Aftercare\FadeSketch;
use Pebblefell\Stage\Aftercare\Replaced;
use Pebblefell\Stage\Reading;
use Pebblefell\Stage\Ticks;

/** Shows Aftercare: when it is seen again, what has drifted since the handover, and how its capacity fades. */
final readonly class AftercarePage
{
    private const YEAR_S = 365.25 * 86_400.0;

    public ?Handover $handover;

    public Drift $drift;

    private Workshop $workshop;

    public function __construct(private Workbench $bench)
    {
        $this->workshop = Workshop::current();
        $this->handover = $bench->job->handovers()->whereNull('revoked_at')->reorder('number')->first(
            ['id', 'job_id', 'number', 'created_at'],
        );
        $at = $this->handover?->created_at;
        $ticks = static fn(string $than): Ticks => Ticks::of($at === null ? [] : $bench->job->ticks()->where('sheet', Row::TEST)
            ->where('noted_at', $than, $at)->get()->map(static fn(Row $t) => $t->toNoted()));
        $lines = [];
        foreach ($bench->study->testSheet()->checks as $check) {
            if ($check->reading !== null) {
                $lines[] = ['key' => $check->key, 'does' => $check->does, 'args' => $check->args, 'reading' => $check->reading];
            }
        }
        $this->drift = Drift::of($lines, $ticks('<='), $ticks('>'));
    }

    /**
     * @return Collection<int, LogFile>
     */
    public function logs(): Collection
    {
        return once(
            fn(): Collection => $this->bench->job->logFiles()->get(
                ['id', 'name', 'rows', 'bytes', 'read_bytes', 'columns', 'finished_at', 'by', 'created_at'],
            ),
        );
    }

    /**
     * @return array<string, string> parts that may be replaced, by uid
     */
    public function parts(): array
    {
        return array_map($this->bench->say->onePart(...), $this->bench->study->planned()->parts);
    }

    /**
     * Returns what follows when a part is replaced; null where none is asked about.
     *
     * @return ?array{name: string, boxes: list<string>, checks: list<string>, mind: list<string>}
     */
    public function replaced(string $uid): ?array
    {
        $new = Replaced::of($this->bench->study, $uid);

        return $new === null ? null : [
            'name' => $this->bench->say->onePart($new->part), 'boxes' => array_map($this->bench->say->name(...), $new->boxes),
            'checks' => array_map(
                fn(array $c): string => $this->title($c),
                $new->checks,
            ), 'mind' => array_map($this->bench->say->said(...), $new->mind),
        ];
    }

    /**
     * @return Collection<int, Message> latest first
     */
    public function messages(): Collection
    {
        return $this->bench->job->messages;
    }

    public function waiting(): int
    {
        return $this->messages()->whereNull('answered_at')->count();
    }

    /** Returns what was ticked and read, in a line. */
    public function told(Message $message): string
    {
        $said = $message->ran_short === '' ? [] : [$this->bench->say->word("pack.short.$message->ran_short")];
        foreach ($message->readings ?? [] as $reading => $pct) {
            $said[] = $this->bench->say->word("pack.read.$reading") . ' ' . $this->bench->show->text($pct, '%', 0);
        }

        return implode('; ', $said);
    }

    public function due(): ?CarbonInterface
    {
        return Milestones::caredUntil($this->bench->job);
    }

    public function isDue(): bool
    {
        return $this->due()?->lessThanOrEqualTo(CarbonImmutable::now()) === true;
    }

    public function today(): string
    {
        return $this->workshop->today();
    }

    public function at(?CarbonInterface $at, string $format = 'j M Y'): string
    {
        return $at === null ? '' : $this->workshop->local($at)->format($format);
    }

    /**
     * @return Collection<int, Row> latest first
     */
    public function visits(): Collection
    {
        return once(fn(): Collection => $this->bench->job->ticks()->where('sheet', Row::VISIT)->reorder('noted_at', 'desc')->get());
    }

    /**
     * @param array{does: string, args: array<string, mixed>} $row
     */
    public function title(array $row): string
    {
        return $this->bench->say->word("tests.does.$row[does].title", $row['args']);
    }

    /** A reading, or milliohms and shares where it goes with the current. */
    public function value(Reading $reading, ?float $value): string
    {
        return match (true) {
            $value === null => '–',
            !$reading->wantsAmps() => $this->bench->show->text($value, $reading->unit),
            $reading->quantity === 'volts' => $this->bench->show->text(1000.0 * $value, 'mΩ', 2),
            default => $this->bench->show->text(100.0 * $value, '%', 0),
        };
    }

    public function change(?float $change): string
    {
        return $change === null ? '' : ($change > 0 ? '+' : '') . $this->bench->show->text(100.0 * $change, '%', 0);
    }

    /**
     * Batteries whose capacity was measured, with the line through it.
     *
     * @return list<array{uid: string, name: string, label: float, fade: ?Fade, sketch: FadeSketch, first: string, says: string}>
     */
    public function fades(): array
    {
        $measured = [];
        foreach ($this->bench->study->system->measurements as $m) {
            if ($m->quantity === 'capacity') {
                $measured[$m->partUid][] = ['atS' => (float) CarbonImmutable::parse($m->at)->getTimestamp(), 'ah' => $m->value];
            }
        }
        $fades = [];
        foreach ($measured as $uid => $rows) {
            $part = $this->bench->study->system->parts[$uid];
            $label = $part->data->number('capacity_ah');
            if ($label === null) {
                continue;
            }
            usort($rows, static fn(array $a, array $b): int => $a['atS'] <=> $b['atS']);
            $points = array_map(
                static fn(array $r): array => ['years' => ($r['atS'] - $rows[0]['atS']) / self::YEAR_S, 'ah' => $r['ah']],
                $rows,
            );
            $fade = count($points) > 1 && $points[count($points) - 1]['years'] > 0.02 ? Fade::of($points, $label) : null;
            $fades[] = [
                'uid' => (string) $uid,
                'name' => $this->bench->say->onePart($part),
                'label' => $label,
                'fade' => $fade,
                'sketch' => FadeSketch::of($points, $fade, $label, Workbench::isNarrow()),
                'first' => $this->at(CarbonImmutable::createFromTimestampUTC((int) $rows[0]['atS'])),
                'says' => $this->says($points, $fade, $label, end($rows)['atS']),
            ];
        }

        return $fades;
    }

    /**
     * @param non-empty-list<array{years: float, ah: float}> $points
     */
    private function says(array $points, ?Fade $fade, float $label, float $lastS): string
    {
        $share = $this->bench->show->text(100.0 * $points[count($points) - 1]['ah'] / $label, '%', 0) . ' of the label';
        if ($fade === null) {
            return "$share; another test in a year shows where it goes.";
        }
        $on = fn(float $years): string => $this->at(CarbonImmutable::createFromTimestampUTC((int) ($lastS + $years * self::YEAR_S)), 'M Y');

        return $share . '; ' . match (true) {
            $fade->endYears === 0.0 => 'it has come down to 80 %.',
            $fade->endYears !== null => 'at ' . $this->bench->show->text(-$fade->perYearAh, 'Ah', 1) . ' ± ' . $this->bench->show->text(
                $fade->sigmaPerYearAh,
                'Ah',
                1,
            )
                . ' a year it comes down to 80 % about ' . $on($fade->endYears)
                    . ($fade->soonestYears === null ? '' : ', not before ' . $on($fade->soonestYears)) . '.',
            default => 'it does not fade'
                . ($fade->soonestYears === null ? '.' : '; at the worst it comes down to 80 % in ' . $on($fade->soonestYears) . '.'),
        };
    }
}
