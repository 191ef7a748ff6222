<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Finding\Finding;
use Pebblefell\Stage\Sources\FrostMorning;
use Pebblefell\Study;
use Pebblefell\System\Climate;
use Pebblefell\System\Part;
use Pebblefell\System\Place;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The morning after the coldest night, played through; and the climates that stand in for nights that nobody noted. */
final class FrostMorningTest extends TestCase
{
    use SoundSystem;

    /**
     * @param array<string, mixed> $battery
     * @param array<string, mixed> $panel
     * @param array<string, mixed> $travel
     */
    private static function morning(float $nightC, array $battery = [], array $panel = [], array $travel = []): ?FrostMorning
    {
        return Study::of(self::system([
            'travel' => ['months' => [3, 4], 'wish_days' => 1, 'hook_up' => 'never', 'driving_h_day' => 0, ...$travel],
            'place' => ['name' => 'P', 'latitude_deg' => 55, 'min_c' => array_fill(0, 12, $nightC), 'clearness' => array_fill(0, 12, 0.45)],
        ], [
            self::part('p1', 'panel', [...self::PANEL, ...$panel]),
            self::part(
                'r1',
                'regulator',
                ['technology' => 'mppt', 'max_charge_a' => 20, 'max_pv_v' => 75, 'lithium' => 'custom', 'cold_cutoff' => true],
            ),
        ], [...self::LFP, 'heater_w' => 0, ...$battery]))->simulations->frostMorning();
    }

    public function testTheSunBeginsBeforeTheBatteryIsWarmEnough(): void
    {
        $morning = self::morning(-3.0);
        self::assertNotNull($morning);
        self::assertTrue($morning->isMet());
        self::assertCount(24, $morning->hours);
        self::assertNotNull($morning->beginsH);
        self::assertLessThan(0.0, $morning->hours[$morning->beginsH]['batteryC']);
        // What would stray in is what the sun brings while the battery is too cold.
        $blocked = array_sum(array_map(static fn(array $h): float => $h['batteryC'] < 0.0 ? $h['sunW'] : 0.0, $morning->hours));
        self::assertEqualsWithDelta($blocked, $morning->strayWh, 60.0);
        self::assertLessThan(100.0 / 12.0, $morning->strayA, 'no more than the panel gives');
        // The battery follows the air, late and less; and never leaves the band between night and day.
        $inside = array_column($morning->hours, 'batteryC');
        $outside = array_column($morning->hours, 'outsideC');
        [$least, $leastOutside] = [min([INF, ...$inside]), min([INF, ...$outside])];
        self::assertGreaterThan($leastOutside, $least);
        self::assertGreaterThan(array_search($leastOutside, $outside, true), array_search($least, $inside, true));
        // As cold as the finding has it.
        self::assertEqualsWithDelta($leastOutside, $morning->day->minC, 0.2);
    }

    public function testWhoStopsItIsNamed(): void
    {
        $uids = static fn(array $parts): array => array_map(static fn(Part $p): string => $p->uid, $parts);
        $guarded = self::morning(-3.0);
        self::assertSame([true, ['r1'], []], [$guarded?->bmsStops, $uids($guarded->sensors ?? []), $uids($guarded->neither ?? [])]);
        $bare = self::morning(-3.0, ['low_temp_cutoff' => false]);
        self::assertSame([false, ['r1'], ['k1']], [$bare?->bmsStops, $uids($bare->sensors ?? []), $uids($bare->neither ?? [])]);
    }

    public function testWarmthAndMildNightsAndHeatedBaysHaveNoSuchMorning(): void
    {
        self::assertNull(self::morning(9.0));
        self::assertNull(self::morning(-3.0, [], [], ['coldest_battery_c' => 6]));
        self::assertNull(Study::of(self::system(battery: self::AGM))->simulations->frostMorning(), 'lead may be charged');
        // Carried out and shaded until the afternoon, the panel strays later and less.
        $shaded = self::morning(-3.0, [], ['shade' => 'own', 'shade_from_h' => 0, 'shade_to_h' => 13, 'shade_light_pct' => 0]);
        self::assertGreaterThan(self::morning(-3.0)?->beginsH, $shaded?->beginsH);
        self::assertLessThan(self::morning(-3.0)->strayWh ?? 0.0, $shaded->strayWh ?? INF);
    }

    /**
     * @return iterable<string, array{Climate}>
     */
    public static function climates(): iterable
    {
        foreach (Climate::cases() as $climate) {
            yield $climate->value => [$climate];
        }
    }

    #[DataProvider('climates')]
    public function testAClimateHasItsSeasonsOnBothHalvesOfTheWorld(Climate $climate): void
    {
        $north = new Place('N', 40.0, climate: $climate);
        $south = new Place('S', -40.0, climate: $climate);
        foreach (range(1, 12) as $month) {
            self::assertSame($north->clearnessOf($month), $south->clearnessOf(($month + 5) % 12 + 1));
            self::assertEqualsWithDelta($north->minCOf($month), $south->minCOf(($month + 5) % 12 + 1), 1e-9);
            self::assertGreaterThan(0.2, $north->clearnessOf($month));
            self::assertLessThan(0.75, $north->clearnessOf($month), 'clear days of the driest deserts: 0.7 to 0.75, common practice');
        }
        self::assertContains(array_search(min($north->minCByMonth()), $north->minCByMonth(), true), [0, 1]);
        self::assertGreaterThan(
            (new Place('F', 60.0, climate: $climate))->minCOf(1),
            $north->minCOf(1),
            'nearer the pole the nights are colder',
        );
        // What is known of the place counts before.
        self::assertSame(0.5, (new Place('K', 40.0, clearness: array_fill(0, 12, 0.5), climate: $climate))->clearnessOf(3));
    }

    public function testBelowItsOtherFloorABatteryGivesNothingAndIsNamed(): void
    {
        $with = static fn(float $minC, array $sheet): ?Finding => Study::of(self::system(
            ['place' => ['name' => 'P', 'latitude_deg' => 63, 'min_c' => array_fill(0, 12, $minC)]],
            battery: ['heater_w' => 0, ...$sheet] + self::LFP,
        ))->assessment()->find('too-cold-to-give')?->finding;
        $coldest = $with(-20.0, [])?->figures[0]->value ?? 0.0;
        self::assertLessThanOrEqual(-20.0, $coldest, 'the coldest night, not the mean one');
        self::assertSame(-18.0, $with(-20.0, [])?->args['floor']->value, 'LFP, common practice');
        self::assertNull($with(-2.0, []));
        // By its data sheet, from both sides; and warmed it gives.
        self::assertNull($with(-20.0, ['discharge_min_c' => floor($coldest)]));
        self::assertNotNull($with(-20.0, ['discharge_min_c' => ceil($coldest) + 0.1]));
        self::assertNull($with(-20.0, ['heater_w' => 500]));
    }
}
