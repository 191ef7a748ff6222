<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Stage\Handover\WalkThrough;
use Pebblefell\Stage\Handover\Warranty;
use Pebblefell\Study;
use Pebblefell\System\Part;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The walk through a vehicle at its hand-over, and how long makers stand by its parts. */
final class WalkThroughTest extends TestCase
{
    use SoundSystem;
    use WholeJobs;

    public function testOneComesFromOutsideAndGoesByThePlacesTheRoofLast(): void
    {
        $at = static fn(string $uid, string $kind, string $place, array $data = [], string $fate = 'keep'): array => self::part(
            $uid,
            $kind,
            $data,
            $fate,
            ['place' => $place],
        );
        $walk = WalkThrough::of(Study::of(self::system(parts: [
            $at('x1', 'panel', 'roof', self::PANEL),
            $at('x2', 'inverter', 'rear locker', ['continuous_w' => 1600, 'along_m' => 4.5]),
            $at('x3', 'earth_leakage', 'rear locker', ['rating_a' => 16, 'residual_ma' => 30, 'along_m' => 4.5]),
            $at('x4', 'shore_inlet', 'left side, outside', ['rating_a' => 16]),
            $at('x5', 'monitor', 'by the door', ['shunt_a' => 300, 'along_m' => 1.0]),
            $at('x6', 'gauge', 'by the door', [], 'relabel'),
            $at('x7', 'fuse', 'rear locker', ['rating_a' => 100]),
            $at('x8', 'fuse', 'rear locker', ['rating_a' => 60]),
        ])));
        $does = array_column($walk->points, 'does');
        self::assertSame('inlet', $does[0]);
        self::assertLessThan(
            array_search('inverter', $does, true),
            array_search('display', $does, true),
            'the door stands before the rear locker',
        );
        self::assertSame('panels', $does[array_search('storage', $does, true) - 1], 'nobody climbs the roof');
        self::assertContains('left-in', $does);
        self::assertSame(['storage', 'later', 'papers'], array_slice($does, -3));
        // What is alike at one place is shown once; each key is there once.
        $fuses = array_values(
            array_filter($walk->points, static fn(array $p): bool => $p['does'] === 'fuse' && $p['place'] === 'rear locker'),
        );
        self::assertSame(['x7', 'x8'], array_map(static fn(Part $p): string => $p->uid, $fuses[0]['parts']));
        self::assertSame(array_unique($keys = array_column($walk->points, 'key')), $keys);
        self::assertTrue($walk->has('fuse.x7'));
        self::assertFalse($walk->has('fuse.x8'));
    }

    /** Each point has its words, in both languages, with nothing left unfilled. */
    public function testEveryPointHasItsWords(): void
    {
        foreach (self::wholeJobs() as [$study]) {
            $walk = WalkThrough::of($study);
            foreach (['en', 'de'] as $language) {
                $words = require __DIR__ . "/../../lang/$language/walk.php";
                foreach ($walk->points as $point) {
                    self::assertArrayHasKey('show', $words[$point['does']] ?? [], "$point[does] in $language");
                    preg_match_all('/:([a-z]+)/', $words[$point['does']]['say'], $wanted);
                    self::assertSame([], array_diff($wanted[1], array_keys($point['args'])), $point['does']);
                    self::assertTrue($point['parts'] !== [] || isset($words[$point['does']]['title']), $point['does']);
                }
            }
        }
    }

    /**
     * @return iterable<string, array{string, int, string}>
     */
    public static function warranties(): iterable
    {
        yield 'five years' => ['2026-11-19', 60, '2031-11-19'];
        yield 'over the end of a year' => ['2026-11-19', 2, '2027-01-19'];
        yield 'to a shorter month' => ['2026-08-31', 6, '2027-02-28'];
        yield 'to a leap day' => ['2027-08-31', 6, '2028-02-29'];
        yield 'no day noted' => ['', 24, ''];
    }

    #[DataProvider('warranties')]
    public function testAWarrantyEndsAfterItsMonths(string $from, int $months, string $until): void
    {
        $part = Part::fromArray(
            self::part(
                'k9',
                'mains_charger',
                ['output_a' => 30, 'warranty_months' => $months, ...$from === '' ? [] : ['warranty_from' => $from]],
            ),
        );
        self::assertSame($until, Warranty::ofAll([$part])[0]->until());
        self::assertSame([], Warranty::ofAll([Part::fromArray(self::part('k9', 'mains_charger', ['output_a' => 30]))]));
    }
}
