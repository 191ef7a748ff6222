<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Bank\Peukert;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Stage\Aftercare\Replaced;
use Pebblefell\Stage\DayPlan\Act;
use Pebblefell\Stage\DayPlan\Deviation;
use Pebblefell\Stage\DayPlan\OfferFigures;
use Pebblefell\Stage\DayPlan\Phase;
use Pebblefell\Stage\Handover\Night;
use Pebblefell\Stage\NotedTick;
use Pebblefell\Stage\Survey\Condition;
use Pebblefell\Stage\Test\DeviceWay;
use Pebblefell\Stage\Test\Hunt;
use Pebblefell\Stage\Ticks;
use Pebblefell\Stage\Wiring\OpensMatrix;
use Pebblefell\Study;
use Pebblefell\System\Change\Plan;
use Pebblefell\System\Fate;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is derived from ten whole vehicles, held against the vehicles themselves: deviations, offers, the night's page, what a new part asks for. */
final class WholeJobsTest extends TestCase
{
    use Says;
    use SoundSystem;
    use WholeJobs;

    /** What was built otherwise is the plan afterwards, and nothing else is. */
    #[DataProvider('wholeJobs')]
    public function testEveryDeviationBecomesThePlan(Study $study): void
    {
        $seen = [];
        foreach ($study->runSheet()->steps as $step) {
            foreach (Deviation::of($study, $step) as $deviation) {
                [$uid] = explode('.', $deviation->key());
                $is = match ($deviation->field) {
                    'size_mm2' => '70', 'length_m' => '3.25', 'rating_a' => '123', 'place' => 'behind the heater', default => '',
                };
                $after = Study::of(Plan::with($study->system, [$deviation->change($is)]));
                $part = $after->planned()->parts[$uid] ?? null;
                $lead = $after->planned()->conductors[$uid] ?? null;
                self::assertTrue(match ($deviation->field) {
                    'size_mm2' => $lead?->sizeMm2 === 70.0,
                    'length_m' => $lead?->lengthM === 3.25,
                    'rating_a' => $part?->data->number('rating_a') === 123.0,
                    'place' => $part?->place === 'behind the heater',
                    // Left out it is not there; left in it is there, and connected to nothing.
                    'left-out' => !isset($after->system->parts[$uid]),
                    'left-in' => $after->system->parts[$uid]->fate === Fate::Disconnect,
                    default => false,
                }, $deviation->key());
                $others = static fn(Study $s): array => array_map(
                    static fn(Part $p): array => [$p->place, $p->fate->value, $p->data->values],
                    array_diff_key($s->system->parts, [$uid => true]),
                );
                if (!in_array($deviation->field, ['left-out', 'left-in'], true)) {
                    self::assertEquals($others($study), $others($after));
                }
                // Asked again, it is planned as it was built.
                foreach ($after->runSheet()->steps as $again) {
                    foreach (Deviation::of($after, $again) as $now) {
                        if ($now->key() === $deviation->key() && $is !== '') {
                            self::assertSame($is, $now->was);
                        }
                    }
                }
                self::assertDoesNotMatchRegularExpression('/:[a-z]/', self::said($deviation->label()), 'no slot stays open');
                $seen[$deviation->field] = true;
            }
        }
        self::assertGreaterThanOrEqual($study->runSheet()->steps === [] ? 0 : 1, count($seen));
    }

    #[TestWith(['size_mm2', 'thick'])]
    #[TestWith(['size_mm2', '0'])]
    #[TestWith(['length_m', '-1'])]
    #[TestWith(['length_m', '501'])]
    #[TestWith(['rating_a', 'about 100'])]
    #[TestWith(['place', '  '])]
    public function testWhatCannotBeIsRefusedAtItsField(string $field, string $is): void
    {
        foreach (self::wholeJobs() as [$study]) {
            foreach ($study->runSheet()->steps as $step) {
                foreach (Deviation::of($study, $step) as $deviation) {
                    if ($deviation->field === $field) {
                        try {
                            $deviation->change($is);
                            self::fail("$field took $is");
                        } catch (InvalidValue $e) {
                            self::assertSame('/is', $e->path);

                            return;
                        }
                    }
                }
            }
        }
        self::fail("nothing has a $field");
    }

