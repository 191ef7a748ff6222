<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Severity;
use Pebblefell\Setting\ChargeProfile;
use Pebblefell\Setting\GuardProfile;
use Pebblefell\Setting\Ladder;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\Rung;
use Pebblefell\Setting\School;
use Pebblefell\Stage\Settings\JudgedLadder;
use Pebblefell\Stage\Settings\LadderChart;
use Pebblefell\Study;
use Pebblefell\System\Change\Plan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The ladder of a job: common practice for 12 V, scaled to 24 and 48; random ladders against a judge of the test's own. */
final class LaddersTest extends TestCase
{
    use SoundSystem;

    /** Common practice, 12 V LFP: reconnect 12.0, disconnect 11.1, BMS 10.8; 24 and 48 V are so many blocks more. */
    #[TestWith([1])]
    #[TestWith([2])]
    #[TestWith([4])]
    public function testTheWayDownByItsFiguresAndScaled(int $blocks): void
    {
        $guard = GuardProfile::above(Chemistry::Lfp, 4 * $blocks, Figure::given('bms', 10.8 * $blocks, 'V'));
        foreach ([
            'warning_v' => 12.8, 'restart_v' => 12.5, 'reconnect_v' => 12.0, 'cutoff_v' => 11.8, 'disconnect_v' => 11.1,
        ] as $parameter => $volts) {
            self::assertEqualsWithDelta($volts * $blocks, $guard->of(Parameter::from($parameter))->value ?? 0.0, 1e-9, $parameter);
        }
    }

    /** Whatever the BMS opens at, and whatever the chemistry, what is planned never breaks the ladder. */
    public function testWhatIsPlannedIsAlwaysInOrder(): void
    {
        mt_srand(3);
        foreach (Chemistry::cases() as $chemistry) {
            for ($n = 0; $n < 40; ++$n) {
                $blocks = [1, 2, 4][mt_rand(0, 2)];
                $cells = $blocks * ($chemistry->isLithium() ? 4 : 6);
                $low = $blocks * mt_rand(950, 1180) / 100.0;
                $guard = GuardProfile::above($chemistry, $cells, Figure::given('bms', $low, 'V'));
                foreach (School::cases() as $school) {
                    $charge = ChargeProfile::of($chemistry, $cells, $blocks, 1, 200, [], $school);
                    $rungs = [];
                    foreach ([
                        Parameter::Warning, Parameter::Cutoff, Parameter::Restart, Parameter::Disconnect, Parameter::Reconnect,
                    ] as $p) {
                        $rungs[] = new Rung('guard', $p->value, $guard->of($p)->value ?? 0.0);
                    }
                    foreach ([Parameter::Absorption, Parameter::Float, Parameter::Rebulk] as $p) {
                        $rungs[] = new Rung('charger', $p->value, (float) $charge->value($p)->number);
                    }
                    self::assertSame(
                        [],
                        array_map(static fn($f): string => $f->rule, Ladder::of($chemistry, $cells, $rungs, null, $low)->findings()),
                        "$chemistry->value $school->value over $low",
                    );
                }
            }
        }
    }

    /** Random rungs: never-acts and touching, by a judge written here. */
    public function testRandomLaddersAgainstAJudgeOfItsOwn(): void
    {
        mt_srand(17);
        for ($n = 0; $n < 300; ++$n) {
            $rungs = [];
            foreach (['absorption_v', 'charge_limit_v', 'warning_v', 'cutoff_v', 'disconnect_v'] as $parameter) {
                if (mt_rand(0, 2) > 0) {
                    $up = in_array($parameter, ['absorption_v', 'charge_limit_v'], true);
                    $rungs[$parameter] = mt_rand($up ? 1390 : 1050, $up ? 1480 : 1230) / 100.0;
                }
            }
            $expected = [];
            foreach ($rungs as $p => $v) {
                if (in_array($p, ['warning_v', 'cutoff_v', 'disconnect_v'], true) ? $v <= 10.8 : $p === 'charge_limit_v' && $v >= 14.6) {
                    $expected[] = "never-acts $p";
                }
            }
            /** @var array<string, float> $all */
            $all = ['low_v' => 10.8, 'high_v' => 14.6] + $rungs;
            foreach ([['absorption_v', 'charge_limit_v', 'high_v'], ['low_v', 'disconnect_v', 'cutoff_v', 'warning_v']] as $rising) {
                $there = array_values(array_filter($rising, static fn(string $p): bool => isset($all[$p])));
                for ($i = 1; $i < count($there); ++$i) {
                    if (round($all[$there[$i]] - $all[$there[$i - 1]], 6) < 0.1) {
                        $expected[] = 'rungs-touch';
                    }
                }
            }
            $found = [];
            foreach (Ladder::of(
                Chemistry::Lfp,
                4,
                array_map(static fn(string $p, float $v): Rung => new Rung('d', $p, $v), array_keys($rungs), $rungs),
                14.6,
                10.8,
            )->findings() as $finding) {
                if ($finding->rule === 'never-acts') {
                    $value = $finding->figures[0]->value;
                    $found[] = 'never-acts ' . array_search($value, array_filter($rungs, static fn(float $v): bool => $v === $value), true);
                } elseif ($finding->rule === 'rungs-touch') {
                    $found[] = 'rungs-touch';
                }
            }
            sort($expected);
            sort($found);
            self::assertSame($expected, $found, json_encode($rungs) ?: '');
        }
    }

