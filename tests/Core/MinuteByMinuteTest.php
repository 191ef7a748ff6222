<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Words\HoursText;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Inverter\Inverter;
use Pebblefell\Load\Appliance;
use Pebblefell\Load\Budget;
use Pebblefell\Load\LoadSide;
use Pebblefell\Quantity\DayHours;
use Pebblefell\Quantity\HourSpan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The day of random loads against a clock of the test's own that looks at every minute; and hours as people write them. */
final class MinuteByMinuteTest extends TestCase
{
    /**
     * @return list<array{side: string, watts: float, quantity: int, duty: float, standby: float, surge: ?float, spans: list<array{int,
     *     int}>}> spans in minutes
     */
    private static function loads(int $count): array
    {
        $loads = [];
        for ($i = 0; $i < $count; ++$i) {
            $spans = [];
            for ($k = 0; $k < mt_rand(1, 3); ++$k) {
                $from = 5 * mt_rand(0, 287);
                $spans[] = [$from, ($from + 5 * mt_rand(1, 200)) % 1440];
            }
            $loads[] = [
                'side' => ['dc', 'ac'][mt_rand(0, 1)], 'watts' => (float) mt_rand(1, 900), 'quantity' => mt_rand(1, 3),
                'duty' => (float) mt_rand(10, 100), 'standby' => mt_rand(0, 20) / 10,
                'surge' => mt_rand(0, 2) === 0 ? (float) mt_rand(900, 3000) : null,
                'spans' => array_values(array_filter($spans, static fn(array $s): bool => $s[0] !== $s[1])),
            ];
        }

        return $loads;
    }

    /**
     * @param array{spans: list<array{int, int}>} $load
     */
    private static function isOn(array $load, int $minute): bool
    {
        foreach ($load['spans'] as [$from, $to]) {
            if ($from < $to ? $minute >= $from && $minute < $to : $minute >= $from || $minute < $to) {
                return true;
            }
        }

        return false;
    }

    /**
     * Energy, the worst minute and the worst minute at the outlets: sums over 1,440 minutes, written without a look at the code under test.
     */
    public function testTheDaysFiguresAreThoseOfItsMinutes(): void
    {
        mt_srand(1440);
        for ($round = 0; $round < 60; ++$round) {
            $loads = self::loads(mt_rand(1, 6));
            [$efficiency, $idle, $always] = [mt_rand(70, 98) / 100, (float) mt_rand(0, 30), mt_rand(0, 1) === 1];
            $appliances = [];
            foreach ($loads as $i => $load) {
                $hours = DayHours::of(array_map(static fn(array $s): HourSpan => HourSpan::of($s[0] / 60, $s[1] / 60), $load['spans']));
                $appliances[] = Appliance::of(
                    "load $i",
                    $load['watts'],
                    $hours,
                    LoadSide::from($load['side']),
                    $load['quantity'],
                    $load['duty'],
                    $load['standby'],
                    $load['surge'],
                );
            }
            $anyAc = in_array('ac', array_column($loads, 'side'), true);
            $budget = Budget::of($appliances, $anyAc ? Inverter::of(100 * $efficiency, $idle, $always) : null, 12.0);
            [$energy, $peak, $acPeak] = [0.0, 0.0, 0.0];
            for ($minute = 0; $minute < 1440; ++$minute) {
                [$mean, $most] = [['dc' => 0.0, 'ac' => 0.0], ['dc' => 0.0, 'ac' => 0.0]];
                $acNow = false;
                foreach ($loads as $load) {
                    $on = self::isOn($load, $minute);
                    $mean[$load['side']] += $load['quantity'] * ($on ? $load['watts'] * $load['duty'] / 100 : $load['standby']);
                    $most[$load['side']] += $load['quantity'] * ($on ? $load['watts'] : $load['standby']);
                    $acNow = $acNow || ($load['side'] === 'ac' && ($on || $load['standby'] > 0));
                }
                $idleNow = $anyAc && ($always || $acNow) ? $idle : 0.0;
                $energy += ($mean['dc'] + $mean['ac'] / $efficiency + $idleNow) / 60;
                $peak = max($peak, $most['dc'] + $most['ac'] / $efficiency + $idleNow);
                $acPeak = max($acPeak, $most['ac']);
            }
            self::assertEqualsWithDelta($energy, $budget->energyWhDay, 1e-6 * $energy + 1e-6, json_encode($loads) ?: '');
            self::assertEqualsWithDelta($peak, $budget->peakW, 1e-6 * $peak + 1e-6, json_encode($loads) ?: '');
            self::assertEqualsWithDelta($acPeak, $budget->acPeakW, 1e-6 * $acPeak + 1e-6);
        }
    }

    /**
     * @return iterable<string, array{string, list<array{float, float}>}>
     */
    public static function written(): iterable
    {
        yield 'nothing' => ['', []];
        yield 'a span' => ['7-9', [[7.0, 9.0]]];
        yield 'with a dash of print' => ['7–9', [[7.0, 9.0]]];
        yield 'with minutes' => ['18:30-23', [[18.5, 23.0]]];
        yield 'minutes after an h' => ['18h15-18h45', [[18.25, 18.75]]];
        yield 'decimals' => ['6.5-7.25', [[6.5, 7.25]]];
        yield 'several, with spaces' => [' 7-9 ,  18:30 - 23 ', [[7.0, 9.0], [18.5, 23.0]]];
        yield 'semicolons' => ['7-9; 12-13', [[7.0, 9.0], [12.0, 13.0]]];
        yield 'in words' => ['7 to 9', [[7.0, 9.0]]];
        yield 'over midnight' => ['22-6', [[22.0, 6.0]]];
        yield 'the whole day' => ['0-24', [[0.0, 24.0]]];
    }

    /**
     * @param list<array{float, float}> $spans
     */
    #[DataProvider('written')]
    public function testHoursAreReadAsPeopleWriteThem(string $text, array $spans): void
    {
        self::assertEquals($spans, array_map(static fn(array $s): array => [$s['from_h'], $s['to_h']], HoursText::parse($text)));
    }

    public function testWhatIsNoHoursIsSaidWithItsWords(): void
    {
        foreach (['morning', '7', '7-', '-9', '25-26', '7-9 pm', '7:5-9', '7-9-11', '24:30-25', '9-9', '٧-٩'] as $text) {
            try {
                HoursText::parse($text);
                self::fail("\"$text\" was read");
            } catch (InvalidValue $e) {
                self::assertNotSame('', $e->getMessage(), $text);
            }
        }
    }

    /** Written and read again they are the same, to the minute; nothing is written as sixty minutes. */
    public function testHoursGoOutAndComeInTheSame(): void
    {
        mt_srand(24);
        for ($round = 0; $round < 400; ++$round) {
            $spans = [];
            for ($i = 0; $i < mt_rand(1, 4); ++$i) {
                [$from, $to] = [mt_rand(0, 1439), mt_rand(1, 1440)];
                if ($from !== $to) {
                    $spans[] = ['from_h' => $from / 60, 'to_h' => $to / 60];
                }
            }
            $text = HoursText::write($spans);
            self::assertDoesNotMatchRegularExpression('/:60|:\d(?!\d)/', $text);
            $again = HoursText::parse($text);
            self::assertCount(count($spans), $again, $text);
            foreach ($spans as $i => $span) {
                self::assertEqualsWithDelta([$span['from_h'], $span['to_h']], [$again[$i]['from_h'], $again[$i]['to_h']], 1e-9, $text);
            }
        }
        self::assertSame('8-9', HoursText::write([['from_h' => 7.9999, 'to_h' => 9.0001]]));
    }
}