    #[DataProvider('wholeJobs')]
    public function testAnOfferAddsUpToItsRows(Study $study): void
    {
        $offer = OfferFigures::of($study);
        $new = array_filter($study->system->parts, static fn(Part $p): bool => $p->fate === Fate::Add);
        self::assertSame(count($new), array_sum(array_column($offer->parts, 'count')), 'every part that comes in, once');
        $cents = 0;
        foreach ($new as $part) {
            $cents += (int) round(100.0 * (float) $part->data->number('price'));
        }
        self::assertEqualsWithDelta($cents / 100.0, $offer->partsCost(), 0.005);
        self::assertSame(
            count(array_filter($new, static fn(Part $p): bool => $p->data->number('price') === null)),
            $offer->unpriced(),
        );
        $minutes = 0.0;
        foreach ($study->runSheet()->steps as $step) {
            $minutes += $step->minutes * $step->hands;
        }
        // Each phase is rounded to the tenth of an hour as it is offered.
        self::assertEqualsWithDelta($minutes / 60.0, $offer->hours(), 0.05 * count(Phase::cases()));
        self::assertEqualsWithDelta($offer->partsCost() + 70.0 * $offer->hours() + 25.5, $offer->net(70.0, 25.5), 0.005);
        self::assertSame($study->banks()->planned->exists() ? $study->banks()->planned->usable()->value : 0.0, $offer->usableWh);
        self::assertEqualsWithDelta(
            array_sum(array_map(static fn(Part $p): float => (float) $p->data->number('pmax_w'), $study->planned()->of(Family::Panel))),
            $offer->arrayW,
            1e-9,
        );
    }

    /** 25 % of 99.99 is 24.9975: to the cent, half up. */
    #[TestWith([99.99, 25.0, 25.0])]
    #[TestWith([100.0, 8.5, 8.5])]
    #[TestWith([0.0, 25.0, 0.0])]
    #[TestWith([10.02, 25.0, 2.51])]
    public function testTaxIsToTheCent(float $net, float $percent, float $tax): void
    {
        self::assertSame($tax, OfferFigures::tax($net, $percent));
    }

    /** The page for the night names only what is in the vehicle afterwards, and sends nobody to a fuse before the switch. */
    #[DataProvider('wholeJobs')]
    public function testTheNightNamesWhatIsThere(Study $study): void
    {
        $night = Night::of($study);
        $planned = $study->planned()->parts;
        $troubles = array_column($night->pages, 'trouble');
        self::assertContains(Night::HOT, $troubles, 'what is hot is on every page');
        self::assertSame(count($troubles), count(array_unique($troubles)));
        foreach ($night->pages as $page) {
            $does = array_column($page['steps'], 'does');
            foreach ($page['steps'] as $step) {
                foreach ($step['parts'] as $part) {
                    self::assertArrayHasKey($part->uid, $planned, "{$step['does']} names what is gone");
                }
            }
            if ($page['trouble'] === Night::HOT) {
                // People first, and nobody goes back.
                self::assertSame(['out', 'leave'], [$does[0], $does[count($does) - 1]]);
                self::assertSame($study->planned()->of(Family::ShoreInlet) !== [], in_array('unplug', $does, true));
            }
            if ($page['trouble'] === Night::DARK && in_array('main-switch', $does, true) && in_array('main-fuse', $does, true)) {
                self::assertLessThan(array_search('main-fuse', $does, true), array_search('main-switch', $does, true));
            }
            if ($page['trouble'] === Night::CHARGE) {
                self::assertNotSame([], $study->planned()->chargers());
                self::assertSame($study->banks()->lithium() !== null, in_array('cold', $does, true), 'only lithium is asked for cold');
            }
        }
    }

