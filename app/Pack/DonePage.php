<?php

declare(strict_types=1);

namespace App\Pack;

use App\Models\Tick;
use Pebblefell\Assessment\Verdict;
use Pebblefell\Stage\DayPlan\Standing;
use Pebblefell\Stage\Handover\WalkThrough;
use Pebblefell\Stage\NotedTick as Noted;
use Pebblefell\Stage\Test\Proven;
use Pebblefell\Stage\Ticks;

/** Shows what of a pack tells of the work: what was measured and proven, done otherwise, decided, asked and signed, when and by whom. */
final readonly class DonePage extends PackPart
{
    private function by(Noted $tick): string
    {
        return $tick->by . ', ' . $this->pack->workshop->told((int) $tick->atS, 'Y-m-d');
    }

    /**
     * Returns what was asked on the walk through the vehicle.
     *
     * @return list<array{at: string, asked: string, by: string}>
     */
    public function asked(): array
    {
        $asked = [];
        $points = array_column(WalkThrough::of($this->study)->points, null, 'key');
        foreach ($this->ticks(Tick::WALK)->standing() as $tick) {
            if ($tick->note !== '') {
                $parts = $points[$tick->step]['parts'] ?? [];
                $title = $parts === [] ? $this->say->word(
                    'walk.' . explode('.', $tick->step)[0] . '.title',
                ) : $this->say->onePart($parts[0]);
                $asked[] = ['at' => $title, 'asked' => $tick->note, 'by' => $this->by($tick)];
            }
        }

        return $asked;
    }

    /**
     * The last signature, with what it was given for.
     *
     * @return ?array{says: string, uri: string, hash: string}
     */
    public function signature(): ?array
    {
        $last = $this->pack->signatures === [] ? null : $this->pack->signatures[array_key_last($this->pack->signatures)];

        return $last === null ? null : [
            'says' => $this->word(
                'signed',
                ['name' => $last['name'], 'at' => substr(str_replace('T', ' ', $last['at']), 0, 16), 'by' => $last['by']],
            ),
            'uri' => $last['strokes'] === '' ? '' : 'data:image/svg+xml;base64,' . base64_encode(
                '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 600 180" width="600" height="180">'
                    . '<path fill="none" stroke="#1d282b" stroke-width="4" d="'
                    . $last['strokes'] . '"/></svg>',
            ),
            'hash' => $this->word('seal', ['hash' => $last['sha256']]),
        ];
    }

    /**
     * @return list<array{title: string, limits: string, measured: string, verdict: string, says: string, note: string}> what was proven
     */
    public function tests(): array
    {
        $ticks = $this->ticks(Tick::TEST);
        if ($ticks->standing() === []) {
            return [];
        }
        $rows = [];
        foreach (Proven::of($this->study->testSheet(), $ticks)->rows as ['check' => $check, 'tick' => $tick, 'verdict' => $verdict]) {
            $rows[] = [
                'title' => $this->say->word("tests.does.$check->does.title", $check->args),
                'limits' => $check->reading === null ? '' : $this->say->said($check->reading->within($tick?->amps)),
                'measured' => $tick?->value === null || $check->reading === null ? '' : $this->show->text(
                    $tick->value,
                    $check->reading->unit,
                )
                    . ($tick->amps === null ? '' : ' / ' . $this->show->text($tick->amps, 'A')),
                'verdict' => $verdict,
                'says' => $this->word("verdicts.$verdict"),
                'note' => $tick->note ?? '',
            ];
        }

        return $rows;
    }

    /**
     * @return list<array{step: string, because: string, by: string}> what was done otherwise than planned
     */
    public function otherwise(): array
    {
        $line = fn(string $step, Noted $tick): array => [
            'step' => $step, 'because' => $tick->note, 'by' => $this->by($tick),
        ];

        return [
            ...array_map(
                fn(array $r): array => $line($this->say->said(Standing::title($r['step'])), $r['tick']),
                $this->standing()->otherwise(),
            ),
            // The plan has followed what was built, and no longer has the step.
            ...array_map(static fn(Noted $t): array => $line('–', $t), $this->standing()->gone),
            ...array_map(
                fn(array $r): array => $line($this->say->word("steps.remarks.{$r['kind']}"), $r['tick']),
                $this->standing()->remarks,
            ),
        ];
    }

    /** How many steps were noted, and when; '' where none was. */
    public function hours(): string
    {
        $ticks = $this->ticks(Tick::DAY_PLAN)->standing();
        $at = array_map(static fn(Noted $t): float => $t->atS, $ticks);

        return $at === [] ? '' : $this->word('hours', [
            'done' => (string) $this->standing()->done(),
            'all' => (string) $this->standing()->count(),
            'from' => $this->pack->workshop->told((int) min($at), 'Y-m-d H:i'),
            'to' => $this->pack->workshop->told((int) max($at), 'Y-m-d H:i'),
        ]);
    }

    private function standing(): Standing
    {
        return Standing::of($this->study->runSheet(), $this->ticks(Tick::DAY_PLAN), true, true);
    }

    private function ticks(string $sheet): Ticks
    {
        return Ticks::of(array_map(
            static fn(array $row): Noted => Tick::fromFile($row)->toNoted(),
            array_values(array_filter($this->pack->ticks, static fn(array $row): bool => $row['sheet'] === $sheet)),
        ));
    }

    /**
     * @return list<array{part: string, what: string, value: string, when: string, by: string}>
     */
    public function readings(): array
    {
        return array_map(fn($m): array => [
            'part' => $this->say->onePart($this->pack->system->parts[$m->partUid]),
            'what' => $this->word("quantities.$m->quantity") . ($m->note ? ', ' . $m->note : ''),
            'value' => $this->show->text($m->value, $m->unit()),
            'when' => substr(str_replace('T', ' ', $m->at), 0, 16),
            'by' => $m->by . ($m->instrument ? ', ' . $m->instrument : ''),
        ], $this->pack->system->measurements);
    }

    /**
     * @return list<array{severity: string, title: string, message: string, source: string, answer: string}>
     */
    public function verdicts(): array
    {
        return array_map(function (Verdict $v): array {
            $said = $this->say->finding($v->finding);

            return [
                'severity' => $this->word('severity.' . $v->finding->severity->value),
                'title' => $said->title,
                'message' => $said->message,
                'source' => $said->source,
                'answer' => $v->answer === null ? $this->word('open') : $this->word('answered-by', [
                    'answer' => $this->word(
                        "answered.{$v->answer->answer}",
                    ), 'by' => $v->answer->by, 'date' => substr($v->answer->at, 0, 10),
                ]) . ($v->answer->reason ? $this->word('reason', ['reason' => $v->answer->reason]) : ''),
            ];
        }, $this->pack->assessment->verdicts);
    }
}
