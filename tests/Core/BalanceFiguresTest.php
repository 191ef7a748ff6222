<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Balance\BalanceStep;
use Pebblefell\Balance\BatteryReading;
use Pebblefell\Balance\BenchBattery;
use Pebblefell\Balance\BenchCharger;
use Pebblefell\Balance\Candidate;
use Pebblefell\Balance\Doubt;
use Pebblefell\Balance\Forecast;
use Pebblefell\Balance\Gate;
use Pebblefell\Balance\Protocol;
use Pebblefell\Balance\Queue;
use Pebblefell\Balance\Rush;
use Pebblefell\Balance\Subject;
use Pebblefell\Balance\Symptom;
use Pebblefell\Finding\Word;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The figures of Balance, each against its closed form, and each limit from both of its sides. Limits are common practice unless they are
 * marked as chosen where they stand.
 */
final class BalanceFiguresTest extends TestCase
{
    use Says;

    private const H = 3600.0;

    /**
     * @param array<string, mixed> $data
     */
    private static function lfp(string $id = 'A', array $data = [], Protocol $protocol = Protocol::Full): Subject
    {
        return Subject::of($id, DataSheet::of(PartKind::Battery, [
            'chemistry' => 'lfp', 'nominal_v' => 12.8, 'capacity_ah' => 200, 'internal_mohm' => 2.0, 'discharge_limit_a' => 200,
            'charge_limit_a' => 100, 'absorption_v' => 14.4, 'absorption_h' => 2, 'tail_a' => 5, 'charge_min_c' => 0, ...$data,
        ]), $protocol);
    }

    private static function agm(string $id = 'L', Protocol $protocol = Protocol::Full): Subject
    {
        return self::lfp(
            $id,
            ['chemistry' => 'agm', 'nominal_v' => 12, 'absorption_v' => null, 'tail_a' => null, 'discharge_limit_a' => null, 'charge_limit_a' => null],
            $protocol,
        );
    }

    /**
     * @param list<float>|null $cells
     */
    private static function at(float $hours, float $volts, ?float $amps = 0.0, ?float $celsius = null, ?array $cells = null): BatteryReading
    {
        return new BatteryReading($hours * self::H, $volts, $amps, $celsius, $cells);
    }

    /**
     * @param list<Word> $words
     */
    private static function keys(array $words): string
    {
        $key = static function (Word $word) use (&$key): string {
            $short = substr((string) strrchr($word->key, '.'), 1);

            return $short === 'of' && $word->args['what'] instanceof Word ? $key($word->args['what']) : $short;
        };

        return implode(' ', array_map($key, $words));
    }

    /**
     * Charge is counted by trapezoids from the reading that told most: in with the chemistry's coulombic efficiency, out without it, and it
     * is less certain by 3 % of all that flowed.
     */
    public function testChargeIsCountedFromWhatToldMost(): void
    {
        $a = self::agm();
        [$from, $vague] = Forecast::charge($a, [self::at(1.0, 12.3)]);
        self::assertEqualsWithDelta($a->socPct(12.3), $from, 1e-9);
        self::assertEqualsWithDelta($a->socPct(12.32) - $a->socPct(12.28), $vague, 1e-9, 'a meter of 20 mV, and no hysteresis in lead');
        // 10 A, then 20 A an hour later, then none: 15 Ah and 10 Ah.
        $in = [self::at(1.0, 12.3), self::at(1.0, 13.9, 10.0), self::at(2.0, 14.1, 20.0), self::at(3.0, 14.1, 0.1)];
        [$soc, $open] = Forecast::charge($a, array_slice($in, 0, 3));
        self::assertEqualsWithDelta($from + 100.0 * 15.0 * $a->chemistry->coulombicEfficiency() / 200.0, $soc, 1e-9);
        self::assertEqualsWithDelta(($vague ?? 0.0) + 100.0 * 15.0 * 0.03 / 200.0, $open, 1e-9);
        // Out: what flows out is out.
        $out = [self::at(1.0, 12.3), self::at(1.0, 12.0, -20.0), self::at(3.0, 11.9, -20.0)];
        [$soc] = Forecast::charge($a, $out);
        self::assertEqualsWithDelta($from - 100.0 * 40.0 / 200.0, $soc, 1e-9);
        // Never above full, nor below empty.
        self::assertSame(100.0, Forecast::charge($a, [self::at(0.0, 12.6), self::at(0.0, 14.0, 90.0), self::at(9.0, 14.0, 90.0)])[0]);
        self::assertSame(0.0, Forecast::charge($a, [self::at(0.0, 12.0), self::at(0.0, 11.5, -90.0), self::at(9.0, 11.0, -90.0)])[0]);
        self::assertSame([null, 100.0], Forecast::charge($a, []));
        // A clock that went back counts nothing.
        self::assertEqualsWithDelta($from, Forecast::charge($a, [self::at(1.0, 12.3), self::at(0.0, 12.2, -20.0)])[0], 1e-9);
    }