    /**
     * Long life stops at 3.40 V a cell, about 80 %; storage is held at about 70 %, the charge of a cell that rests at 3.30 V (common
     * practice).
     */
    public function testTheSchoolsByTheirFigures(): void
    {
        $volts = static fn(School $s, Parameter $p): ?float => ChargeProfile::of(
            Chemistry::Lfp,
            4,
            1,
            1,
            200,
            ['absorption_v' => 14.4, 'float_v' => 13.5],
            $s,
        )->value($p)->number;
        self::assertSame(
            [14.4, 14.4, 13.6, 13.4, 14.4],
            array_map(static fn(School $s): ?float => $volts($s, Parameter::Absorption), School::cases()),
        );
        self::assertSame(
            [1.0, 2.0, 1.0, 1.0, 1.0],
            array_map(static fn(School $s): ?float => $volts($s, Parameter::AbsorptionLimit), School::cases()),
        );
        self::assertEqualsWithDelta(School::Storage->fullPct(Chemistry::Lfp), Chemistry::Lfp->restCurve()->socPct(3.30), 1.0);
        foreach (School::cases() as $school) {
            self::assertNull($school->cellV(Chemistry::Agm), 'lead is charged by its sheet');
        }
    }

    /** The dot beside a rung is what its lead loses: 20 A through 10 mm² over 2 m, out and back, copper at 50 °C, IEC 60228. */
    public function testALeadsLossIsDrawnBesideItsRung(): void
    {
        $system = self::system(['conductors' => [
            ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in', 'size_mm2' => 95, 'length_m' => 0.01],
            ['uid' => 'c2', 'from' => 'f1.out', 'to' => 'n1.battery_plus', 'size_mm2' => 10, 'length_m' => 2],
        ], 'appliances' => [
            ['uid' => 'a1', 'name' => 'kettle', 'side' => 'ac', 'watts' => 240, 'hours' => ['s1' => [['from_h' => 0, 'to_h' => 2]]]],
        ]], [
            self::part('n1', 'inverter', ['continuous_w' => 1000, 'efficiency_pct' => 100, 'idle_w' => 0, 'low_cutoff_v' => 11.8]),
        ]);
        $ladder = JudgedLadder::of(Study::of($system)) ?? self::fail('no ladder');
        $cutoff = array_values(array_filter($ladder->rungs, static fn(array $r): bool => $r['row']->parameter === Parameter::Cutoff))[0];
        $amps = Study::of($system)->cables()->runs()->runs[1]->current()->value;
        self::assertEqualsWithDelta($amps * 2.0 * (1.91e-3 * 2.0 + 0.206e-3 * 0.01) * (1.0 + 0.00393 * 30.0), $cutoff['dropV'], 0.002);
        $chart = LadderChart::of(Study::of($system), $ladder, false);
        $drawn = array_values(array_filter($chart->rungs, static fn(array $r): bool => $r['row']->parameter === Parameter::Cutoff))[0];
        self::assertEqualsWithDelta($chart->scale->at(11.8 + (float) $cutoff['dropV']), $drawn['seenY'] ?? 0.0, 0.11);
        self::assertFalse($drawn['isWrong']);
        // Half a percent of 11.8 V on either side of the knob (common practice).
        self::assertEqualsWithDelta($chart->scale->length(0.059), $drawn['errs'], 0.06);
    }

    /**
     * Two meters at 11.5 and 11.4 V may err 0.058 and 0.057 V: nearer than 0.115 V nobody knows which acts first. The BMS has a meter too.
     */
    public function testLayersNearerThanMetersTellAreNamed(): void
    {
        $of = static function (float $cutoff, float $disconnect): array {
            $ladder = JudgedLadder::of(Study::of(self::system(parts: [
                self::part('n1', 'inverter', ['continuous_w' => 300, 'low_cutoff_v' => $cutoff]),
                self::part('l1', 'low_voltage_disconnect', ['rating_a' => 100, 'disconnect_v' => $disconnect, 'reconnect_v' => 12.6]),
            ]))) ?? self::fail('no ladder');

            return array_map(
                static fn(array $pair): string => $pair['upper']['part']->uid . ' '
                    . ($pair['lower'] === null ? 'bms' : $pair['lower']['part']->uid),
                $ladder->unsure(),
            );
        };
        self::assertSame([], $of(11.7, 11.4));
        self::assertSame(['n1 l1'], $of(11.5, 11.4));
        self::assertSame(['l1 bms'], $of(11.8, 10.9));
    }

    /** A cut-off below the BMS is a stop, and one press sets it as the profile asks. */
    public function testTheRemedyOfACutOffThatNeverActs(): void
    {
        $system = self::system(parts: [self::part('n1', 'inverter', ['continuous_w' => 300, 'low_cutoff_v' => 10.5])]);
        $finding = Study::of($system)->assessment()->find('never-acts@n1')?->finding;
        self::assertSame(Severity::Stop, $finding?->severity);
        $laid = Study::of(Plan::with($system, $finding->changes));
        self::assertNull($laid->assessment()->find('never-acts@n1'));
        self::assertSame(11.8, $laid->settings()->actsAt($laid->planned()->parts['n1'], Parameter::Cutoff)?->value);
    }
}
