<?php

declare(strict_types=1);

namespace App\Http\Pages\DayPlan;

use App\Http\Workbench;
use App\Models\Workshop;
use App\Record\DayDesk;
use App\Record\PastDurations;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Pebblefell\Finding\Word;
use Pebblefell\Schedule\Took;
use Pebblefell\Stage\DayPlan\DayChart;
use Pebblefell\Stage\DayPlan\Phase;
use Pebblefell\Stage\DayPlan\Standing;
use Pebblefell\Stage\DayPlan\Step;
use Pebblefell\Stage\NotedTick;

/** Shows Day plan: when it is done, what decides that, the sheet phase by phase, and who else wants the bay. */
final readonly class DayPlanPage
{
    /** By whom, or on what, each part of the day runs. */
    private const LANES = [
        'glue' => 'roof', 'cure' => 'roof', 'roof' => 'roof', 'charge' => 'bench', 'balance' => 'bench',
        'before' => 'vehicle', 'isolate' => 'vehicle', 'strip' => 'vehicle', 'fit' => 'vehicle', 'connect' => 'vehicle',
        'power' => 'vehicle', 'close' => 'vehicle',
    ];

    private const WAITS = ['cure', 'charge'];

    public Standing $standing;

    /**
     * @var array{table: \Pebblefell\Schedule\Timetable, hours: \App\Record\WorkHours, chores: \Pebblefell\Stage\DayPlan\Chores,
     *     fromH: float, nowH: ?float}
     */
    private array $time;

    private Workshop $workshop;

    /** Holds what other jobs take of it. */
    public Sharing $sharing;

    public function __construct(private Workbench $bench, public DayDesk $desk)
    {
        $this->standing = $desk->standing;
        $this->time = $desk->timetable();
        $this->workshop = Workshop::current();
        $this->sharing = new Sharing($desk, $this->time['hours'], $this->workshop, $bench->say);
    }

    public function isThere(): bool
    {
        return $this->standing->count() > 0;
    }

    /** Null once all is done. */
    public function next(): ?Step
    {
        return $this->standing->next === null ? null : $this->standing->rows[$this->standing->next]['step'];
    }

    public function title(Step $step): string
    {
        return $this->bench->say->said(Standing::title($step));
    }

    /** "Thu 26 Nov, 14:30" */
    public function finish(): string
    {
        return $this->moment($this->time['table']->finishH)->format('D j M, H:i');
    }

    private function moment(float $hour): CarbonImmutable
    {
        return $this->time['hours']->moment($hour);
    }

    /**
     * @return list<array{id: string, name: string, from: CarbonImmutable, to: CarbonImmutable, wait: bool, critical: bool}> in the order
     *     in which they begin
     */
    public function tasks(): array
    {
        $tasks = [];
        foreach ($this->time['table']->runs as $id => [$from, $to]) {
            $tasks[] = [
                'id' => (string) $id,
                'name' => $this->bench->say->word("dayplan.tasks.$id"),
                'from' => $this->moment($from),
                'to' => $this->moment($to),
                'wait' => in_array($id, self::WAITS, true),
                'critical' => $this->time['table']->critical[$id],
            ];
        }
        usort($tasks, static fn(array $a, array $b): int => [$a['from'], $a['to']] <=> [$b['from'], $b['to']]);

        return $tasks;
    }

    /** The tasks of which the end depends, by name. */
    public function deciding(): string
    {
        return mb_strtolower(
            implode(', ', array_column(array_filter($this->tasks(), static fn(array $t): bool => $t['critical']), 'name')),
        );
    }

    /** Returns what can be done while something waits; '' where nothing waits. */
    public function meanwhile(): string
    {
        $lines = [];
        foreach ($this->tasks() as $wait) {
            if (!$wait['wait']) {
                continue;
            }
            $beside = array_filter(
                $this->tasks(),
                static fn(array $t): bool => !$t['wait'] && $t['from'] < $wait['to'] && $t['to'] > $wait['from'],
            );
            $lines[] = $this->bench->say->word($beside === [] ? 'dayplan.waits-alone' : 'dayplan.waits', [
                'wait' => $wait['name'], 'until' => $wait['to']->format('D H:i'), 'beside' => mb_strtolower(
                    implode(', ', array_column($beside, 'name')),
                ),
            ]);
        }

        return implode(' ', $lines);
    }

    public function chart(): DayChart
    {
        $tasks = [];
        foreach (array_keys(self::LANES) as $id) {
            if (isset($this->time['table']->runs[$id])) {
                $tasks[$id] = [
                    'lane' => $this->bench->say->word('dayplan.lanes.' . self::LANES[$id]),
                    'wait' => in_array($id, self::WAITS, true),
                    'label' => $this->bench->say->word("dayplan.tasks.$id"),
                ];
            }
        }

        return DayChart::of(
            $this->time['table'],
            $this->time['hours']->calendar,
            $tasks,
            $this->time['fromH'],
            $this->time['nowH'],
            Workbench::isNarrow(),
        );
    }

    public function hour(float $h): string
    {
        return $this->moment($h)->format('G');
    }

    public function day(float $h): string
    {
        return $this->moment($h)->format('D j');
    }

    /** "Strip: Thu 9:05 to 11:30" */
    public function says(string $id, float $from, float $to): string
    {
        return $this->bench->say->word("dayplan.tasks.$id") . ': ' . $this->moment($from)->format('D H:i') . ' – '
            . $this->moment($to)->format('D H:i');
    }

    /**
     * @return list<array{phase: string, answer: string, rows: list<array{step: Step, tick: ?NotedTick,
     *     closed: ?Word}>}>
     */
    public function phases(): array
    {
        $phases = [];
        foreach (Phase::cases() as $phase) {
            $rows = array_values(array_filter($this->standing->rows, static fn(array $r): bool => $r['step']->phase === $phase));
            if ($rows !== []) {
                $done = count(array_filter($rows, static fn(array $r): bool => $r['tick'] !== null));
                $phases[] = [
                    'phase' => $phase->value,
                    'answer' => $this->bench->say->word('dayplan.of', ['done' => $done, 'all' => count($rows)]),
                    'rows' => $rows,
                ];
            }
        }

        return $phases;
    }

    /**
     * Returns what was built otherwise than planned; the plan has followed, and a step that it no longer has stays told.
     *
     * @return list<array{step: string, note: string, by: string}>
     */
    public function builtOtherwise(): array
    {
        $line = fn(string $step, NotedTick $tick): array => [
            'step' => $step, 'note' => $tick->note, 'by' => trim(
                $tick->by . ', ' . $this->workshop->local($tick->atS)->format('j M H:i'),
                ', ',
            ),
        ];

        return [
            ...array_map(fn(array $r): array => $line($this->title($r['step']) . ':', $r['tick']), $this->standing->otherwise()),
            ...array_map(static fn(NotedTick $t): array => $line('', $t), $this->standing->gone),
            ...array_map(
                fn(array $r): array => $line($this->bench->say->word("steps.remarks.{$r['kind']}") . ':', $r['tick']),
                $this->standing->remarks,
            ),
        ];
    }

    /** About how long the work that is left takes: "6.5 h". */
    public function workLeft(): string
    {
        return $this->bench->show->text($this->standing->minutesLeft() / 60.0, 'h', 1);
    }

    /** More hands are needed somewhere than the crew has: how many; 0 where it is enough. */
    public function handsShort(): int
    {
        return $this->time['chores']->hands > $this->desk->people() ? $this->time['chores']->hands : 0;
    }

    /**
     * Returns what past jobs took, where it differs from what is assumed.
     *
     * @return list<string>
     */
    public function fromPastJobs(): array
    {
        $dones = array_unique(array_map(static fn(array $r): string => $r['step']->does, $this->standing->rows));
        $lines = [];
        foreach (array_intersect_key(PastDurations::all(), array_flip($dones)) as $does => $took) {
            /** @var Took $took */
            $lines[] = $this->bench->say->word('dayplan.took', [
                'what' => $this->bench->say->said(Standing::title($this->standing->ofWhat((string) $does))),
                'minutes' => $this->bench->show->text($took->median, 'min', 0),
                'low' => $this->bench->show->text($took->low, '', 0),
                'high' => $this->bench->show->text($took->high, 'min', 0),
                'count' => $took->count,
            ]);
        }

        return $lines;
    }

    /** The busy times leave no hour: they are left out. */
    public function isFull(): bool
    {
        return $this->time['hours']->isFull;
    }

    public function at(CarbonInterface $moment, string $format = 'D j M, H:i'): string
    {
        return $this->workshop->local($moment)->format($format);
    }

    /** Returns what the form for the plan starts from: the planned start, else the next hour at which somebody works. */
    public function start(string $format): string
    {
        $plan = $this->desk->plan;

        return ($plan === null ? $this->moment($this->time['fromH']) : $this->workshop->local($plan->starts_at))->format($format);
    }

    /**
     * @return array<string, string>
     */
    public function bays(): array
    {
        $bays = $this->workshop->bays ?? [];

        return ['' => '–'] + array_combine($bays, $bays);
    }
}
