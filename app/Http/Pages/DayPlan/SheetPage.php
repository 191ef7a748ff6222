<?php

declare(strict_types=1);

namespace App\Http\Pages\DayPlan;

use App\Http\Workbench;
use App\Models\Workshop;
use App\Record\DayDesk;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\DayPlan\Standing;
use Pebblefell\Stage\DayPlan\Step;
use Pebblefell\Stage\Tick;
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

    /** @var array<string, string> where a picture of a part goes, and where it is changed, by uid: many steps ask for the same */
    private array $pictures;

    /** @var array<string, string> */
    private array $parts;

    public function __construct(private Workbench $bench, DayDesk $desk)
    {
        $pictures = $parts = [];
        foreach ($bench->job->parts as $row) {
            $pictures[$row->uid] = route('photos.store', [$bench->job, $row]);
            $parts[$row->uid] = route('parts.edit', [$bench->job, $row, 'back' => 'day-plan']);
        }
        [$this->pictures, $this->parts] = [$pictures, $parts];
        $this->standing = $desk->standing;
        $this->workshop = Workshop::current();
        $this->live = $desk->standing->sheet->liveAfterEach();
        $this->store = route('ticks.store', $bench->job);
        $this->back = route('day-plan.steps', $bench->job, false);
        $this->mayRecord = auth()->user()?->can('record', $bench->job) === true;
        $this->who = (string) auth()->id();
    }

    public function title(Step $step): string
    {
        return $this->bench->say->said(Standing::title($step));
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

    /** What is live once it is done: what hands keep off. */
    public function live(int $index): string
    {
        $names = array_map($this->bench->say->onePart(...), array_slice($this->live[$index], 0, 6));
        $more = count($this->live[$index]) - count($names);

        return implode(', ', $names) . ($more > 0 ? ' +' . $more : '');
    }

    /** "Maren, 26 Nov 10:14" */
    public function noted(Tick $tick): string
    {
        return ($tick->by === '' ? '' : $tick->by . ', ') . $this->workshop->local($tick->atS)->format('j M H:i');
    }

    public function value(Step $step, ?Tick $tick): string
    {
        return $tick?->value === null || $step->reading === null ? '' : $this->bench->show->text($tick->value, $step->reading->unit);
    }

    /** It was measured, but not within the limits. */
    public function isMissed(Step $step, ?Tick $tick): bool
    {
        return $tick?->value !== null && $step->reading?->isGate() === true && !$step->reading->isGood($tick->value);
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