    /** Volts are read behind the resistance, and trusted the less the more flows: 2 mV an ampere. */
    public function testVoltsUnderCurrentTellLess(): void
    {
        $a = self::lfp();
        [$still, $sure] = Forecast::charge($a, [self::at(0.0, 12.8)]);
        [$flowing, $open] = Forecast::charge($a, [self::at(0.0, 12.8 - 20.0 * 0.002, -20.0)]);
        self::assertEqualsWithDelta($still, $flowing, 1e-9);
        self::assertEqualsWithDelta($a->socPct(12.84 + 0.04 + 0.02) - $a->socPct(12.8 - 0.06 - 0.04), $open, 0.5);
        self::assertGreaterThan($sure, $open);
        // Hysteresis: 10 mV a cell to either side, in lithium only.
        self::assertEqualsWithDelta($a->socPct(12.86) - $a->socPct(12.74), $a->vagueByPct(12.8, 0.02), 1e-9);
    }

    /** Bulk ends at 97 % (LFP) or 85 % (lead): what is missing, through the efficiency, at the amps that flow, else at the charger's. */
    public function testBulkEndsWhenWhatIsMissingHasFlowed(): void
    {
        foreach ([[self::lfp(), 97.0, 12.9], [self::agm(), 85.0, 12.1]] as [$subject, $end, $volts]) {
            $ready = static fn(array $readings, ?float $charger): ?float => Forecast::of(
                $subject,
                Protocol::Full,
                BalanceStep::Charging,
                array_values($readings),
                0.0,
                $charger,
            )->readyAtS;
            $hours = static fn(float $amps): float => ($end - $subject->socPct($volts)) / 100.0 * 200.0
                / ($amps * $subject->chemistry->coulombicEfficiency());
            self::assertEqualsWithDelta((1.0 + $hours(25.0)) * self::H, $ready([self::at(1.0, $volts, null)], 25.0), 1e-3);
            self::assertEqualsWithDelta((1.0 + $hours(25.0)) * self::H, $ready([self::at(1.0, $volts, 0.0)], 25.0), 1e-3);
            // What flows is believed before the charger's label.
            self::assertEqualsWithDelta((1.0 + $hours(10.0)) * self::H, $ready([self::at(1.0, $volts), self::at(1.0, $volts + 0.02, 10.0)], 25.0), 1e-3);
            self::assertNull($ready([self::at(1.0, $volts, null)], null));
            self::assertNull($ready([], 25.0));
            // Past its end: now.
            self::assertEqualsWithDelta(self::H, $ready([self::at(1.0, 13.49, 0.0)], 25.0), 1e-3);
        }
        self::assertSame(
            'to-go',
            self::keys([Forecast::of(self::lfp(), Protocol::Full, BalanceStep::Charging, [self::at(0.0, 12.9)], 0.0, 25.0)->why]),
        );
        // A refresh charge lasts its sixteen hours, whatever is read.
        self::assertSame(
            18.0 * self::H,
            Forecast::of(self::agm(), Protocol::Refresh, BalanceStep::Charging, [self::at(3.0, 14.1, 4.0)], 2.0 * self::H, null)->readyAtS,
        );
    }

    /** Common practice: lead on its charger stands at the charger's volts whatever its charge is; only at rest its volts are its own. */
    public function testLeadUnderChargeIsNotTakenForFull(): void
    {
        $a = self::agm();
        $forecast = static fn(BatteryReading ...$r): Forecast => Forecast::of($a, Protocol::Full, BalanceStep::Charging, array_values($r), 0.0, 25.0);
        foreach ([self::at(1.0, 13.9, 25.0), self::at(1.0, 12.6, 0.2), self::at(1.0, 13.6, null)] as $reading) {
            $told = $forecast($reading);
            self::assertSame([null, 100.0, 'from-empty'], [$told->socPct, $told->vaguePct, self::keys([$told->why])]);
        }
        // The latest it can be: from empty.
        self::assertEqualsWithDelta(
            (1.0 + 0.85 * 200.0 / (20.0 * $a->chemistry->coulombicEfficiency())) * self::H,
            $forecast(self::at(1.0, 13.9, 20.0))->readyAtS,
            1e-3,
        );
        // Measured at rest before, it is counted from there; at rest after it, its volts speak again.
        self::assertEqualsWithDelta(
            $a->socPct(12.3) + 100.0 * 25.0 * $a->chemistry->coulombicEfficiency() / 200.0,
            $forecast(self::at(0.0, 12.3), self::at(0.0, 13.8, 25.0), self::at(1.0, 13.9, 25.0))->socPct,
            1e-9,
        );
        self::assertSame(100.0, Forecast::charge($a, [self::at(0.0, 12.3), self::at(1.0, 13.9, 25.0), self::at(20.0, 13.1)])[0]);
        // LFP's volts move little under charge: they are read behind its resistance.
        self::assertNotNull(
            Forecast::of(self::lfp(), Protocol::Full, BalanceStep::Charging, [self::at(1.0, 13.9, 25.0)], 0.0, 25.0)->socPct,
        );
    }