    /** A part that is replaced: its boxes are those of the settings, its checks speak of it or of what hangs on it. */
    #[DataProvider('wholeJobs')]
    public function testAReplacedPartIsSetAndProvenAnew(Study $study): void
    {
        $boxes = [];
        foreach ($study->settings()->devices as ['part' => $device, 'rows' => $rows]) {
            $boxes[$device->uid] = array_column($rows, 'parameter');
        }
        foreach ($study->planned()->parts as $uid => $part) {
            $new = Replaced::of($study, (string) $uid);
            self::assertNotNull($new);
            self::assertSame($boxes[$uid] ?? [], $new->boxes);
            $mind = array_map(static fn($word): string => substr($word->key, strlen('replaced.')), $new->mind);
            self::assertSame(['note', 'firmware'], array_slice($mind, 0, 2));
            self::assertSame('print', $mind[count($mind) - 1]);
            self::assertSame($part->kind === PartKind::Fuse || $part->kind === PartKind::Breaker, in_array('why-it-opened', $mind, true));
            // What a check of the sheet names is checked anew for that part.
            $about = array_filter($study->testSheet()->checks, static fn($c): bool => in_array($uid, $c->parts, true));
            self::assertGreaterThanOrEqual(count($about), count($new->checks));
            if ($part->kind === PartKind::Battery && $part->role === 'house') {
                self::assertSame(count($study->banks()->planned->parts) > 1, in_array('like-with-like', $mind, true));
            }
        }
        self::assertNull(Replaced::of($study, 'no such part'));
    }

    /** A cell of the matrix says what opening that part does: played anew, one part and one state at a time. */
    #[DataProvider('wholeJobs')]
    public function testTheMatrixOfWhatOpens(Study $study): void
    {
        $matrix = OpensMatrix::of($study);
        self::assertSame('rest', $matrix->states[0]);
        self::assertSame($study->planned()->of(Family::Panel) !== [], in_array('sun', $matrix->states, true));
        $dangers = 0;
        foreach ($matrix->rows as $row) {
            self::assertCount(count($matrix->states), $row['cells']);
            $opened = array_map(static fn(Part $p): string => $p->uid, $row['parts']);
            foreach ($row['cells'] as $cell) {
                $dangers += $cell['danger'] === [] ? 0 : 1;
                foreach ($cell['dark'] as $dark) {
                    // But for a battery, whose posts are dead once its BMS has opened.
                    self::assertTrue($dark->kind === PartKind::Battery || !in_array($dark->uid, $opened, true));
                }
            }
        }
        self::assertSame($dangers, $matrix->dangers());
        $drawn = array_filter($study->banks()->planned->parts, $study->planned()->isDrawn(...));
        if ($drawn !== []) {
            self::assertSame(
                array_values(array_map(static fn(Part $p): string => $p->uid, $drawn)),
                array_map(static fn(Part $p): string => $p->uid, $matrix->rows[0]['parts']),
                'the bank opens first, by its own BMS',
            );
        }
    }

    /**
     * Rested volts by common practice: a flooded battery at 12.1 V is half full, at 12.25 V six tenths, an AGM one at 12.2 V half. The
     * capacity at twenty hours by Peukert, closed form.
     */
    public function testTheConditionOfABatteryByItsRestedVolts(): void
    {
        $survey = static fn(string $chemistry, float $volts, array $data): ?Condition => Condition::of(
            $system = self::system(
                ['measurements' => [['uid' => 'v1', 'part' => 'b1', 'quantity' => 'volts', 'value' => $volts, 'at' => '2026-11-20T09:00:00Z']]],
                [],
                ['chemistry' => $chemistry, 'nominal_v' => 12, 'capacity_ah' => 100, ...$data],
            ),
            $system->parts['b1'],
        );
        $half = $survey('flooded', 12.1, ['rate_h' => 5, 'peukert' => 1.2]);
        self::assertNotNull($half);
        self::assertEqualsWithDelta(50.0, $half->socPct->value, 1.0);
        self::assertEqualsWithDelta(60.0, $survey('flooded', 12.25, [])->socPct->value ?? 0.0, 1.0);
        self::assertEqualsWithDelta(50.0, $survey('agm', 12.2, [])->socPct->value ?? 0.0, 1.0);
        self::assertFalse($half->isVague);
        // C20 = C5 · (20/5)^(1 − 1/k).
        self::assertEqualsWithDelta(100.0 * 4.0 ** (1.0 - 1.0 / 1.2), $half->capacityAtTwentyHours->value ?? 0.0, 0.05);
        self::assertEqualsWithDelta(
            100.0 * 4.0 ** (1.0 - 1.0 / 1.2),
            Peukert::of(100.0, 5.0, 1.2)->capacityAtRateAh(20.0),
            1e-9,
        );
        // On the flat of LFP volts say almost nothing; at its ends they do. There is no rate to speak of.
        $flat = $survey('lfp', 13.2, ['nominal_v' => 12.8]);
        self::assertTrue($flat?->isVague);
        self::assertNull($flat->capacityAtTwentyHours);
        self::assertFalse($survey('lfp', 12.0, ['nominal_v' => 12.8])?->isVague);
        // Nothing read, nothing said.
        $system = self::system();
        self::assertNull(Condition::of($system, $system->parts['b1']));
        self::assertNull(Condition::of($system, $system->parts['f1']));
    }

