<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Balance\BalanceStep;
use Pebblefell\Balance\BatteryReading;
use Pebblefell\Balance\BenchBattery;
use Pebblefell\Balance\BenchCharger;
use Pebblefell\Balance\Candidate;
use Pebblefell\Balance\CellsApart;
use Pebblefell\Balance\Doubt;
use Pebblefell\Balance\Forecast;
use Pebblefell\Balance\Gate;
use Pebblefell\Balance\Protocol;
use Pebblefell\Balance\Queue;
use Pebblefell\Balance\Subject;
use Pebblefell\Balance\Symptom;
use Pebblefell\Bank\BankDrift;
use Pebblefell\Bank\CellPack;
use Pebblefell\Bank\JointDiagnosis;
use Pebblefell\Bank\Layout;
use Pebblefell\Bank\Link;
use Pebblefell\Bank\Network;
use Pebblefell\Bank\PackSchool;
use Pebblefell\Bank\Source;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Balance: what the readings say, when it is over, and whether the gate opens. Figures are common practice (the trade's own) unless said.
 */
final class BalanceTest extends TestCase
{
    use Says;

    private const H = 3600.0;

    /**
     * @param array<string, mixed> $data
     */
    private static function battery(string $id, array $data = [], Protocol $protocol = Protocol::Full): Subject
    {
        return Subject::of(
            $id,
            DataSheet::of(
                PartKind::Battery,
                [
                    'chemistry' => 'lfp', 'nominal_v' => 12.8, 'capacity_ah' => 230, 'internal_mohm' => 2.0,
                    'discharge_limit_a' => 200, 'charge_limit_a' => 100, 'absorption_v' => 14.4, 'absorption_h' => 1, 'tail_a' => 5,
                    'charge_min_c' => 0, ...$data,
                ],
            ),
            $protocol,
        );
    }

    /**
     * @param array<string, mixed> $data
     */
    private static function lead(string $id, array $data = [], Protocol $protocol = Protocol::Check): Subject
    {
        return self::battery(
            $id,
            [
                'chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 200, 'discharge_limit_a' => null, 'charge_limit_a' => null,
                'absorption_v' => null, 'tail_a' => null, 'charge_min_c' => -20, ...$data,
            ],
            $protocol,
        );
    }

    /**
     * Rested since the clock's zero: read at once and after so many hours.
     */
    private static function rested(Subject $subject, float $volts, float $hours = 13.0, ?float $celsius = 15.0): Candidate
    {
        return new Candidate(
            $subject,
            $subject->id,
            BalanceStep::Resting,
            [new BatteryReading(($hours - 1.0) * self::H, $volts, 0.0, $celsius), new BatteryReading($hours * self::H, $volts, 0.0, $celsius)],
            0.0,
        );
    }

    /** Common practice, the full method: after a night 13.4 beside 13.6 V is typical and is joined; the rush stays small. */
    public function testTheFullMethodsRestedVoltsAreJoined(): void
    {
        $gate = Gate::judge(
            Protocol::Full,
            [self::rested(self::battery('A'), 13.4), self::rested(self::battery('B'), 13.6)],
            13.0 * self::H,
            0.002,
        );
        self::assertSame(Gate::JOIN, $gate->answer);
        // 0.2 V over 2 × (2 + 2) mΩ, out of B into A.
        self::assertEqualsWithDelta(25.0, $gate->rush?->amps['B'] ?? NAN, 1e-9);
        self::assertEqualsWithDelta(-25.0, $gate->rush?->amps['A'] ?? NAN, 1e-9);
        self::assertNotNull($gate->rush?->levelling());
    }

    /**
     * @return iterable<string, array{Protocol, list<Candidate>, string, string}>
     */
    public static function gates(): iterable
    {
        [$a, $b] = [self::battery('A'), self::battery('B')];
        $charging = new Candidate($b, 'B', BalanceStep::Charging, [new BatteryReading(13.0 * self::H, 13.9, 30.0)], 12.0 * self::H);
        $counted = static fn(Subject $s, float $low): Candidate => new Candidate(
            $s,
            $s->id,
            BalanceStep::Resting,
            [new BatteryReading(0.0, $low, 0.0), new BatteryReading(10.0 * self::H, 13.2, 0.0), new BatteryReading(13.0 * self::H, 13.2, 0.0)],
            9.0 * self::H,
        );
        yield 'one is on the charger' => [Protocol::Full, [self::rested($a, 13.5), $charging], Gate::WAIT, 'charging'];
        yield 'only five hours of rest' => [
            Protocol::Full,
            [self::rested($a, 13.5, 13.0), new Candidate($b, 'B', BalanceStep::Resting, [new BatteryReading(13.0 * self::H, 13.5)], 8.0 * self::H)],
            Gate::WAIT, '12 h of rest',
        ];
        yield 'still falling' => [
            Protocol::Check,
            [
                self::rested($a, 13.5),
                new Candidate(
                    $b,
                    'B',
                    BalanceStep::Resting,
                    [new BatteryReading(11.0 * self::H, 13.60), new BatteryReading(13.0 * self::H, 13.50)],
                    8.0 * self::H,
                ),
            ],
            Gate::WAIT,
            'falling',
        ];
        yield 'an old reading' => [Protocol::Full, [self::rested($a, 13.5), self::rested($b, 13.5, 9.0)], Gate::WAIT, '4 h old'];
        yield 'too cold' => [Protocol::Full, [self::rested($a, 13.5), self::rested($b, 13.5, 13.0, -3.0)], Gate::DONT, '−3 °C'];
        yield 'the rush trips a BMS' => [Protocol::Check, [self::rested($a, 13.6), self::rested($b, 12.6)], Gate::DONT, 'take 125 A'];
        yield 'too far apart' => [Protocol::Check, [self::rested($a, 13.6), self::rested($b, 13.45)], Gate::DONT, '0.15 V apart'];
        yield 'alike on the flat: joined, with the first full charge watched' => [
            Protocol::Check, [self::rested($a, 13.2), self::rested($b, 13.2)], Gate::JOIN, 'watch the first full charge',
        ];
        yield 'counted from a known charge' => [Protocol::Check, [$counted($a, 12.0), $counted($b, 12.0)], Gate::JOIN, '0 mV apart'];
        yield 'other chemistry' => [Protocol::Full, [self::rested($a, 13.1), self::rested(self::lead('L'), 13.1)], Gate::DONT, 'chemistry'];
        yield 'lead, full and alike' => [
            Protocol::Check, [self::rested(self::lead('L'), 13.05), self::rested(self::lead('M'), 13.0)], Gate::JOIN, '50 mV',
        ];
        yield 'lead well below its rested full volts' => [
            Protocol::Check, [self::rested(self::lead('L'), 12.69), self::rested(self::lead('M'), 12.72)], Gate::DONT,
            'refresh-charge the whole bank',
        ];
        yield 'lead 0.2 V apart' => [
            Protocol::Check, [self::rested(self::lead('L'), 13.2), self::rested(self::lead('M'), 13.0)], Gate::DONT, '0.2 V apart',
        ];
        yield 'nothing read' => [
            Protocol::Full, [self::rested($a, 13.5), new Candidate($b, 'B', BalanceStep::Waiting, [], 0.0)], Gate::WAIT, 'nothing is read',
        ];
    }

    /**
     * @param list<Candidate> $candidates
     */
    #[DataProvider('gates')]
    public function testTheGate(Protocol $protocol, array $candidates, string $answer, string $why): void
    {
        $gate = Gate::judge($protocol, $candidates, 13.0 * self::H, 0.002);
        self::assertSame($answer, $gate->answer, self::said($gate->reasons));
        self::assertStringContainsString($why, self::said($gate->reasons));
    }

    /** Twice the volts behind twice the resistance take the same hours: a 25.6 V pair levels as a 12.8 V one does. */
    public function testHoursUntilEvenFollowTheCells(): void
    {
        $hours = static function (float $v, float $mohm, float $link): float {
            $pair = array_map(
                static fn(string $id): Subject => self::battery($id, ['nominal_v' => $v, 'internal_mohm' => $mohm, 'absorption_v' => null]),
                ['A', 'B'],
            );
            $cells = $pair[0]->cells;
            $gate = Gate::judge(
                Protocol::Full,
                [self::rested($pair[0], 3.35 * $cells), self::rested($pair[1], 3.40 * $cells)],
                13.0 * self::H,
                $link,
            );
            self::assertSame(Gate::JOIN, $gate->answer, self::said($gate->reasons));

            return $gate->rush?->levelling()->hours ?? INF;
        };
        $twelve = $hours(12.8, 2.0, 0.001);
        self::assertGreaterThan(0.1, $twelve);
        self::assertEqualsWithDelta($twelve, $hours(25.6, 4.0, 0.002), 1e-9);
        self::assertEqualsWithDelta($twelve, $hours(51.2, 8.0, 0.004), 1e-9);
    }

    /**
     * Full is where each sort of lead rests when it is full: flooded 12.65 V, not the 12.85 V of AGM; by 0.15 V less it is worth a refresh.
     * Assumed.
     */
    public function testFullIsTheChemistrysOwn(): void
    {
        $answer = static fn(string $chemistry, float $v): string => Gate::judge(
            Protocol::Check,
            [
                self::rested(self::lead('L', ['chemistry' => $chemistry]), $v),
                self::rested(self::lead('M', ['chemistry' => $chemistry]), $v),
            ],
            13.0 * self::H,
            0.002,
        )->answer;
        foreach (['flooded' => 12.65, 'gel' => 12.8, 'agm' => 12.85, 'lead_carbon' => 13.0] as $chemistry => $full) {
            self::assertSame([Gate::JOIN, Gate::DONT], [$answer($chemistry, $full - 0.14), $answer($chemistry, $full - 0.16)], $chemistry);
        }
        self::assertSame(12.9, self::lead('L', ['rested_full_v' => 12.9])->fullV, 'a sheet knows better');
    }

    public function testTheLeadMayBeWeakerThanTheBms(): void
    {
        $pair = [self::rested(self::battery('A'), 13.4), self::rested(self::battery('B'), 13.6)];
        self::assertSame(Gate::JOIN, Gate::judge(Protocol::Full, $pair, 13.0 * self::H, 0.002, 30.0)->answer);
        self::assertSame(Gate::DONT, Gate::judge(Protocol::Full, $pair, 13.0 * self::H, 0.002, 20.0)->answer);
    }

    /** 2.35 V a cell for 16 hours, then alike and full, or worn. */
    public function testTheRefreshChargeEndsAtSixteenHours(): void
    {
        $on = static fn(BalanceStep $step, float $since, float $volts, float $at): Candidate => new Candidate(
            self::lead('L', [], Protocol::Refresh),
            'L',
            $step,
            [new BatteryReading($at * self::H, $volts, $step === BalanceStep::Charging ? 4.0 : 0.0)],
            $since * self::H,
        );
        $gate = Gate::judge(Protocol::Refresh, [$on(BalanceStep::Charging, 0.0, 14.1, 9.0)], 9.0 * self::H, 0.0);
        self::assertSame([Gate::WAIT, 16.0 * self::H], [$gate->answer, $gate->untilS]);
        self::assertStringContainsString(
            'take it off',
            self::said(Gate::judge(Protocol::Refresh, [$on(BalanceStep::Charging, 0.0, 14.1, 16.5)], 16.5 * self::H, 0.0)->reasons[0]),
        );
        self::assertSame(Gate::EVEN, Gate::judge(Protocol::Refresh, [$on(BalanceStep::Ready, 16.0, 13.1, 20.0)], 20.0 * self::H, 0.0)->answer);
        self::assertSame(Gate::DONT, Gate::judge(Protocol::Refresh, [$on(BalanceStep::Ready, 16.0, 12.65, 20.0)], 20.0 * self::H, 0.0)->answer);
        self::assertEqualsWithDelta(14.1, self::lead('L', [], Protocol::Refresh)->absorptionV, 1e-9);
    }

    /** Bulk: 230 Ah from 20 % to 97 % at 30 A are 177 Ah, near six hours; every reading corrects it. */
    public function testBulkIsToldAndCorrected(): void
    {
        $a = self::battery('A');
        // 12.8 V behind 60 mV of drop: the knee, 20 %.
        $first = new BatteryReading(0.0, 12.8 + 30.0 * $a->ohm, 30.0);
        $told = Forecast::of($a, Protocol::Full, BalanceStep::Charging, [$first], 0.0, 30.0);
        self::assertEqualsWithDelta(20.0, $told->socPct ?? 0.0, 0.5);
        $hours = 0.77 * 230.0 / 30.0 / Chemistry::Lfp->coulombicEfficiency();
        self::assertEqualsWithDelta($hours * self::H, $told->readyAtS ?? 0.0, 0.02 * $hours * self::H);
        // The charger gave half for an hour: later by what is missing.
        $slower = Forecast::of(
            $a,
            Protocol::Full,
            BalanceStep::Charging,
            [$first, new BatteryReading(self::H, 13.2, 15.0), new BatteryReading(2.0 * self::H, 13.2, 15.0)],
            0.0,
            30.0,
        );
        self::assertGreaterThan($told->readyAtS, $slower->readyAtS);
        self::assertEqualsWithDelta(20.0 + 100.0 * 37.5 * Chemistry::Lfp->coulombicEfficiency() / 230.0, $slower->socPct ?? 0.0, 0.6);
        // On the flat nothing but counted charge tells, and that is said.
        self::assertGreaterThan(
            Gate::VAGUE_PCT,
            Forecast::of($a, Protocol::Full, BalanceStep::Charging, [new BatteryReading(0.0, 13.2)], 0.0, 30.0)->vaguePct,
        );
    }

    /** A current that falls as e^(−t/τ) is through at the tail: 20 A → 10 A in half an hour reaches 5 A half an hour later. */
    public function testAbsorptionEndsByTheTailOrTheClock(): void
    {
        $a = self::battery('A', ['absorption_h' => 4]);
        $taper = [new BatteryReading(0.0, 14.4, 20.0), new BatteryReading(1800.0, 14.4, 10.0)];
        self::assertEqualsWithDelta(3600.0, Forecast::of($a, Protocol::Full, BalanceStep::Absorbing, $taper, 0.0, 30.0)->readyAtS ?? 0.0, 1.0);
        self::assertEqualsWithDelta(
            4.0 * self::H,
            Forecast::of($a, Protocol::Full, BalanceStep::Absorbing, [$taper[0]], 0.0, 30.0)->readyAtS ?? 0.0,
            1.0,
        );
        self::assertEqualsWithDelta(
            2000.0,
            Forecast::of($a, Protocol::Full, BalanceStep::Absorbing, [...$taper, new BatteryReading(2000.0, 14.4, 4.0)], 0.0, 30.0)->readyAtS ?? 0.0,
            1.0,
        );
    }

    public function testTheChargersThatThereAre(): void
    {
        $subjects = array_map(static fn(string $id): Subject => self::battery($id), ['A', 'B', 'C']);
        $waits = static fn(int $k): Candidate => new Candidate(
            $subjects[$k],
            $subjects[$k]->id,
            BalanceStep::Waiting,
            [new BatteryReading(0.0, 12.8)],
            (float) $k,
        );
        $queue = Queue::of(
            Protocol::Full,
            [$waits(0), $waits(1), $waits(2)],
            [['name' => 'x', 'amps' => 30.0], ['name' => 'y', 'amps' => 60.0]],
            [],
            0.0,
        );
        self::assertSame(['x', 'y', 'y'], array_map(static fn(string $id): string => $queue->turns[$id]['charger'], ['A', 'B', 'C']));
        self::assertSame($queue->turns['B']['freeS'], $queue->turns['C']['startS']);
        self::assertEqualsWithDelta(
            max($queue->turns['A']['freeS'], $queue->turns['C']['freeS']) + 12.0 * self::H,
            $queue->doneS ?? 0.0,
            1.0,
        );
        self::assertCount(2, $queue->free);
        // One is on: its charger is not free, and the next waits for it.
        $on = new Candidate($subjects[0], 'A', BalanceStep::Absorbing, [new BatteryReading(0.0, 14.4, 20.0)], 0.0);
        $queue = Queue::of(Protocol::Full, [$on, $waits(1)], [['name' => 'x', 'amps' => 30.0]], ['A' => 'x'], 60.0);
        self::assertSame([], $queue->free);
        self::assertEqualsWithDelta(self::H, $queue->turns['B']['startS'], 1.0);
    }

    /** No battery is put on a charger that is too strong for it, and where none suits no time is told. */
    public function testAChargerThatIsTooStrongIsNotUsed(): void
    {
        $weak = new Candidate(self::battery('A', ['charge_limit_a' => 20]), 'A', BalanceStep::Waiting, [new BatteryReading(0.0, 12.8)], 0.0);
        $strong = new Candidate(self::battery('B'), 'B', BalanceStep::Waiting, [new BatteryReading(0.0, 12.8)], 1.0);
        $both = Queue::of(
            Protocol::Full,
            [$weak, $strong],
            [['name' => 'big', 'amps' => 60.0], ['name' => 'small', 'amps' => 15.0]],
            [],
            0.0,
        );
        self::assertSame(['small', 'big'], [$both->turns['A']['charger'], $both->turns['B']['charger']]);
        self::assertNotNull($both->doneS);
        $none = Queue::of(Protocol::Full, [$weak, $strong], [['name' => 'big', 'amps' => 60.0]], [], 0.0);
        self::assertSame(['B'], array_keys($none->turns));
        self::assertNull($none->doneS);
    }

    /**
     * @return iterable<string, array{BalanceStep, BatteryReading, ?string}>
     */
    public static function doubts(): iterable
    {
        yield 'a decimal slip' => [BalanceStep::Resting, new BatteryReading(0.0, 1.32), '13.2 V would fit'];
        yield 'the other slip' => [BalanceStep::Resting, new BatteryReading(0.0, 134.0), '13.4 V would fit'];
        yield 'wrong sign' => [BalanceStep::Resting, new BatteryReading(0.0, -13.2), 'wrong terminals'];
        yield 'a dead cell' => [BalanceStep::Resting, new BatteryReading(0.0, 4.6), 'dead cell'];
        yield 'discharging on the charger' => [BalanceStep::Charging, new BatteryReading(0.0, 13.6, -30.0), 'wrong way round'];
        yield 'amps while it rests' => [BalanceStep::Resting, new BatteryReading(0.0, 13.4, 3.0), 'still connected'];
        yield 'milliamps' => [BalanceStep::Charging, new BatteryReading(0.0, 13.6, 29_800.0), 'milliamps'];
        yield 'Fahrenheit' => [BalanceStep::Resting, new BatteryReading(0.0, 13.4, null, 77.0), 'Fahrenheit'];
        yield 'three cells of four' => [BalanceStep::Resting, new BatteryReading(0.0, 13.4, null, null, [3.35, 3.35, 3.35]), '3 cells'];
        yield 'cells that do not add up' => [
            BalanceStep::Resting, new BatteryReading(0.0, 13.4, null, null, [3.35, 3.35, 3.35, 2.35]), 'add up to 12.4 V',
        ];
        yield 'sound' => [BalanceStep::Charging, new BatteryReading(0.0, 13.6, 30.0, 18.0, [3.4, 3.4, 3.4, 3.4]), null];
        yield 'nearly empty is sound' => [BalanceStep::Waiting, new BatteryReading(0.0, 11.2), null];
    }

    #[DataProvider('doubts')]
    public function testWhatCannotBeIsAskedAbout(BalanceStep $step, BatteryReading $reading, ?string $asked): void
    {
        $doubt = Doubt::about(self::battery('A'), $step, $reading, null);
        $asked === null ? self::assertNull($doubt) : self::assertStringContainsString($asked, self::said($doubt));
    }

    /** At rest volts move slowly: a jump is asked about; the same jump after an hour, under charge, or the first reading, is not. */
    public function testAJumpAtRestIsAskedAbout(): void
    {
        $a = self::battery('A');
        $read = static fn(float $minutes, float $volts): BatteryReading => new BatteryReading(60.0 * $minutes, $volts, 0.0, null, null);
        $doubt = static fn(BalanceStep $step, ?BatteryReading $before, BatteryReading $now): string => self::said(Doubt::about($a, $step, $now, $before) ?? '');
        self::assertStringContainsString('13.3', $doubt(BalanceStep::Resting, $read(0, 13.35), $read(1, 12.4)));
        self::assertSame('', $doubt(BalanceStep::Resting, $read(0, 13.35), $read(1, 13.34)));
        self::assertSame('', $doubt(BalanceStep::Resting, null, $read(1, 12.4)));
        self::assertSame('', $doubt(BalanceStep::Charging, $read(0, 13.35), $read(1, 14.3)));
        // More time, more room: what a minute does not explain, two may.
        self::assertSame('', $doubt(BalanceStep::Resting, $read(0, 13.35), $read(2, 12.4)));
    }

    /** What a levelling made of a stand-in's charge is what it holds then, cell by cell, and its instrument still reads it. */
    public function testAJoinedStandInHoldsWhatItWasGiven(): void
    {
        $a = self::battery('A');
        foreach ([3, 8, 42] as $seed) {
            $bench = BenchBattery::hidden($seed, 4);
            $was = $bench->socPct();
            $joined = $bench->withCharge($was / 2.0);
            self::assertEqualsWithDelta($was / 2.0, $joined->socPct(), 0.01);
            self::assertEqualsWithDelta($was, $joined->withCharge($was)->socPct(), 0.01, 'there and back');
            self::assertLessThan($bench->read($a, 0.0)->volts, $joined->read($a, 0.0)->volts);
            self::assertLessThanOrEqual(100.0, $bench->withCharge(250.0)->socPct());
            self::assertGreaterThanOrEqual(0.0, $bench->withCharge(-50.0)->socPct());
        }
    }

    /** The whole full method on the stand-ins: what was predicted comes, and the hidden charge is what was put in. */
    public function testTheBenchObeysTheModel(): void
    {
        $a = self::battery('A');
        $bench = BenchBattery::hidden(42, 4);
        $from = $bench->socPct();
        [$step, $at, $ah, $since, $readings, $told] = [BalanceStep::Charging, 0.0, 0.0, 0.0, [], null];
        while ($step !== BalanceStep::Resting && $at < 40.0 * self::H) {
            $bench = $bench->advanced($a, $step, 600.0, BenchCharger::Mains, 30.0, $at);
            $at += 600.0;
            $ah += $bench->ampsNow / 6.0;
            $readings[] = $bench->read($a, $at);
            $told ??= count($readings) === 6 ? Forecast::of($a, Protocol::Full, $step, $readings, 0.0, 30.0) : null;
            if ($step === BalanceStep::Charging && $readings[count($readings) - 1]->volts >= 14.38) {
                [$step, $since] = [BalanceStep::Absorbing, $at];
                self::assertNotNull($told);
                self::assertEqualsWithDelta(
                    $at,
                    $told->readyAtS ?? 0.0,
                    (0.05 + $told->vaguePct / 100.0) * 230.0 / 30.0 * self::H,
                    'bulk ends when it was said, as far as it was known',
                );
            }
            if ($step === BalanceStep::Absorbing && (Forecast::of($a, Protocol::Full, $step, $readings, $since, 30.0)->readyAtS ?? INF) <= $at) {
                $step = BalanceStep::Resting;
            }
        }
        self::assertSame(BalanceStep::Resting, $step);
        self::assertEqualsWithDelta(
            $ah / 230.0 * 100.0,
            $bench->socPct() - $from,
            3.5,
            'charge in is charge held, within the capacity’s tolerance',
        );
        self::assertGreaterThan(97.0, $bench->socPct());
        $rested = $bench->advanced($a, BalanceStep::Resting, 12.0 * self::H, BenchCharger::Mains, 30.0, $at)->read($a, $at + 12.0 * self::H);
        self::assertEqualsWithDelta(13.5, $rested->volts, 0.12, 'rests between 13.4 and 13.6 V');
        // Again from the same seed: the same to the last digit.
        self::assertEquals(
            BenchBattery::hidden(42, 4)->advanced($a, BalanceStep::Charging, 600.0, BenchCharger::Mains, 30.0, 0.0),
            BenchBattery::fromArray(
                BenchBattery::hidden(42, 4)->advanced($a, BalanceStep::Charging, 600.0, BenchCharger::Mains, 30.0, 0.0)->toArray(),
            ),
        );
    }

    public function testFaultsOnTheBenchShow(): void
    {
        $a = self::battery('A');
        $charged = static fn(string $fault, BenchCharger $charger = BenchCharger::Mains, float $from = 0.0): BenchBattery => BenchBattery::hidden(5, 4, $fault)->advanced($a, BalanceStep::Charging, self::H, $charger, 30.0, $from);
        // A loose joint of 20 mΩ shows as 0.6 V more at 30 A.
        self::assertEqualsWithDelta(0.6, $charged('loose_joint')->read($a, 0.0)->volts - $charged('')->read($a, 0.0)->volts, 0.05);
        // Cold: the sound one refuses, the one with a dead cut-off takes it.
        $cold = BenchBattery::fromArray(['celsius' => -4.0, ...array_diff_key(BenchBattery::hidden(5, 4)->toArray(), ['celsius' => 0])]);
        self::assertSame(0.0, $cold->advanced($a, BalanceStep::Charging, self::H, BenchCharger::Mains, 30.0, 0.0)->ampsNow);
        self::assertGreaterThan(25.0, $charged('dead_cutoff')->ampsNow);
        // The sun: nothing at night, never above its rating, less on the whole than the mains.
        self::assertSame(0.0, BenchCharger::Solar->offersA(30.0, 2.0 * self::H, 5));
        $day = array_map(static fn(int $k): float => BenchCharger::Solar->offersA(30.0, (6.0 + $k / 6.0) * self::H, 5), range(1, 71));
        self::assertLessThanOrEqual(30.0, max($day));
        self::assertEqualsWithDelta(14.0, array_sum($day) / count($day), 4.0);
    }

    /**
     * Each fault of the bench is seen in the readings of the full method, and a sound battery shows nothing, whatever its hidden charge.
     */
    public function testTheReadingsShowWhatIsWrong(): void
    {
        $a = self::battery('A');
        $symptoms = static function (int $seed, string $fault) use ($a): string {
            $bench = BenchBattery::hidden($seed, 4, $fault);
            [$step, $at, $since, $readings] = [BalanceStep::Charging, 0.0, 0.0, [$bench->read($a, 0.0)]];
            while ($step !== BalanceStep::Resting || $at < $since + 12.0 * self::H) {
                $bench = $bench->advanced($a, $step, 900.0, BenchCharger::Mains, 30.0, $at);
                $at += 900.0;
                $readings[] = $bench->read($a, $at);
                if ($step === BalanceStep::Charging && $readings[count($readings) - 1]->volts >= 14.38) {
                    [$step, $since] = [BalanceStep::Absorbing, $at];
                } elseif ($step === BalanceStep::Absorbing && $at >= $since + 2.0 * self::H) {
                    [$step, $since] = [BalanceStep::Resting, $at];
                }
            }

            return self::said(Symptom::of(new Candidate($a, 'A', $step, $readings, $since)));
        };
        foreach ([3, 4, 5, 8, 11, 42] as $seed) {
            self::assertSame('', $symptoms($seed, ''), "seed $seed");
            self::assertStringContainsString('mΩ more than it should have', $symptoms($seed, 'loose_joint'), "seed $seed");
            self::assertStringContainsString('cold cut-off does not work', $symptoms($seed, 'dead_cutoff'), "seed $seed");
            self::assertStringContainsString('a cell filled early', $symptoms($seed, 'weak_cell'), "seed $seed");
        }
        self::assertStringContainsString(
            'cell 3 lags by 60 mV',
            self::said(
                Symptom::of(new Candidate($a, 'A', BalanceStep::Ready, [new BatteryReading(0.0, 13.34, 0.0, null, [3.35, 3.35, 3.29, 3.35])], 0.0))[0],
            ),
        );
    }

    /** The cell top balance: while one cell leads, the pack's volts do not say it; the balancer brings them within 10 mV. */
    public function testCellsAreBledUntilAlike(): void
    {
        $a = self::battery('A', ['capacity_ah' => 100], Protocol::Cells);
        $bench = BenchBattery::hidden(9, 4);
        [$at, $step, $readings, $since] = [0.0, BalanceStep::Charging, [], 0.0];
        $gate = null;
        while ($at < 60.0 * self::H) {
            $bench = $bench->advanced($a, $step, 900.0, BenchCharger::Mains, 30.0, $at);
            $at += 900.0;
            $readings[] = $reading = $bench->read($a, $at, true);
            self::assertEqualsWithDelta($reading->volts, array_sum($reading->cells ?? []), 0.01);
            if ($step === BalanceStep::Charging && $reading->volts >= $a->absorptionV - 0.02) {
                [$step, $since] = [BalanceStep::Absorbing, $at];
                self::assertGreaterThan(CellsApart::ALIKE_MV, $reading->spreadMv());
                self::assertSame(
                    Gate::WAIT,
                    Gate::judge(Protocol::Cells, [new Candidate($a, 'A', $step, $readings, $since)], $at, 0.0)->answer,
                );
            }
            if ($step === BalanceStep::Absorbing) {
                $gate = Gate::judge(Protocol::Cells, [new Candidate($a, 'A', $step, $readings, $since)], $at, 0.0);
                if ($gate->answer === Gate::EVEN) {
                    break;
                }
            }
        }
        self::assertSame(Gate::EVEN, $gate?->answer, self::said($gate->reasons ?? []));
        self::assertGreaterThan(self::H, $at - $since, 'a balancer of 0.1 A takes its hours');
        // In mid-charge alike means nothing, nor while much current flows; an hour at rest after the top it does.
        $judged = static fn(BatteryReading ...$readings): Gate => Gate::judge(
            Protocol::Cells,
            [new Candidate($a, 'A', BalanceStep::Ready, array_values($readings), 0.0)],
            $readings[array_key_last($readings)]->atS ?? 0.0,
            0.0,
        );
        $read = static fn(float $cell, float $amps, float $h = 0.0): BatteryReading => new BatteryReading(
            $h * self::H,
            4.0 * $cell,
            $amps,
            null,
            array_fill(0, 4, $cell),
        );
        self::assertStringContainsString('below 3.45 V', self::said($judged($read(3.3, 0.0))->reasons[0]));
        self::assertStringContainsString('still flow', self::said($judged($read(3.5, 20.0))->reasons[0]));
        // At the top one cell leads by more than 10 mV: it is named. Nobody read the cells: that is said.
        $leads = new BatteryReading(0.0, 14.05, 0.0, null, [3.5, 3.5, 3.55, 3.5]);
        self::assertSame(Gate::DONT, $judged($leads)->answer);
        self::assertMatchesRegularExpression('/cell 3\b.*50 mV/i', self::said($judged($leads)->reasons[0]));
        self::assertMatchesRegularExpression('/cell/i', self::said($judged(new BatteryReading(0.0, 14.0, 0.0, null, null))->reasons[0]));
        self::assertSame(Gate::EVEN, $judged($read(3.5, 2.0))->answer);
        self::assertSame(
            [Gate::DONT, Gate::EVEN],
            [$judged($read(3.5, 2.0), $read(3.36, 0.0, 0.5))->answer, $judged($read(3.5, 2.0), $read(3.36, 0.0, 1.5))->answer],
        );
    }

    /** Four batteries with a planted fault: the clamp readings find it again, and nothing where nothing is wrong. */
    public function testTheBadJointIsFound(): void
    {
        $ids = ['A', 'B', 'C', 'D'];
        $sources = array_map(static fn(string $id): Source => Source::of($id, 13.2, 0.004), $ids);
        $links = Layout::Across->links($ids, 0.0003, 0.0006);
        $measured = static fn(array $s, array $l): array => array_map(
            static fn(float $a): float => round($a * 2.0) / 2.0,
            Network::of(array_values($s), array_values($l), Layout::POSITIVE, Layout::NEGATIVE)->share(160.0)->amps,
        );
        foreach ($links as $k => $link) {
            if ($link->from === Layout::POSITIVE || $link->to === Layout::POSITIVE || $link->from === Layout::NEGATIVE || $link->to === Layout::NEGATIVE) {
                continue;
            }
            $loose = $links;
            $loose[$k] = Link::of($link->from, $link->to, $link->ohm + 0.002);
            $found = JointDiagnosis::byAmps($sources, $links, Layout::POSITIVE, Layout::NEGATIVE, $measured($sources, $loose))[0];
            self::assertSame(['link', $k], [$found->kind, $found->index], $link->from . $link->to);
            self::assertEqualsWithDelta(0.002, $found->addedOhm, 0.0006);
            // The same from volts at the terminals, read to the millivolt, at whatever charge.
            $share = Network::of($sources, array_values($loose), Layout::POSITIVE, Layout::NEGATIVE)->share(160.0);
            $volts = array_map(static fn(float $a): float => round(13.05 - 0.004 * $a, 3), $share->amps);
            $found = JointDiagnosis::byVolts($sources, $links, Layout::POSITIVE, Layout::NEGATIVE, $volts, 160.0)[0];
            self::assertSame(['link', $k], [$found->kind, $found->index], $link->from . $link->to);
        }
        $tired = $sources;
        $tired[2] = Source::of('C', 13.2, 0.012);
        $found = JointDiagnosis::byAmps($sources, $links, Layout::POSITIVE, Layout::NEGATIVE, $measured($tired, $links))[0];
        self::assertSame(['battery', 'C'], [$found->kind, $found->name]);
        self::assertSame(
            'none',
            JointDiagnosis::byAmps($sources, $links, Layout::POSITIVE, Layout::NEGATIVE, $measured($sources, $links))[0]->kind,
        );
        $this->expectException(InvalidValue::class);
        JointDiagnosis::byAmps($sources, $links, Layout::POSITIVE, Layout::NEGATIVE, [0.0, 0.0, 0.0, 0.0]);
    }

    /** Wired at the same end, shares drift together on the flat and swing at the ends; charge is kept all the way. */
    public function testSharesDriftThroughADischarge(): void
    {
        $ids = ['A', 'B'];
        $network = Network::of(
            array_map(static fn(string $id): Source => Source::of($id, 13.2, 0.002), $ids),
            Layout::SameEnd->links($ids, 0.0006, 0.0006),
            Layout::POSITIVE,
            Layout::NEGATIVE,
        );
        $drift = BankDrift::of($network, Chemistry::Lfp, 4, [100.0, 100.0], 100.0, [100.0, 100.0]);
        $first = $drift->course[0]['amps'];
        self::assertGreaterThan($first[1], $first[0]);
        self::assertGreaterThan(2.0, $drift->widestPct());
        self::assertSame(['empty', 0], [$drift->ended, $drift->endedBy]);
        $end = $drift->course[count($drift->course) - 1];
        self::assertEqualsWithDelta(100.0 * $end['hours'], 200.0 - array_sum($end['socPct']), 0.5);
        $share = array_map(static fn(array $c): float => $c['amps'][0], $drift->course);
        self::assertLessThan($share[0], min([INF, ...$share]), 'the second takes over at the knee');
    }

    /** A self-built pack: the pack reads 13.6 V and less while one cell is at 3.65; alike cells fill to the limit. */
    public function testThePackHidesItsCells(): void
    {
        $alike = CellPack::of(4, 1, 100.0, 0.0, 0.0, bleedA: 0.1);
        self::assertEqualsWithDelta(0.0, $alike->leftAh, 1e-9);
        $apart = CellPack::of(4, 2, 100.0, 0.0, 8.0, bleedA: 0.1);
        self::assertEqualsWithDelta(16.0, $apart->leftAh, 1e-6);
        self::assertEqualsWithDelta(160.0, $apart->balanceH, 1e-6);
        self::assertLessThan(13.8, $apart->packLimitV);
        self::assertEqualsWithDelta(CellPack::CELL_LIMIT_V, max([0.0, ...$apart->cellV]), 1e-9);
        self::assertGreaterThan(127.0, $apart->spreadMv());
        [$one, $strings] = PackSchool::both(4, 2, 150.0, 120.0, 80.0);
        self::assertSame(
            [1, 4, 0.0, 150.0, 5.0, 120.0],
            [$one->bms, $one->cellsSeen, $one->leftPct, $one->eachBmsA, $one->weakShows, $one->price],
        );
        self::assertSame(
            [2, 8, 50.0, 75.0, 10.0, 160.0],
            [$strings->bms, $strings->cellsSeen, $strings->leftPct, $strings->eachBmsA, $strings->weakShows, $strings->price],
        );
        $this->expectException(InvalidValue::class);
        CellPack::of(1, 1, 100.0, 0.0, 0.0);
    }
}