    /** A tail that falls as e^(−t/τ), begun two hours into the clock: from 40 A to 20 A in half an hour, 5 A an hour later. */
    public function testTheTailIsToldFromAnyMoment(): void
    {
        $a = self::lfp();
        $of = static fn(BatteryReading ...$readings): Forecast => Forecast::of(
            $a,
            Protocol::Full,
            BalanceStep::Absorbing,
            array_values($readings),
            2.0 * self::H,
            30.0,
        );
        $bulk = self::at(1.0, 14.0, 90.0);
        self::assertEqualsWithDelta(3.5 * self::H, $of($bulk, self::at(2.0, 14.4, 40.0), self::at(2.5, 14.4, 20.0))->readyAtS, 1e-3);
        // The clock of the data sheet ends it when the tail does not.
        self::assertSame(4.0 * self::H, $of($bulk, self::at(2.0, 14.4, 40.0), self::at(3.0, 14.4, 39.0))->readyAtS);
        self::assertSame(4.0 * self::H, $of($bulk, self::at(2.0, 14.4, 20.0), self::at(3.0, 14.4, 20.0))->readyAtS, 'not falling');
        self::assertSame(4.0 * self::H, $of($bulk, self::at(2.0, 14.4, 20.0))->readyAtS, 'one reading is no fall');
        // At the tail it is over, and full; a reading without amps tells nothing.
        $over = $of($bulk, self::at(2.0, 14.4, 20.0), self::at(2.4, 14.4, 5.0), self::at(2.6, 14.4, null));
        self::assertSame([100.0, 2.0, 2.4 * self::H], [$over->socPct, $over->vaguePct, $over->readyAtS]);
        self::assertSame('tail-reached', self::keys([$over->why]));
        $none = Forecast::of(self::agm(), Protocol::Full, BalanceStep::Absorbing, [self::at(2.0, 14.4, 2.0), self::at(3.0, 14.4, 1.0)], 0.0, 30.0);
        self::assertSame([2.0 * self::H, 'hours'], [$none->readyAtS, self::keys([$none->why])], 'no tail on its sheet: the clock');
    }

    /** The spread of cells that are bled falls in a straight line from its widest: 100 mV to 60 mV in two hours reach 10 mV in 2.5 more. */
    public function testBledCellsComeTogetherInAStraightLine(): void
    {
        $a = self::lfp('A', [], Protocol::Cells);
        $spread = static fn(float $h, float $mv): BatteryReading => self::at($h, 14.2, 1.0, null, [3.5, 3.5 + $mv / 1000.0, 3.52, 3.5]);
        $of = static fn(BatteryReading ...$readings): Forecast => Forecast::of(
            $a,
            Protocol::Cells,
            BalanceStep::Absorbing,
            array_values($readings),
            1.0 * self::H,
            30.0,
        );
        self::assertEqualsWithDelta(
            6.5 * self::H,
            $of($spread(0.5, 150.0), $spread(1.0, 70.0), $spread(2.0, 100.0), $spread(4.0, 60.0))->readyAtS,
            1.0,
            'from the widest since the step began',
        );
        self::assertNull($of($spread(2.0, 100.0), $spread(3.0, 97.0))->readyAtS, 'a fall within a meter’s error tells nothing');
        self::assertNull($of($spread(2.0, 100.0))->readyAtS);
        self::assertSame('needs-cells', self::keys([$of(self::at(2.0, 14.2, 1.0), $spread(0.5, 90.0))->why]));
        $alike = $of($spread(2.0, 100.0), self::at(3.0, 14.2, 1.0, null, [3.55, 3.55, 3.56, 3.55]));
        self::assertEqualsWithDelta(3.0 * self::H, $alike->readyAtS, 1e-6);
    }

    /** Overnight for the full method, two hours for a check; as long as it falls, until e^(−t/2 h) has brought it to 1 mV a cell and hour. */
    public function testRestLastsUntilItIsSettled(): void
    {
        $a = self::lfp();
        $rest = static fn(Protocol $protocol, BatteryReading ...$r): Forecast => Forecast::of(
            $a,
            $protocol,
            BalanceStep::Resting,
            array_values($r),
            1.0 * self::H,
            null,
        );
        self::assertSame(13.0 * self::H, $rest(Protocol::Full, self::at(2.0, 13.6))->readyAtS);
        self::assertSame(3.0 * self::H, $rest(Protocol::Check, self::at(2.0, 13.6))->readyAtS);
        // 64 mV in two hours are 8 mV a cell and hour: 2 h · ln 8 more.
        $falling = $rest(Protocol::Check, self::at(2.0, 13.664), self::at(4.0, 13.6));
        self::assertEqualsWithDelta((4.0 + 2.0 * log(8.0)) * self::H, $falling->readyAtS, 0.5);
        self::assertSame('falling', self::keys([$falling->why]));
        self::assertSame(
            13.0 * self::H,
            $rest(Protocol::Full, self::at(2.0, 13.664), self::at(4.0, 13.6))->readyAtS,
            'the night is longer',
        );
    }

    /** How fast it falls: over the last three hours of rest, the first third of the readings against the last. */
    public function testTheFallIsReadOverTheLastHours(): void
    {
        $a = self::lfp();
        $fall = static fn(float $since, BatteryReading ...$r): ?float => Forecast::fallingMvH($a, array_values($r), $since * self::H);
        self::assertNull($fall(0.0, self::at(1.0, 13.5)));
        self::assertNull($fall(0.0));
        self::assertNull($fall(0.0, self::at(1.0, 13.5), self::at(1.0 + 599.0 / self::H, 13.4)), 'under ten minutes nothing is told');
        self::assertNotNull($fall(0.0, self::at(1.0, 13.5), self::at(1.0 + 601.0 / self::H, 13.4)));
        self::assertEqualsWithDelta(10.0, $fall(0.0, self::at(1.0, 13.54), self::at(2.0, 13.50)), 1e-6);
        self::assertSame(0.0, $fall(0.0, self::at(1.0, 13.504), self::at(2.0, 13.5)), 'within a meter’s error');
        // What was before the rest, or more than three hours ago, is not looked at.
        self::assertEqualsWithDelta(10.0, $fall(1.0, self::at(0.9, 14.4), self::at(1.0, 13.54), self::at(2.0, 13.50)), 1e-6);
        self::assertEqualsWithDelta(10.0, $fall(0.0, self::at(1.0, 14.4), self::at(4.5, 13.54), self::at(5.5, 13.50)), 1e-6);
        // Six readings: the mean of two against the mean of two, four tenths of an hour apart.
        $row = array_map(static fn(int $k): BatteryReading => self::at(1.0 + 0.1 * $k, 13.6 - 0.01 * $k), range(0, 5));
        self::assertEqualsWithDelta(0.1 * 1000.0 / 4.0, $fall(0.0, ...$row), 1e-6);
        // Eight cells share the fall.
        $b = self::lfp('B', ['nominal_v' => 25.6, 'absorption_v' => 28.8]);
        self::assertEqualsWithDelta(5.0, Forecast::fallingMvH($b, [self::at(1.0, 27.04), self::at(2.0, 27.0)], 0.0), 1e-6);
    }

