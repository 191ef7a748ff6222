<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Http\Pages\Test\ProofPage;
use App\Http\Workbench;
use App\Models\Tick;
use App\Models\Workshop;
use Illuminate\Database\Eloquent\Collection;
use Pebblefell\Stage\DayPlan\Standing;
use Pebblefell\Stage\NotedTick as Noted;
use Pebblefell\Stage\Test\Proof;
use Pebblefell\Stage\Ticks;

/** Shows what was noted on a job's sheets, newest first, and what of it can be taken back. */
final readonly class TickLines
{
    /** Lines that are told. Chosen: a day's work. */
    private const TOLD = 80;

    public int $count;

    public function __construct(private Workbench $bench)
    {
        $this->count = $bench->job->ticks()->count();
    }

    /**
     * @return list<array{tick: Tick, when: string, sheet: string, step: string, says: string, back: bool}>
     */
    public function lines(): array
    {
        $ticks = $this->bench->job->ticks()->reorder()->orderByDesc('noted_at')->orderByDesc('id')->limit(self::TOLD)->get();
        $titles = $this->titles($ticks);
        $seen = [];
        $lines = [];
        foreach ($ticks as $tick) {
            $key = "$tick->sheet $tick->step";
            $isLast = !isset($seen[$key]);
            $seen[$key] = true;
            $lines[] = [
                'tick' => $tick,
                'when' => Workshop::current()->local($tick->noted_at)->format('j M Y H:i'),
                'sheet' => __("history.sheets.$tick->sheet"),
                'step' => $titles[$key] ?? $tick->step,
                'says' => trim(__("history.states.$tick->state") . ($tick->value === null ? '' : ' ' . round($tick->value, 4))
                    . ($tick->amps === null ? '' : ' at ' . round($tick->amps, 2) . ' A') . ($tick->note === '' ? '' : ": $tick->note")),
                // Only the last word on a step can be taken back: what was noted before it no longer counts.
                'back' => $isLast && $tick->state !== Noted::UNDONE,
            ];
        }

        return $lines;
    }

    /**
     * @param Collection<int, Tick> $ticks
     *
     * @return array<string, string> titles of the steps that the plan has, by sheet and step
     */
    private function titles(Collection $ticks): array
    {
        $titles = [];
        foreach ($this->bench->study->runSheet(Workshop::current()->first_terminal)->steps as $step) {
            $titles[Tick::DAY_PLAN . " $step->key"] = $this->bench->say->said(Standing::title($step));
        }
        foreach ($this->bench->study->testSheet()->checks as $check) {
            $titles[Tick::TEST . " $check->key"] = $this->bench->say->word("tests.does.$check->does.title", $check->args);
        }
        foreach ($ticks as $tick) {
            $kind = explode('.', $tick->step)[0];
            if (in_array($kind, Standing::REMARKS, true)) {
                $titles["$tick->sheet $tick->step"] = $this->bench->say->word("steps.remarks.$kind");
            }
        }
        $proof = new ProofPage($this->bench, Proof::of($this->bench->study, Ticks::none()));
        foreach ($proof->steps() as $step) {
            foreach ($step['asks'] as $ask) {
                $titles[Tick::TEST . " {$ask['step']}"] = $step['title'] . ', ' . lcfirst($proof->asks($ask));
            }
        }

        return $titles;
    }
}
