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
use Pebblefell\Stage\Reading;
use Pebblefell\Stage\Test\Check;
use Pebblefell\Stage\Test\FaultPath;
use Pebblefell\Stage\Test\Hunt;
use Pebblefell\Stage\Test\Proven;
use Pebblefell\Stage\Test\ProvenChart;
use Pebblefell\Stage\Test\Way;
use Pebblefell\Stage\Tick;
use Pebblefell\Stage\Ticks;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Part;

/** What stands on Test: each line promised against measured, what a miss means, and the hunt for the joint. */
final readonly class TestPage
{
    public Proven $proven;

    private Ticks $ticks;

    private Workshop $workshop;

    /** @var list<Way> */
    private array $ways;

    public function __construct(private Workbench $bench, private string $asked)
    {
        $this->ticks = DayDesk::ticks($bench->job, Row::TEST);
        $this->proven = Proven::of($bench->study->testSheet(), $this->ticks);
        $this->workshop = Workshop::current();
        $this->ways = Way::all($bench->study);
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
     * @return list<array{group: string, answer: string, wrong: bool, rows: list<array{check: Check, tick: ?Tick, verdict: string}>}>
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
    public function limits(Check $check, ?Tick $tick = null): string
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

    public function reading(Check $check, Tick $tick): string
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
    public function noted(Tick $tick): string
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

    /**
     * @return array<string, string> devices at the end of a way, by uid
     */
    public function ways(): array
    {
        $ways = [];
        foreach ($this->ways as $way) {
            $ways[$way->part->uid] = $this->bench->say->onePart($way->part);
        }

        return $ways;
    }

    /** On the way that is asked for, else on the one that missed, else on the first. */
    public function hunt(): ?Hunt
    {
        $missed = '';
        foreach ($this->proven->rows as $row) {
            if ($row['verdict'] === Proven::MISS && str_starts_with($row['check']->key, 'way.')) {
                $missed = substr($row['check']->key, 4);
            }
        }
        foreach ([$this->asked, $missed] as $uid) {
            foreach ($this->ways as $way) {
                if ($way->part->uid === $uid) {
                    return Hunt::of($way, $this->ticks);
                }
            }
        }

        return $this->ways === [] ? null : Hunt::of($this->ways[0], $this->ticks);
    }

    public function isHunted(): bool
    {
        return $this->asked !== '';
    }

    public function point(Point $point): string
    {
        $part = $this->bench->study->planned()->parts[$point->uid];

        return $this->bench->say->word('tests.hunt.point', [
            'part' => $this->bench->say->onePart($part),
            'terminal' => $this->bench->say->terminal($part->kind, $point->terminal),
        ]);
    }

    /**
     * @param array{piece: Conductor|Part, from: Point, to: Point, chance: float, ohm: float, sigmaOhm: float, expectedOhm: float} $suspect
     */
    public function piece(array $suspect): string
    {
        return $suspect['piece'] instanceof Part
            ? $this->bench->say->onePart($suspect['piece'])
            : $this->bench->say->word('tests.hunt.lead', [
                'from' => $this->point($suspect['from']), 'to' => $this->point($suspect['to']),
            ]);
    }

    /** "3.2 ± 0.2 mΩ, 0.9 mΩ promised" */
    public function ohm(float $ohm, float $sigma, float $expected): string
    {
        return $this->bench->show->text(1000.0 * $ohm, '', 2) . ' ± ' . $this->bench->show->text(1000.0 * $sigma, 'mΩ', 2)
            . ', ' . $this->bench->show->text(1000.0 * $expected, 'mΩ', 2) . ' promised';
    }

    public function huntSays(Hunt $hunt): string
    {
        $args = ['piece' => Word::typed($hunt->suspects === [] ? '' : $this->piece($hunt->suspects[0]))];
        if ($hunt->isSound()) {
            return $this->bench->say->word('tests.hunt.sound');
        }
        $found = $hunt->suspects === [] ? '' : $this->bench->say->word(
            $hunt->isFound() ? 'tests.hunt.found' : 'tests.hunt.likely',
            $args,
        ) . ' ';

        $start = $hunt->read === [] && $hunt->suspects === [] ? $this->bench->say->word('tests.hunt.start') . ' ' : '';

        return $start . $found . ($hunt->next === null ? '' : $this->bench->say->word('tests.hunt.next', [
            'from' => $this->point($hunt->next[0]), 'to' => $this->point($hunt->next[1]),
        ]));
    }

    /**
     * @return array<string, string> pairs of points by the step that a drop between them is noted under, the next one first
     */
    public function pairs(Hunt $hunt): array
    {
        $pairs = [];
        $way = $hunt->way;
        if ($hunt->next !== null) {
            $pairs[Hunt::step($way, ...$hunt->next)] = $this->point($hunt->next[0]) . ' → ' . $this->point($hunt->next[1]);
        }
        for ($k = 0; $k + 1 < count($way->points); ++$k) {
            if ($k !== $way->device || !$way->hasBack()) {
                $pairs[Hunt::step(
                    $way,
                    $way->points[$k],
                    $way->points[$k + 1],
                )] ??= $this->point($way->points[$k]) . ' → ' . $this->point($way->points[$k + 1]);
            }
        }

        return $pairs;
    }
}