    /** One that waits takes, from the lowest that its charge may be, what is missing to full at its charger's amps, and its absorption. */
    public function testWhatWaitsTakesItsHours(): void
    {
        $queue = static fn(Subject $s, array $readings, Protocol $p = Protocol::Full, float $now = 0.0): Queue => Queue::of(
            $p,
            [new Candidate($s, $s->id, BalanceStep::Waiting, array_values($readings), 0.0)],
            [['name' => 'x', 'amps' => 40.0]],
            [],
            $now,
        );
        $hours = static fn(Queue $q): float => ($q->turns['A']['freeS'] - $q->turns['A']['startS']) / self::H;
        $a = self::lfp();
        $eta = $a->chemistry->coulombicEfficiency();
        self::assertEqualsWithDelta(200.0 / 40.0 / $eta + 2.0, $hours($queue($a, [])), 1e-9, 'unknown: taken for empty');
        [$soc, $vague] = Forecast::charge($a, [self::at(0.0, 12.9)]);
        self::assertEqualsWithDelta(
            (100.0 - ($soc ?? 0.0) + $vague) / 100.0 * 200.0 / 40.0 / $eta + 2.0,
            $hours($queue($a, [self::at(0.0, 12.9)])),
            1e-9,
        );
        $from = $queue($a, [], now: 500.0);
        self::assertSame(500.0, $from->turns['A']['startS']);
        self::assertEqualsWithDelta($from->turns['A']['freeS'] + 12.0 * self::H, $from->doneS, 1e-6, 'and the night');
        $cells = $queue($a, [], Protocol::Cells);
        self::assertEqualsWithDelta($cells->turns['A']['freeS'], $cells->doneS, 1e-6, 'cells need no night');
        // A check charges nothing, and neither does a refresh by turns.
        self::assertSame([[], null], [$queue($a, [], Protocol::Check)->turns, $queue($a, [], Protocol::Check)->doneS]);
        self::assertSame([], $queue($a, [], Protocol::Refresh)->turns);
    }

    /** What is on a charger holds it for what bulk still takes and its absorption; what rests is done when it is ready. */
    public function testTheQueueGoesByWhatIsOn(): void
    {
        $a = self::lfp();
        $of = static fn(BalanceStep $step, array $readings, float $now, Protocol $p = Protocol::Full): Queue => Queue::of(
            $p,
            [new Candidate($a, 'A', $step, array_values($readings), 0.0)],
            [['name' => 'x', 'amps' => 40.0], ['name' => 'y', 'amps' => 40.0]],
            ['A' => 'x'],
            $now,
        );
        $reading = [self::at(0.0, 12.9, null)];
        $bulk = Forecast::of($a, Protocol::Full, BalanceStep::Charging, $reading, 0.0, 40.0)->readyAtS ?? 0.0;
        $on = $of(BalanceStep::Charging, $reading, 60.0);
        self::assertEqualsWithDelta($bulk + 2.0 * self::H, $on->turns['A']['freeS'], 1e-6);
        self::assertEqualsWithDelta($bulk + 14.0 * self::H, $on->doneS, 1e-6);
        self::assertSame(['x', 0.0, ['y']], [$on->turns['A']['charger'], $on->turns['A']['startS'], array_column($on->free, 'name')]);
        // Later than it should have been: from now.
        self::assertEqualsWithDelta($bulk + 3.0 * self::H, $of(BalanceStep::Charging, $reading, $bulk + self::H)->turns['A']['freeS'], 1e-6);
        // Nothing read: everything from empty, since it was put on.
        self::assertEqualsWithDelta(
            (200.0 / 40.0 / $a->chemistry->coulombicEfficiency() + 2.0) * self::H,
            $of(BalanceStep::Charging, [], 60.0)->turns['A']['freeS'],
            1e-6,
        );
        self::assertEqualsWithDelta(16.0 * self::H, $of(BalanceStep::Charging, $reading, 60.0, Protocol::Refresh)->turns['A']['freeS'], 1e-6);
        self::assertEqualsWithDelta(18.0 * self::H, $of(BalanceStep::Charging, $reading, 60.0, Protocol::Refresh)->doneS, 1e-6);
        $rests = $of(BalanceStep::Resting, [self::at(0.0, 13.6)], 60.0);
        self::assertSame([[], 12.0 * self::H], [$rests->turns, $rests->doneS]);
        self::assertCount(2, $rests->free);
    }

