<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Schedule\Crew;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** People that several jobs share. */
final class CrewTest extends TestCase
{
    public function testWhenMoreAreWantedThanThereAre(): void
    {
        $stays = [
            ['fromH' => 8.0, 'toH' => 16.0, 'people' => 2], ['fromH' => 10.0, 'toH' => 12.0, 'people' => 1],
            ['fromH' => 12.0, 'toH' => 14.0, 'people' => 1], ['fromH' => 16.0, 'toH' => 20.0, 'people' => 3],
        ];
        self::assertSame(
            [['fromH' => 10.0, 'toH' => 14.0, 'people' => 3], ['fromH' => 16.0, 'toH' => 20.0, 'people' => 3]],
            Crew::over($stays, 2),
        );
        self::assertSame([], Crew::over($stays, 3));
        // One that ends as the next begins hands its people over.
        self::assertSame(
            [2, 3, 3, 0],
            [
                Crew::wanted($stays, 8.0, 10.0), Crew::wanted($stays, 8.0, 10.5), Crew::wanted($stays, 13.0, 16.0),
                Crew::wanted($stays, 20.0, 22.0),
            ],
        );
    }

    public function testAsCountedQuarterByQuarter(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($n = 0; $n < 300; ++$n) {
            $stays = [];
            for ($k = $random->getInt(0, 7); $k > 0; --$k) {
                $from = $random->getInt(0, 40) / 4.0;
                $stays[] = ['fromH' => $from, 'toH' => $from + $random->getInt(1, 20) / 4.0, 'people' => $random->getInt(1, 3)];
            }
            $at = static fn(float $h): int => array_sum(
                array_map(static fn(array $s): int => $s['fromH'] <= $h && $h < $s['toH'] ? $s['people'] : 0, $stays),
            );
            $quarters = array_map(static fn(int $q): float => $q / 4.0, range(0, 70));
            self::assertSame(max([0, ...array_map($at, array_slice($quarters, 8, 24))]), Crew::wanted($stays, 2.0, 8.0));
            $over = Crew::over($stays, 3);
            foreach ($quarters as $h) {
                $told = array_values(array_filter($over, static fn(array $o): bool => $o['fromH'] <= $h && $h < $o['toH']));
                self::assertSame($at($h) > 3 ? [$at($h)] : [], array_column($told, 'people'), "at $h");
            }
        }
    }
}
