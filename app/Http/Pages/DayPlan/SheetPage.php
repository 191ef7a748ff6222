<?php

declare(strict_types=1);

namespace App\Http\Pages\DayPlan;

use App\Http\Workbench;
use App\Models\Workshop;
use App\Record\DayDesk;
use Pebblefell\Assessment\Verdict;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\DayPlan\Act;
use Pebblefell\Stage\DayPlan\Deviation;
use Pebblefell\Stage\DayPlan\Standing;
use Pebblefell\Stage\DayPlan\Step;
use Pebblefell\Stage\NotedTick;
use Pebblefell\System\Part;

/** The run sheet, a step a screen: what to do, with what, what to watch for, what to measure. */
final readonly class SheetPage
{
    public Standing $standing;

    /** Where what is noted goes, and where one comes back to. */
    public string $store;

    public string $back;

    public bool $mayRecord;

    public string $who;

    private Workshop $workshop;

    /** @var array<int, list<Part>> what is live once each step is done, by its place */
    private array $live;

    /** @var list<Verdict> stops and fixes that nobody has answered */
    private array $open;

    /** @var array<string, string> where a picture of a part goes, and where it is changed, by uid: many steps ask for the same */
    private array $pictures;

    /** @var array<string, string> */
    private array $parts;

    /** @var array<string, string> what each step is called, by its key */
    private array $titles;

    public function __construct(private Workbench $bench, DayDesk $desk)
    {
        $pictures = $parts = [];
        foreach ($bench->rows() as $uid => $row) {
            $pictures[$uid] = route('photos.store', [$bench->job, $row->id]);
            $parts[$uid] = route('parts.edit', [$bench->job, $row->id, 'back' => 'day-plan']);
        }
        [$this->pictures, $this->parts] = [$pictures, $parts];
        $this->standing = $desk->standing;
        $titles = [];
        foreach ($desk->standing->rows as ['step' => $step]) {
            $titles[$step->key] = $bench->say->said(Standing::title($step));
        }
        $this->titles = $titles;
        $this->open = array_values(array_filter(
            $bench->assessment->verdicts,
            static fn(Verdict $v): bool => $v->isOpen() && $v->finding->subject !== '' && $v->finding->severity !== Severity::Note,
        ));
        $this->workshop = Workshop::current();
        $this->live = $desk->standing->sheet->liveAfterEach();
        $this->store = route('ticks.store', $bench->job);
        $this->back = route('day-plan.steps', $bench->job, false);
        $this->mayRecord = auth()->user()?->can('record', $bench->job) === true;
        $this->who = (string) auth()->id();
    }

    public function title(Step $step): string
    {
        return $this->titles[$step->key];
    }

    public function do(Step $step): string
    {
        return $this->bench->say->word("steps.does.$step->does.do", $step->args);
    }

    public function why(Step $step): string
    {
        return $this->bench->say->word("steps.does.$step->does.why", $step->args);
    }

    public function phase(Step $step): string
    {
        return $this->bench->say->word('steps.phases.' . $step->phase->value);
    }

    /**
     * @return list<string>
     */
    public function cautions(Step $step): array
    {
        return array_map(fn(string $key): string => $this->bench->say->word("steps.cautions.$key"), $step->cautions);
    }

    /** Tools, torque and hands in a line. */
    public function needs(Step $step): string
    {
        $needs = array_map(fn(string $key): string => $this->bench->say->word("steps.tools.$key"), $step->tools);
        if ($step->torqueNm !== null) {
            $needs[] = $this->bench->say->word('steps.torque', ['torque' => Amount::of($step->torqueNm, 'N·m')]);
        }
        if ($step->hands > 1) {
            $needs[] = $this->bench->say->word('steps.hands', ['count' => $step->hands]);
        }

        return implode(', ', $needs);
    }

    public function limits(Step $step): string
    {
        return $step->reading === null ? '' : $this->bench->say->said($step->reading->within());
    }

    public function said(?Word $word): string
    {
        return $word === null ? '' : $this->bench->say->said($word);
    }

    /** Returns what is live once it is done: what hands keep off. */
    public function live(int $index): string
    {
        $names = array_map($this->bench->say->onePart(...), array_slice($this->live[$index], 0, 6));
        $more = count($this->live[$index]) - count($names);

        return implode(', ', $names) . ($more > 0 ? ' +' . $more : '');
    }

    /** "Maren, 26 Nov 10:14" */
    public function noted(NotedTick $tick): string
    {
        return ($tick->by === '' ? '' : $tick->by . ', ') . $this->workshop->local($tick->atS)->format('j M H:i');
    }

    public function value(Step $step, ?NotedTick $tick): string
    {
        return $tick?->value === null || $step->reading === null ? '' : $this->bench->show->text($tick->value, $step->reading->unit);
    }

    /** It was measured, but not within the limits. */
    public function isMissed(Step $step, ?NotedTick $tick): bool
    {
        return $tick?->value !== null && $step->reading?->isGate() === true && !$step->reading->isGood($tick->value);
    }

    /**
     * Returns what of it can have been built otherwise: "c3.size_mm2|35", with what it is planned as.
     *
     * @return array<string, string>
     */
    public function deviations(Step $step): array
    {
        $options = [];
        foreach (Deviation::of($this->bench->study, $step) as $deviation) {
            $options[$deviation->key() . '|' . $deviation->was] = $this->bench->say->said($deviation->label())
                . ($deviation->unit() === '' ? '' : ' (' . $this->bench->show->unit($deviation->unit()) . ')');
        }

        return $options;
    }

    /**
     * Returns what the plan, as it was built so far, says of the parts and leads of a step: stops and fixes that nobody has answered.
     *
     * @return list<array{severity: Severity, title: string, url: string}>
     */
    public function says(Step $step): array
    {
        $about = [...$step->parts, ...array_map(static fn(Act $a): string => $a->of, $step->acts)];
        foreach ($step->acts as $act) {
            // A lead is judged with what it ends on: its fuse.
            $lead = $act->do === Act::ATTACH ? $this->bench->study->planned()->conductors[$act->of] ?? null : null;
            array_push($about, ...($lead === null ? [] : [$lead->from->uid, $lead->to->uid]));
        }
        $says = [];
        foreach ($this->open as $verdict) {
            if (in_array($verdict->finding->subject, $about, true)) {
                $says[] = [
                    'severity' => $verdict->finding->severity,
                    'title' => $this->bench->say->finding($verdict->finding)->title,
                    'url' => route($verdict->stage->value, $this->bench->job) . '#' . $verdict->finding->anchor(),
                ];
            }
        }

        return $says;
    }

    /** Where a picture of a step belongs: to its part, else to the bank's first battery; '' where neither is. */
    public function picture(Step $step): string
    {
        return $this->pictures[$step->parts[0] ?? $this->bench->study->banks()->planned->parts[0]->uid ?? ''] ?? '';
    }

    public function part(Step $step): string
    {
        return $this->parts[$step->parts[0] ?? ''] ?? '';
    }
}