    /** Who has waited longest is next, on the charger that is free first. */
    public function testTheLongestWaitIsNext(): void
    {
        $waits = static fn(string $id, float $since): Candidate => new Candidate(self::lfp($id), $id, BalanceStep::Waiting, [], $since);
        $on = new Candidate(self::lfp('Z'), 'Z', BalanceStep::Absorbing, [self::at(0.0, 14.4, 20.0)], 0.0);
        $queue = Queue::of(
            Protocol::Full,
            [$waits('B', 9.0), $on, $waits('A', 4.0)],
            [['name' => 'busy', 'amps' => 60.0], ['name' => 'free', 'amps' => 30.0]],
            ['Z' => 'busy'],
            10.0,
        );
        self::assertSame(['free', 10.0], [$queue->turns['A']['charger'], $queue->turns['A']['startS']]);
        self::assertSame(['busy', 2.0 * self::H], [$queue->turns['B']['charger'], $queue->turns['B']['startS']]);
    }

    /**
     * @return iterable<string, array{BalanceStep, BatteryReading, ?BatteryReading, string}>
     */
    public static function doubted(): iterable
    {
        $r = static fn(float $v, ?float $a = 0.0, ?float $c = null, ?array $cells = null): BatteryReading => self::at(1.0, $v, $a, $c, $cells === null ? null : array_values($cells));
        yield 'as low as may be' => [BalanceStep::Waiting, $r(7.69), null, ''];
        yield 'lower' => [BalanceStep::Waiting, $r(7.67), null, 'impossible'];
        yield 'as high as may be' => [BalanceStep::Charging, $r(16.6), null, ''];
        yield 'higher' => [BalanceStep::Charging, $r(16.7), null, 'impossible'];
        yield 'a hundred times' => [BalanceStep::Waiting, $r(1310.0), null, 'slip'];
        yield 'a hundredth' => [BalanceStep::Waiting, $r(0.131), null, 'slip'];
        yield 'one and a half of its limit' => [BalanceStep::Charging, $r(13.4, 300.0), null, ''];
        yield 'more' => [BalanceStep::Charging, $r(13.4, 301.0), null, 'too-much'];
        yield 'a little backwards' => [BalanceStep::Absorbing, $r(13.4, -0.4), null, ''];
        yield 'backwards' => [BalanceStep::Absorbing, $r(13.4, -0.6), null, 'backwards'];
        yield 'backwards while it waits is no charge' => [BalanceStep::Waiting, $r(13.1, -8.0), null, ''];
        yield 'a little at rest' => [BalanceStep::Resting, $r(13.4, -0.5), null, ''];
        yield 'out at rest' => [BalanceStep::Resting, $r(13.4, -0.6), null, 'not-resting'];
        yield 'cold, and it can be' => [BalanceStep::Resting, $r(13.4, 0.0, -45.0), null, ''];
        yield 'colder' => [BalanceStep::Resting, $r(13.4, 0.0, -45.1), null, 'celsius'];
        yield 'hot, and it can be' => [BalanceStep::Resting, $r(13.4, 0.0, 75.0), null, ''];
        yield 'hotter' => [BalanceStep::Resting, $r(13.4, 0.0, 75.1), null, 'celsius'];
        yield 'cells within two meters' => [BalanceStep::Resting, $r(13.4, 0.0, null, [3.35, 3.35, 3.35, 3.24]), null, ''];
        yield 'cells beyond' => [BalanceStep::Resting, $r(13.4, 0.0, null, [3.35, 3.35, 3.35, 3.22]), null, 'sum'];
        yield 'cells above' => [BalanceStep::Resting, $r(13.4, 0.0, null, [3.35, 3.35, 3.35, 3.48]), null, 'sum'];
        // 0.2 V a cell and minute: 0.8 V a minute for four cells, and never more than five minutes' worth.
        yield 'a jump that a minute explains' => [BalanceStep::Resting, $r(12.6), new BatteryReading(self::H - 60.0, 13.39, 0.0), ''];
        yield 'one that it does not' => [BalanceStep::Resting, $r(12.6), new BatteryReading(self::H - 60.0, 13.41, 0.0), 'jump'];
        yield 'less than a minute counts as one' => [BalanceStep::Resting, $r(12.6), new BatteryReading(self::H - 5.0, 13.39, 0.0), ''];
        yield 'an hour explains no more than five' => [BalanceStep::Resting, $r(10.0), new BatteryReading(0.0, 14.1, 0.0), 'jump'];
        yield 'and not less' => [BalanceStep::Resting, $r(10.2), new BatteryReading(0.0, 14.1, 0.0), ''];
    }

    #[DataProvider('doubted')]
    public function testADoubtFromBothSidesOfItsLimit(BalanceStep $step, BatteryReading $reading, ?BatteryReading $before, string $key): void
    {
        $doubt = Doubt::about(self::lfp(), $step, $reading, $before);
        self::assertSame($key, $doubt === null ? '' : self::keys([$doubt]));
    }

