<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Bank\Layout;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Change;
use Pebblefell\Stage\Bank\BankDrawing;
use Pebblefell\Stage\Bank\BankWiring;
use Pebblefell\Stage\Size\Chosen;
use Pebblefell\Study;
use Pebblefell\System\Change\Plan;
use Pebblefell\System\Fate;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\System;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A plan is a list of changes: read off a system, taken away, laid on again; and what proposals make of it. */
final class ChangeTest extends TestCase
{
    use SoundSystem;
    use WholeJobs;

    #[DataProvider('wholeJobs')]
    public function testAPlanTakenAwayAndLaidOnAgainIsTheSamePlan(Study $study): void
    {
        $system = $study->system;
        $bare = Plan::without($system);
        self::assertSame([], Plan::of($bare));
        self::assertEquals(self::shape($bare->found()), self::shape($bare->planned()));
        self::assertEquals(self::shape($system->found()), self::shape($bare->found()), 'what was found is not what the plan changes');
        $again = Plan::with($bare, Plan::of($system));
        self::assertEquals(self::shape($system->planned()), self::shape($again->planned()));
        self::assertEqualsCanonicalizing(Plan::of($system), Plan::of($again));
        // As a file keeps them.
        $kept = array_map(
            static fn(Change $c): Change => Change::fromArray(json_decode((string) json_encode($c->toArray()), true)),
            Plan::of($system),
        );
        self::assertEquals(self::shape($again->planned()), self::shape(Plan::with($bare, $kept)->planned()));
    }

    public function testALeadThatIsMovedIsStillFoundWhereItWas(): void
    {
        $system = self::there([self::part('f2', 'fuse', ['rating_a' => 60])]);
        $moved = Plan::with($system, [Change::set('conductor', 'c1', 'planned_to', 'f2.in')]);
        self::assertSame('f1.in', (string) $moved->found()->conductors['c1']->to);
        self::assertSame('f2.in', (string) $moved->planned()->conductors['c1']->to);
        self::assertSame(Fate::Keep, $moved->fateOf($moved->conductors['c1']));
        // Nowhere, or back onto itself, it cannot be led.
        foreach (['f9.in' => '/conductors/0/planned_to', 'b1.plus' => '/conductors/0/planned_to'] as $to => $path) {
            try {
                Plan::with($system, [Change::set('conductor', 'c1', 'planned_to', $to)]);
                self::fail("led to $to");
            } catch (InvalidValue $e) {
                self::assertSame($path, $e->path);
            }
        }
    }

    public function testAPartThatMovesIsThereInThePlanOnly(): void
    {
        $moved = Plan::with(self::there(), [Change::ofPart('k1', 'move'), Change::set('part', 'k1', 'planned_place', 'under the bench')]);
        self::assertSame(['y', 'under the bench'], [$moved->found()->parts['k1']->place, $moved->planned()->parts['k1']->place]);
    }

    public function testWhatWasOnlyPlannedGoesWithAllThatHangsOnIt(): void
    {
        $system = self::system();
        $without = Plan::with($system, [Change::remove('part', 'b1')]);
        self::assertArrayNotHasKey('b1', $without->parts);
        self::assertSame([], $without->conductors);
        self::assertSame(
            Fate::Remove,
            Plan::with(self::there(), [Change::remove('part', 'k1')])->parts['k1']->fate,
            'what was found is taken out, and stays on record',
        );
        $this->expectException(InvalidValue::class);
        Plan::with($without, [Change::ofPart('b1', 'keep')]);
    }

    /**
     * @return iterable<string, array{int, Layout, int}>
     */
    public static function layouts(): iterable
    {
        foreach (Layout::cases() as $layout) {
            foreach ([1, 2, 4] as $batteries) {
                yield "$layout->value of $batteries" => [$batteries, $layout, $batteries];
            }
        }
    }

    #[DataProvider('layouts')]
    public function testABankIsJoinedAsItsLayoutIsAndItsPostsComeAndGo(int $batteries, Layout $layout): void
    {
        $system = self::system(['conductors' => self::HANGING], [], null, $batteries);
        $joined = Plan::with($system, BankWiring::changes(Study::of($system), $layout, null, 50.0, 0.3, 0.6));
        $drawing = Study::of($joined)->drawing();
        self::assertNotNull($drawing);
        self::assertNull($drawing->problem);
        $meant = self::shares(Study::of($system), $layout);
        self::assertEqualsWithDelta($meant, $drawing->network->share(100.0)->amps, 1e-6, 'drawn, it shares as it was meant to');
        self::assertCount($layout === Layout::Posts ? 2 : 0, $joined->planned()->of(Family::Busbar));
        // To another layout and back: no bar is left over, and the main fuse still hangs on the bank.
        $there = Plan::with($joined, BankWiring::changes(Study::of($joined), Layout::Posts, null, 50.0, 0.3, 0.6));
        $back = Plan::with($there, BankWiring::changes(Study::of($there), $layout, null, 50.0, 0.3, 0.6));
        self::assertCount($layout === Layout::Posts ? 2 : 0, $back->planned()->of(Family::Busbar));
        self::assertCount(count($joined->conductors), $back->conductors);
        self::assertEqualsWithDelta($meant, Study::of($back)->drawing()?->network->share(100.0)->amps, 1e-6);
    }

