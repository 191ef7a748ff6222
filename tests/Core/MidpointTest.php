<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Balance\Midpoint;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Stage\Balance\SeriesBank;
use Pebblefell\Study;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Blocks of a string read at one moment. Limits: common practice, 0.1 V LFP and 0.15 V lead per 12 V at rest, 2 % under current. */
final class MidpointTest extends TestCase
{
    use SoundSystem;

    /**
     * @return iterable<string, array{list<float>, float, Chemistry, string, int}>
     */
    public static function strings(): iterable
    {
        $lfp = Chemistry::Lfp;
        yield 'alike at rest' => [[13.31, 13.33], 0.0, $lfp, 'even', 0];
        yield 'one holds less' => [[13.30, 13.02, 13.31, 13.30], 0.3, $lfp, 'rest-low', 1];
        yield 'one was charged alone' => [[13.1, 13.1, 13.1, 13.6], 0.0, $lfp, 'rest-high', 3];
        yield 'lead bears a little more' => [[12.70, 12.44], 0.0, Chemistry::Agm, 'even', 0];
        yield 'one reaches the top first' => [[13.6, 14.4], -30.0, $lfp, 'charge-high', 1];
        yield 'one drops under load' => [[13.0, 13.0, 13.0, 12.2], 60.0, $lfp, 'load-low', 3];
        yield 'so much under load is usual' => [[13.0, 12.9], 60.0, $lfp, 'even', 0];
        yield '48 V of two blocks' => [[26.5, 26.2], 0.0, $lfp, 'even', 0];
        yield '48 V of two blocks, apart' => [[26.9, 26.2], 0.0, $lfp, 'rest-low', 1];
    }

    /**
     * @param list<float> $volts
     */
    #[DataProvider('strings')]
    public function testTheOddBlockIsFoundAndWhatItSays(array $volts, float $amps, Chemistry $chemistry, string $verdict, int $block): void
    {
        $read = Midpoint::of($volts, $amps, $chemistry, 100.0);
        self::assertSame($verdict, $read->verdict);
        if ($verdict !== Midpoint::EVEN) {
            self::assertSame($block, $read->block);
            self::assertGreaterThan($read->limitV, abs($read->apartV));
        }
        self::assertEqualsWithDelta(array_sum($volts), $read->stringV, 1e-9);
    }

    public function testOneBlockIsNoString(): void
    {
        $this->expectException(InvalidValue::class);
        Midpoint::of([13.3], 0.0, Chemistry::Lfp, 100.0);
    }

    public function testABankInSeriesKnowsItsStrings(): void
    {
        self::assertNull(SeriesBank::of(Study::of(self::system(batteries: 2))));
        $bank = SeriesBank::of(Study::of(self::system(['vehicle' => ['kind' => 'coach', 'system_v' => 24]], batteries: 4)));
        self::assertNotNull($bank);
        self::assertSame([2, 2], array_map(count(...), $bank->strings));
        self::assertEqualsWithDelta(26.5, $bank->stringV, 0.4, 'LFP rests at 13.25 V and a little more per 12 V: common practice');
        self::assertEqualsWithDelta(0.2, $bank->apartV, 1e-9);
    }
}