    /** The rush is what the network gives: the bar stands where nothing is left over, each battery's volts against it over its ohms. */
    public function testTheRushSumsToNothing(): void
    {
        $all = [
            new Candidate(self::lfp('A', ['internal_mohm' => 2.0]), 'A', BalanceStep::Ready, [self::at(0.0, 13.5)], 0.0),
            new Candidate(self::lfp('B', ['internal_mohm' => 6.0]), 'B', BalanceStep::Ready, [self::at(0.0, 13.3)], 0.0),
            new Candidate(self::lfp('C', ['internal_mohm' => 3.0]), 'C', BalanceStep::Ready, [self::at(0.0, 13.2)], 0.0),
        ];
        $rush = Rush::of($all, 0.001);
        self::assertEqualsWithDelta(0.0, array_sum($rush->amps), 1e-9);
        // Millman's theorem.
        $bar = (13.5 / 3.0 + 13.3 / 7.0 + 13.2 / 4.0) / (1.0 / 3.0 + 1.0 / 7.0 + 1.0 / 4.0);
        self::assertEqualsWithDelta((13.5 - $bar) / 0.003, $rush->amps['A'], 1e-6);
        self::assertEqualsWithDelta((13.2 - $bar) / 0.004, $rush->amps['C'], 1e-6);
        self::assertEqualsWithDelta($rush->amps['A'], $rush->mostA(), 1e-9);
        // What nothing tells counts as half.
        $untold = Rush::of([new Candidate(self::lfp('A'), 'A', BalanceStep::Ready, [], 0.0)], 0.001);
        self::assertSame([[50.0, 100.0]], $untold->charges);
    }

    /**
     * @return iterable<string, array{list<array{string, float, float, BalanceStep, float, ?float}>, string, string}> id, volts, hour of the reading,
     *     step, since, °C each; the answer and its reasons in their order, at hour 13
     */
    public static function joins(): iterable
    {
        $ready = static fn(string $id, float $v, float $h = 13.0, ?float $c = 15.0): array => [$id, $v, $h, BalanceStep::Ready, 0.0, $c];
        yield 'nothing to join' => [[$ready('A', 13.4)], Gate::DONT, 'nothing-to-join'];
        yield 'ready, and of this hour' => [[$ready('A', 13.4), $ready('B', 13.4)], Gate::JOIN, 'join'];
        yield 'on the flat, and each was filled' => [[$ready('A', 13.2), $ready('B', 13.2)], Gate::JOIN, 'join flat'];
        yield 'two hours old' => [[$ready('A', 13.4, 11.0), $ready('B', 13.4)], Gate::JOIN, 'join'];
        yield 'older' => [[$ready('A', 13.4, 10.9), $ready('B', 13.4)], Gate::WAIT, 'old'];
        yield 'at the floor' => [[$ready('A', 13.4, 13.0, 0.0), $ready('B', 13.4)], Gate::JOIN, 'join'];
        yield 'below it, and old: what is wrong comes before what is waited for' => [
            [$ready('A', 13.4, 8.0, -1.0), $ready('B', 13.4)], Gate::DONT, 'cold old',
        ];
        yield 'one still charges: first it is waited for' => [
            [['A', 13.4, 13.0, BalanceStep::Charging, 12.0, -1.0], $ready('B', 13.4)], Gate::WAIT, 'charging',
        ];
        yield 'a quarter of a volt apart' => [[$ready('A', 13.62), $ready('B', 13.38)], Gate::JOIN, 'join'];
        yield 'more' => [[$ready('A', 13.64), $ready('B', 13.38)], Gate::DONT, 'volts-apart'];
        yield 'a rush that it does not stand' => [[$ready('A', 13.62), $ready('B', 13.00)], Gate::DONT, 'takes volts-apart'];
        yield 'three, of which one would take from both' => [
            [$ready('A', 13.5), $ready('B', 13.5), $ready('C', 13.0)], Gate::DONT, 'takes volts-apart',
        ];
    }

    /**
     * @param list<array{string, float, float, BalanceStep, float, ?float}> $rows
     */
    #[DataProvider('joins')]
    public function testTheGatesReasonsInTheirOrder(array $rows, string $answer, string $keys): void
    {
        $gate = Gate::judge(
            Protocol::Full,
            array_map(static fn(array $r): Candidate => new Candidate(
                self::lfp($r[0]),
                $r[0],
                $r[3],
                [new BatteryReading($r[2] * self::H, $r[1], 0.0, $r[5])],
                $r[4] * self::H,
            ), $rows),
            13.0 * self::H,
            0.001,
        );
        self::assertSame([$answer, $keys], [$gate->answer, self::keys($gate->reasons)]);
    }

    /** Joined they are left sixteen hours, each is measured after that, and then all read alike. */
    public function testWhatIsJoinedIsConfirmedAfterItsHours(): void
    {
        $joined = static fn(string $id, float $hour, float $volts): Candidate => new Candidate(
            self::lfp($id),
            $id,
            BalanceStep::Joined,
            [self::at($hour, $volts)],
            0.0,
        );
        $confirm = static fn(?float $joinedH, float $nowH, Candidate ...$c): string => self::keys(
            Gate::confirm(Protocol::Full, array_values($c), $joinedH === null ? null : $joinedH * self::H, $nowH * self::H),
        );
        self::assertSame('not-joined', $confirm(null, 20.0, $joined('A', 20.0, 13.4)));
        self::assertSame('joined-since measure measure', $confirm(10.0, 20.0, $joined('A', 20.0, 13.4), $joined('B', 20.0, 13.4)));
        self::assertSame('measure', $confirm(0.0, 30.0, $joined('A', 11.0, 13.4), $joined('B', 30.0, 13.4)));
        self::assertSame('', $confirm(0.0, 30.0, $joined('A', 29.0, 13.41), $joined('B', 30.0, 13.4)));
        self::assertSame('still-apart', $confirm(0.0, 30.0, $joined('A', 29.0, 13.5), $joined('B', 30.0, 13.4)));
        // A bank that stays joined is confirmed by its own end.
        $over = new Candidate(self::agm('L', Protocol::Refresh), 'L', BalanceStep::Ready, [self::at(20.0, 13.1)], 16.0 * self::H);
        self::assertSame([], Gate::confirm(Protocol::Refresh, [$over], null, 20.0 * self::H));
    }