    public function testBatteriesChangePlacesAndFoundLeadsStayOnRecord(): void
    {
        $system = self::system(['conductors' => [
            ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in', 'size_mm2' => 35, 'length_m' => 0.3],
            ['uid' => 'c2', 'from' => 'b1.plus', 'to' => 'b2.plus', 'fate' => 'add', 'size_mm2' => 50, 'length_m' => 0.3],
            ['uid' => 'c3', 'from' => 'b1.minus', 'to' => 'b2.minus', 'fate' => 'add', 'size_mm2' => 50, 'length_m' => 0.3],
        ]], [], null, 2);
        $system = Plan::with($system, [Change::ofPart('b1', 'keep'), Change::ofPart('b2', 'keep'), Change::ofPart('f1', 'keep')]);
        $turned = Plan::with($system, BankWiring::ordered(Study::of($system), ['b2', 'b1']));
        self::assertSame(['b2', 'b1'], array_column($turned->planned()->houseBatteries(), 'uid'));
        self::assertSame(
            ['b1.plus', 'b2.plus'],
            [(string) $turned->conductors['c1']->from, (string) $turned->planned()->conductors['c1']->from],
        );
        self::assertSame('b2.plus', (string) $turned->conductors['c2']->from);
    }

    public function testAPointOfTheMapKeepsWhatIsRightAlready(): void
    {
        $panel = new Part('x', PartKind::Panel, DataSheet::of(PartKind::Panel, self::PANEL), make: 'Brimsdal', model: 'Sill');
        $battery = new Part('y', PartKind::Battery, DataSheet::of(PartKind::Battery, self::AGM), make: 'Kvellin', model: 'Slate');
        $system = self::system();
        $planned = Plan::with($system, Chosen::plan($system, $battery, 2, $panel, 2));
        self::assertCount(2, $planned->planned()->houseBatteries());
        self::assertCount(2, $planned->planned()->of(Family::Panel));
        self::assertSame([], Chosen::plan($planned, $battery, 2, $panel, 2), 'it is the plan already');
        $fewer = Chosen::plan($planned, $battery, 2, $panel, 1);
        self::assertSame([Change::REMOVE], array_column($fewer, 'do'));
        self::assertCount(0, Plan::with($planned, Chosen::found($planned))->planned()->houseBatteries());
    }

    #[DataProvider('layouts')]
    public function testABankThatGrowsKeepsWhatItHasAndAnotherTakesOverItsLeads(int $batteries, Layout $layout): void
    {
        $like = new Part('y', PartKind::Battery, DataSheet::of(PartKind::Battery, self::LFP));
        $system = self::system(['conductors' => self::HANGING], [], null, $batteries);
        $joined = Plan::with($system, BankWiring::changes(Study::of($system), $layout, null, 50.0, 0.3, 0.6));
        $grown = Plan::with($joined, Chosen::bank($joined, $like, $batteries + 2));
        self::assertSame([], array_diff_key($joined->parts, $grown->parts), 'none that was there has gone');
        $drawing = Study::of($grown)->drawing();
        self::assertNotNull($drawing);
        self::assertNull($drawing->problem);
        self::assertCount($batteries + 2, $drawing->network->share(100.0)->amps);
        self::assertNotSame([], $grown->planned()->at($grown->planned()->conductors['c1']->to));
        // Another battery: the old ones go, and main fuse and shunt hang on the new ones.
        $other = new Part('y', PartKind::Battery, DataSheet::of(PartKind::Battery, self::LFP), make: 'Kvellin', model: 'Slate');
        $fresh = Plan::with($joined, Chosen::bank($joined, $other, 2));
        self::assertSame(
            ['Kvellin Slate'],
            array_unique(array_map(static fn(Part $p): string => $p->typedName(), $fresh->planned()->houseBatteries())),
        );
        self::assertCount(0, $fresh->planned()->of(Family::Busbar));
        [$first, $last] = array_column($fresh->planned()->houseBatteries(), 'uid');
        self::assertSame(
            ["$first.plus", "$last.minus"],
            [(string) $fresh->conductors['c1']->asPlanned()->from, (string) $fresh->conductors['c2']->asPlanned()->from],
        );
    }

    private const HANGING = [
        ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'],
        ['uid' => 'c2', 'from' => 'b1.minus', 'to' => 'm0.battery_minus'],
    ];

    /**
     * The sound system as it is found in the vehicle.
     *
     * @param list<array<string, mixed>> $parts
     */
    private static function there(array $parts = []): System
    {
        $system = self::system([], $parts);

        return Plan::with(
            $system,
            array_map(static fn(string $uid): Change => Change::ofPart($uid, 'keep'), array_map(strval(...), array_keys($system->parts))),
        );
    }

    /**
     * @return array<int, float>
     */
    private static function shares(Study $study, Layout $layout): array
    {
        $drawing = BankDrawing::inLayout($study, $layout, null, 50.0, 0.3, 0.6);
        self::assertNotNull($drawing);

        return $drawing->network->share(100.0)->amps;
    }

    /**
     * @return array<string, mixed>
     */
    private static function shape(Graph $graph): array
    {
        $shape = [];
        foreach ([$graph->parts, $graph->conductors, $graph->signals] as $rows) {
            foreach ($rows as $row) {
                $shape[$row->uid] = array_diff_key(
                    $row->toArray(),
                    ['fate' => 1, 'protected_by' => 1, 'replaces' => 1, 'planned_place' => 1],
                );
            }
        }
        ksort($shape);

        return $shape;
    }
}
