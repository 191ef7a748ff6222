<?php

declare(strict_types=1);

namespace App\Http\Pages\Test;

use App\Http\Workbench;
use App\Models\Tick as Row;
use App\Models\Workshop;
use App\Record\DayDesk;
use App\Record\LiveDischarge;
use Pebblefell\Bank\CapacityTest;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\NotedTick;
use Pebblefell\Stage\Reading;
use Pebblefell\Stage\Test\Check;
use Pebblefell\Stage\Test\FaultPath;
use Pebblefell\Stage\Test\Hunt;
use Pebblefell\Stage\Test\Proven;
use Pebblefell\Stage\Test\ProvenChart;
use Pebblefell\Stage\Ticks;
use Pebblefell\System\Part;

/** Shows Test: each line promised against measured, what a miss means, and the hunt for the joint. */
final readonly class TestPage
{
    public HuntPage $hunting;

    public Proven $proven;

    private Ticks $ticks;

    private Workshop $workshop;

    public function __construct(private Workbench $bench, string $asked)
    {
        $this->ticks = DayDesk::ticks($bench->job, Row::TEST);
        $this->proven = Proven::of($bench->study->testSheet(), $this->ticks);
        $this->workshop = Workshop::current();
        $this->hunting = new HuntPage($bench, $this->proven, $this->ticks, $asked);
    }

    public function isThere(): bool
    {
        return $this->proven->rows !== [];
    }

    public function misses(): int
    {
        return $this->proven->count(Proven::MISS);
    }

    public function open(): int
    {
        return $this->proven->count(Proven::OPEN);
    }

    public function good(): int
    {
        return $this->proven->count(Proven::GOOD);
    }

    public function title(Check $check): string
    {
        return $this->bench->say->word("tests.does.$check->does.title", $check->args);
    }

    public function do(Check $check): string
    {
        return $this->bench->say->word("tests.does.$check->does.do", $check->args);
    }

    public function why(Check $check): string
    {
        return $this->bench->say->word("tests.does.$check->does.why", $check->args);
    }

    public function chart(): ?ProvenChart
    {
        return ProvenChart::of(
            $this->proven,
            array_map(fn(array $r): string => $this->title($r['check']), $this->proven->rows),
            Workbench::isNarrow(),
        );
    }

    /**
     * @return list<array{group: string, answer: string, wrong: bool, rows: list<array{check: Check, tick: ?NotedTick, verdict: string}>}>
     */
    public function groups(): array
    {
        $groups = [];
        foreach ($this->proven->rows as $row) {
            $groups[$row['check']->group][] = $row;
        }

        return array_map(function (string $group, array $rows): array {
            $count = static fn(string $verdict): int => count(array_filter($rows, static fn(array $r): bool => $r['verdict'] === $verdict));

            return [
                'group' => $group,
                'answer' => $count(Proven::GOOD) . ' of ' . count($rows) . ' good'
                    . ($count(Proven::MISS) > 0 ? ', ' . $count(Proven::MISS) . ' missed' : ''),
                'wrong' => $count(Proven::MISS) > 0,
                'rows' => $rows,
            ];
        }, array_keys($groups), $groups);
    }

    /** "at least 28 A", at the current that flowed where they go with it. */
    public function limits(Check $check, ?NotedTick $tick = null): string
    {
        $reading = $check->reading;
        if ($reading === null) {
            return '';
        }
        if ($reading->wantsAmps() && $tick?->amps === null) {
            return $this->perAmp($check, $reading);
        }

        return $this->bench->say->said($reading->within($tick?->amps));
    }

    private function perAmp(Check $check, Reading $reading): string
    {
        $expected = (float) $check->expected;

        return $reading->quantity === 'volts'
            ? 'promised ' . $this->bench->show->text(1000.0 * $expected, 'mΩ', 2) . ': '
                . $this->bench->show->text(100.0 * $expected, 'V', 2) . ' at '
                . $this->bench->show->text(100.0, 'A')
            : 'promised ' . $this->bench->show->text(100.0 * $expected, '%', 0) . ' of the bank’s amps';
    }

    public function reading(Check $check, NotedTick $tick): string
    {
        if ($tick->value === null || $check->reading === null) {
            return '';
        }

        return $this->bench->show->text(
            $tick->value,
            $check->reading->unit,
        ) . ($tick->amps === null ? '' : ' at ' . $this->bench->show->text($tick->amps, 'A'));
    }

    /** "Maren, 26 Nov 10:14" */
    public function noted(NotedTick $tick): string
    {
        return ($tick->by === '' ? '' : $tick->by . ', ') . $this->workshop->local($tick->atS)->format('j M H:i');
    }

    /**
     * @return list<string>
     */
    public function causes(Check $check): array
    {
        return array_map(fn(string $key): string => $this->bench->say->word("tests.causes.$key"), $check->causes);
    }

    /** From a miss to its cause; null where there is nothing to tell apart. */
    public function path(Check $check): ?FaultPath
    {
        return FaultPath::of($check, $this->ticks);
    }

    /** "It is most likely this: …" */
    public function pathSays(FaultPath $path): string
    {
        return $this->bench->say->word($path->isFound() ? 'tests.path.found' : 'tests.path.ranked', [
            'cause' => Word::of('tests.causes.' . array_key_first($path->chances)),
        ]);
    }

    public function asks(string $question): string
    {
        return $this->bench->say->word("tests.asks.$question");
    }

    /**
     * @return array<string, string> batteries of the plan, by uid
     */
    public function batteries(): array
    {
        $names = [];
        foreach ($this->bench->study->planned()->houseBatteries() as $part) {
            $names[$part->uid] = $this->bench->say->onePart($part);
        }

        return $names;
    }

    /** V at which the first battery's discharge ends: by its sheet, else where its chemistry is empty. */
    public function endV(): string
    {
        $part = $this->bench->study->planned()->houseBatteries()[0] ?? null;
        $bank = $this->bench->study->banks()->planned->bank;

        return $part === null || $bank === null ? '' : $this->bench->show->field(
            round($bank->chemistry()->lowestCellV() * $bank->cells() / max(1, $bank->series), 1),
        );
    }

    /**
     * Discharges that run, with what they came to so far: "54.2 Ah in 2.1 h, 13.0 V; by the label it ends about 16:40".
     *
     * @return list<array{uid: string, part: string, says: string, done: bool, step: string}>
     */
    public function discharges(): array
    {
        $running = [];
        foreach ($this->bench->study->planned()->houseBatteries() as $part) {
            $readings = LiveDischarge::readings($this->bench->job, $part->uid);
            if ($readings === []) {
                continue;
            }
            $last = $readings[count($readings) - 1];
            $test = count($readings) < 2 ? null : CapacityTest::of($readings, (float) $this->endV());
            $ah = $test->ah ?? 0.0;
            $leftH = (($part->data->number('capacity_ah') ?? NAN) - $ah) / $last['amps'];
            $running[] = [
                'uid' => $part->uid,
                'part' => $this->bench->say->onePart($part),
                'says' => $this->bench->say->word($test?->reachedEnd === true ? 'tests.discharge.ended' : 'tests.discharge.running', [
                    'ah' => Amount::of($ah, 'Ah', 1), 'hours' => Amount::of($test->hours ?? 0.0, 'h', 1),
                    'volts' => Amount::of($last['volts'], 'V', 2),
                ]) . ($test?->reachedEnd === true || is_nan($leftH) || $leftH <= 0.0
                    ? ''
                    : ' ' . $this->bench->say->word('tests.discharge.until', [
                        'when' => $this->workshop->told((int) round($last['t_s'] + 3600.0 * $leftH), 'D H:i'),
                    ])),
                'done' => $test?->reachedEnd === true,
                'step' => LiveDischarge::step($part->uid),
            ];
        }

        return $running;
    }

    /**
     * @return array<string, string> batteries of the plan, by the step under which a reading of their discharge is noted
     */
    public function dischargeSteps(): array
    {
        $names = $this->batteries();

        return array_combine(array_map(LiveDischarge::step(...), array_map(strval(...), array_keys($names))), array_values($names));
    }

    /**
     * Capacities that were measured, against the label.
     *
     * @return list<array{part: string, when: string, ah: string, share: string, note: string}> latest first
     */
    public function capacities(): array
    {
        $rows = [];
        foreach (array_reverse($this->bench->study->system->measurements) as $m) {
            $part = $this->bench->study->system->parts[$m->partUid];
            if ($m->quantity === 'capacity') {
                $label = $part->data->number('capacity_ah');
                $rows[] = [
                    'part' => $this->bench->say->onePart($part),
                    'when' => substr($m->at, 0, 10),
                    'ah' => $this->bench->show->text($m->value, 'Ah'),
                    'share' => $label === null ? '–' : $this->bench->show->text(100.0 * $m->value / $label, '%', 0),
                    'note' => $m->note,
                ];
            }
        }

        return $rows;
    }
}