    /**
     * @return iterable<string, array{BalanceStep, list<BatteryReading>, float, string}>
     */
    public static function symptoms(): iterable
    {
        $full = self::at(0.0, 14.4, 3.0);
        yield 'sound' => [BalanceStep::Resting, [$full, self::at(7.0, 13.45)], 0.5, ''];
        yield 'low before it has rested' => [BalanceStep::Resting, [$full, self::at(6.4, 13.2)], 0.5, ''];
        yield 'low after six hours' => [BalanceStep::Resting, [$full, self::at(6.6, 13.2)], 0.5, 'rests-low'];
        yield 'low, and never charged to the end' => [BalanceStep::Resting, [self::at(0.0, 14.3, 3.0), self::at(7.0, 13.2)], 0.5, ''];
        yield 'the end was reached within 10 mV a cell' => [BalanceStep::Resting, [self::at(0.0, 14.37, 3.0), self::at(7.0, 13.2)], 0.5, 'rests-low'];
        yield 'low while it waits for a charger' => [BalanceStep::Waiting, [$full, self::at(7.0, 13.2)], 0.5, ''];
        yield 'thirty millivolts' => [BalanceStep::Ready, [self::at(0.0, 13.4, 0.0, null, [3.35, 3.35, 3.321, 3.35])], 0.0, ''];
        yield 'more' => [BalanceStep::Ready, [self::at(0.0, 13.4, 0.0, null, [3.35, 3.35, 3.319, 3.35])], 0.0, 'lags'];
        yield 'more, under charge' => [BalanceStep::Charging, [self::at(0.0, 13.4, 9.0, 9.0, [3.35, 3.35, 3.319, 3.35])], 0.0, ''];
        yield 'at half a degree below its floor' => [BalanceStep::Charging, [self::at(0.0, 13.4, 9.0, -0.5)], 0.0, ''];
        yield 'colder' => [BalanceStep::Charging, [self::at(0.0, 13.4, 9.0, -0.6)], 0.0, 'frost'];
        yield 'colder, and nothing flows' => [BalanceStep::Charging, [self::at(0.0, 13.4, 0.5, -0.6)], 0.0, ''];
        yield 'colder, and it gives' => [BalanceStep::Charging, [self::at(0.0, 13.4, -9.0, -0.6)], 0.0, ''];
        // From 13.2 V at rest to 30 A: 0.06 V in its own 2 mΩ and 0.12 V of surface; 8 mΩ more are 0.24 V.
        yield 'a good joint' => [BalanceStep::Charging, [self::at(0.0, 13.2), self::at(0.02, 13.59, 30.0)], 0.0, ''];
        yield 'a loose one' => [BalanceStep::Charging, [self::at(0.0, 13.2), self::at(0.02, 13.68, 30.0)], 0.0, 'joint'];
        yield 'loose, and long before it was read at rest' => [BalanceStep::Charging, [self::at(0.0, 13.2), self::at(1.1, 13.9, 30.0)], 0.0, ''];
        yield 'too little flows to tell' => [BalanceStep::Charging, [self::at(0.0, 13.2), self::at(0.02, 13.5, 2.9)], 0.0, ''];
        yield 'nothing read' => [BalanceStep::Resting, [], 0.0, ''];
    }

    /**
     * @param list<BatteryReading> $readings
     */
    #[DataProvider('symptoms')]
    public function testASymptomFromBothSidesOfItsLimit(BalanceStep $step, array $readings, float $sinceH, string $keys): void
    {
        self::assertSame($keys, self::keys(Symptom::of(new Candidate(self::lfp(), 'A', $step, $readings, $sinceH * self::H))));
    }

    /** Lead has no cells that a BMS would lag behind, and takes charge in frost. */
    public function testALeadBatteryHasNoSymptomOfLithium(): void
    {
        $cold = [self::at(0.0, 14.4, 9.0, -12.0), self::at(9.0, 12.4, 0.0, -12.0, [2.1, 2.0, 2.1, 2.1, 2.1, 2.0])];
        self::assertSame([], Symptom::of(new Candidate(self::agm(), 'L', BalanceStep::Resting, $cold, 1.0 * self::H)));
    }

    /** After a day its full rest is its data sheet's or chemistry's, not the curve's: the surface charge is gone. */
    public function testADaysRestIsJudgedByItsFullVolts(): void
    {
        $a = self::lfp();
        self::assertLessThan($a->restV(96.0), $between = ($a->fullV + $a->restV(96.0)) / 2.0, 'a case that tells the two apart');
        $low = static fn(float $h): string => self::keys(Symptom::of(
            new Candidate($a, 'A', BalanceStep::Resting, [self::at(0.0, 14.4, 3.0), self::at(1.0 + $h, $between)], self::H),
        ));
        self::assertSame(['rests-low', ''], [$low(23.9), $low(24.1)]);
    }