    /** What was measured backwards, across the device itself, or without amps is no drop of the way; what was, is judged against its copper. */
    public function testOnlyDropsOfTheWayAreTaken(): void
    {
        $hunted = 0;
        foreach (self::wholeJobs() as [$study]) {
            foreach (DeviceWay::all($study) as $way) {
                $last = count($way->points) - 1;
                $tick = static fn(int $a, int $b, float $volts, ?float $amps): NotedTick => new NotedTick(
                    Hunt::step($way, $way->points[$a], $way->points[$b]),
                    NotedTick::DONE,
                    $volts,
                    amps: $amps,
                );
                self::assertSame(
                    [(string) $way->points[0], (string) $way->points[1]],
                    Hunt::points($way, Hunt::step($way, $way->points[0], $way->points[1])),
                );
                self::assertSame(['', ''], Hunt::points($way, 'drop.somebody-else a b'));
                $none = Hunt::of($way, Ticks::of([$tick(1, 0, 0.1, 20.0), $tick(0, 1, 0.1, null), $tick(0, 1, 0.1, 0.0)]));
                self::assertSame([[], [], false], [$none->read, $none->suspects, $none->isFound()]);
                if ($way->hasBack()) {
                    self::assertSame([], Hunt::of($way, Ticks::of([$tick(0, $last, 0.3, 20.0)]))->read, 'no meter spans the device');
                }
                // Fifty times what the first piece should lose: it is found with that one reading, at its own Ω.
                $expected = $way->chain->expectedOhm(0, 1);
                $hunt = Hunt::of($way, Ticks::of([$tick(0, 1, 50.0 * $expected * 40.0 + 0.05, 40.0)]));
                self::assertEqualsWithDelta(40.0 * $expected, $hunt->read[0]['expectedV'], 1e-9);
                self::assertTrue($hunt->isFound(), $way->part->uid);
                self::assertSame($way->pieces[0]->uid, $hunt->suspects[0]['piece']->uid);
                self::assertEqualsWithDelta(50.0 * $expected + 0.00125, $hunt->suspects[0]['ohm'], 0.1 * $hunt->suspects[0]['ohm']);
                ++$hunted;
            }
        }
        self::assertGreaterThan(1, $hunted);
    }

    /** What a step attaches is laid, and what it brings in is new: deviations are asked of nothing else. */
    #[DataProvider('wholeJobs')]
    public function testDeviationsAreOfWhatTheStepDoes(Study $study): void
    {
        $attached = $brought = 0;
        foreach ($study->runSheet()->steps as $step) {
            $fields = array_map(static fn(Deviation $d): string => $d->key(), Deviation::of($study, $step));
            self::assertSame(count($fields), count(array_unique($fields)));
            foreach ($step->acts as $act) {
                $lead = $act->do === Act::ATTACH ? $study->planned()->conductors[$act->of] ?? null : null;
                if ($lead !== null) {
                    self::assertContains("$lead->uid.size_mm2", $fields);
                    ++$attached;
                }
                if ($act->do === Act::IN && in_array($act->of, $step->parts, true)
                    && ($study->system->parts[$act->of]->fate ?? null) === Fate::Add) {
                    self::assertContains("$act->of.left-out", $fields);
                    ++$brought;
                }
            }
        }
        self::assertGreaterThanOrEqual($study->runSheet()->steps === [] ? 0 : 1, $attached + $brought);
    }
}