    /**
     * The stand-in keeps its books: what it takes is ∫ I dt · η over a capacity within 2 % of its label, the same from one long step as from
     * many, and its volts are its cells', its surface charge and what flows over its resistance.
     */
    public function testTheStandInKeepsItsBooks(): void
    {
        $a = self::lfp();
        foreach ([1, 2, 5, 13, 77] as $seed) {
            $before = BenchBattery::hidden($seed, 4);
            $hour = $before->advanced($a, BalanceStep::Charging, self::H, BenchCharger::Mains, 20.0, 0.0);
            $many = $before;
            for ($k = 0; $k < 60; ++$k) {
                $many = $many->advanced($a, BalanceStep::Charging, 60.0, BenchCharger::Mains, 20.0, 60.0 * $k);
            }
            self::assertEqualsWithDelta($hour->cells, $many->cells, 1e-9, "seed $seed");
            self::assertEqualsWithDelta($hour->surfaceV, $many->surfaceV, 1e-9);
            if ($before->socPct() < 60.0) {
                $took = ($hour->socPct() - $before->socPct()) * 2.0 / $a->chemistry->coulombicEfficiency();
                self::assertGreaterThanOrEqual(20.0 / 1.02 - 1e-9, $took);
                self::assertLessThanOrEqual(20.0 / 0.98 + 1e-9, $took);
            }
            // Under charge the surface stands at 30 mV a cell; two hours at rest leave 1/e of it.
            self::assertEqualsWithDelta(0.12, $hour->surfaceV, 1e-4);
            $rested = $hour->advanced($a, BalanceStep::Resting, 2.0 * self::H, BenchCharger::Mains, 20.0, self::H);
            self::assertEqualsWithDelta($hour->surfaceV / M_E, $rested->surfaceV, 1e-4);
            self::assertEqualsWithDelta($hour->cells, $rested->cells, 1e-12, 'at rest nothing flows');
            $stood = $rested->read($a, 3.0 * self::H);
            $emf = array_sum(array_map(static fn(float $soc): float => $a->curve->volts($soc), $rested->cells));
            self::assertEqualsWithDelta($emf + $rested->surfaceV, $stood->volts, 0.005);
            self::assertSame(0.0, $stood->amps);
            $flowing = $hour->read($a, self::H);
            $emf = array_sum(array_map(static fn(float $soc): float => $a->curve->volts($soc), $hour->cells));
            self::assertEqualsWithDelta($emf + 0.12 + 20.0 * 0.002, $flowing->volts, 0.010, 'its resistance within a tenth of its label');
            self::assertEqualsWithDelta(20.0, $flowing->amps, 0.1);
            self::assertLessThanOrEqual(0.8, max([0.0, ...$before->cells]) - min([100.0, ...$before->cells]), '0.4 points to either side');
        }
    }

    /** A weak cell starts lower, fills and loses faster: a day at rest takes 6 points, and what flows in counts on four fifths. */
    public function testAWeakCellRunsAway(): void
    {
        $a = self::lfp();
        [$sound, $weak] = [BenchBattery::hidden(1, 4), BenchBattery::hidden(1, 4, 'weak_cell')];
        self::assertEqualsWithDelta($sound->cells[1] - 3.0, $weak->cells[1], 1e-9);
        self::assertEqualsWithDelta([$sound->cells[0], $sound->cells[2], $sound->cells[3]], [$weak->cells[0], $weak->cells[2], $weak->cells[3]], 1e-9);
        $day = $weak->advanced($a, BalanceStep::Resting, 24.0 * self::H, BenchCharger::Mains, 20.0, 0.0);
        self::assertEqualsWithDelta(max(0.0, $weak->cells[1] - 6.0), $day->cells[1], 1e-6);
        self::assertEqualsWithDelta($weak->cells[0], $day->cells[0], 1e-9);
        $hour = $weak->advanced($a, BalanceStep::Charging, self::H, BenchCharger::Mains, 20.0, 0.0);
        self::assertEqualsWithDelta(
            ($hour->cells[0] - $weak->cells[0]) / 0.8 - 6.0 / 24.0,
            $hour->cells[1] - $weak->cells[1],
            1e-6,
        );
    }

    /** The sun of the bench: nothing outside six to six, the whole rating only towards noon, never under a fifth of what a clear sky gives. */
    public function testTheBenchsSunRisesAndSets(): void
    {
        foreach ([0.0, 5.99, 18.01, 23.9, 24.0 + 3.0] as $h) {
            self::assertSame(0.0, BenchCharger::Solar->offersA(30.0, $h * self::H, 5));
        }
        $clear = 0;
        foreach (range(1, 95) as $k) {
            $h = 6.0 + $k / 8.0;
            $most = 30.0 * sin(M_PI * ($h - 6.0) / 12.0);
            $offers = BenchCharger::Solar->offersA(30.0, $h * self::H, 5);
            self::assertLessThanOrEqual($most + 1e-9, $offers);
            self::assertGreaterThanOrEqual(0.2 * $most - 1e-9, $offers);
            $clear += abs($offers - $most) < 1e-9 ? 1 : 0;
            // The same on the next day but for its clouds; the same again from the same second.
            self::assertSame($offers, BenchCharger::Solar->offersA(30.0, $h * self::H, 5));
        }
        self::assertGreaterThan(30, $clear);
        self::assertLessThan(70, $clear);
        self::assertSame(30.0, BenchCharger::Mains->offersA(30.0, 2.0 * self::H, 5));
    }
}
