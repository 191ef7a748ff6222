<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Words\Show;
use Pebblefell\Drawing\Frame;
use Pebblefell\Drawing\Labels;
use Pebblefell\Drawing\Path;
use Pebblefell\Drawing\Scale;
use Pebblefell\Region\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The kit that every drawing is made of, and the numbers that stand in them. */
final class DrawingKitTest extends TestCase
{
    private static function between(float $low, float $high): float
    {
        return $low + ($high - $low) * mt_rand() / mt_getrandmax();
    }

    public function testAScaleIsStraightAndItsTicksAreRoundAndFew(): void
    {
        mt_srand(5);
        for ($round = 0; $round < 300; ++$round) {
            $low = self::between(-1000, 1000) * 10 ** mt_rand(-4, 4);
            $scale = Scale::of($low, $low + self::between(0.01, 1) * 10 ** mt_rand(-3, 6), 40.0, 900.0);
            self::assertEqualsWithDelta([40.0, 900.0], [$scale->at($scale->low), $scale->at($scale->high)], 0.051);
            $middle = ($scale->low + $scale->high) / 2;
            self::assertEqualsWithDelta(470.0, $scale->at($middle), 0.051);
            self::assertEqualsWithDelta(860.0, $scale->length($scale->high - $scale->low), 0.051);
            $most = mt_rand(3, 12);
            $ticks = $scale->ticks($most);
            self::assertLessThanOrEqual($most + 1, count($ticks));
            self::assertGreaterThanOrEqual(1, count($ticks));
            foreach ($ticks as $i => $tick) {
                self::assertTrue($tick->at >= 39.9 && $tick->at <= 900.1);
                // With its decimals it reads as what it is, and no two read alike.
                $written = number_format($tick->value, $tick->decimals, '.', '');
                self::assertEqualsWithDelta($tick->value, (float) $written, 1e-6 * max(1.0, abs($tick->value)));
                if ($i > 0) {
                    self::assertNotSame(number_format($ticks[$i - 1]->value, $ticks[$i - 1]->decimals, '.', ''), $written);
                }
            }
        }
        $flat = Scale::of(5.0, 5.0, 0.0, 100.0);
        self::assertTrue(is_finite($flat->at(5.0)), 'values that are all alike still get a scale');
    }

    public function testACutTextFitsAndKeepsTheNumberThatTellsItApart(): void
    {
        self::assertSame('House', Labels::cut('House', 40.0));
        self::assertSame('Compressor f…', Labels::cut('Compressor from the bank', 90.0));
        self::assertSame('Share o… no. 1', Labels::cut('Share of Kvellin Slate 230 Warm no. 1', 100.0));
        foreach ([60.0, 90.0, 130.0, 200.0] as $room) {
            $cut = array_map(static fn(int $n): string => Labels::cut("Anteil von Kvellin Slate 230 Warm Nr. $n", $room), range(1, 4));
            self::assertCount($room < 70.0 ? 1 : 4, array_unique($cut), "$room px");
            self::assertLessThanOrEqual($room, max(array_map(Labels::width(...), $cut)));
        }
        self::assertSame('Abc…', Labels::cut('Abcdefgh', 1.0), 'at least three letters');
    }

    public function testLabelsKeepTheirDistanceInOrderAndInBounds(): void
    {
        mt_srand(6);
        for ($round = 0; $round < 200; ++$round) {
            $count = mt_rand(1, 9);
            $wanted = array_map(static fn(): float => self::between(0, 200), range(1, $count));
            $placed = Labels::spread($wanted, 14.0, 0.0, 200.0);
            self::assertCount($count, $placed);
            $order = $wanted;
            asort($order);
            $last = -INF;
            foreach (array_keys($order) as $i) {
                self::assertGreaterThanOrEqual($last + 14.0 - 1e-9, $placed[$i]);
                $last = $placed[$i];
                self::assertTrue($placed[$i] >= -1e-9 && $placed[$i] <= 200.0 + 1e-9);
            }
        }
        // Where there is room nobody is moved.
        self::assertSame([10.0, 100.0, 50.0], Labels::spread([10.0, 100.0, 50.0], 14.0, 0.0, 200.0));
        // First come, first served.
        self::assertSame([true, false, true], Labels::clear([[50.0, 20.0, 'wish'], [55.0, 22.0, 'roof'], [50.0, 60.0, 'bay']]));
    }

    public function testPathsGoWhereTheyShould(): void
    {
        self::assertSame('M0 1L2 3', str_replace('.0', '', Path::line([[0.0, 1.0], [2.0, 3.0]])));
        self::assertStringEndsWith('Z', Path::area([[0.0, 1.0], [2.0, 3.0]], 10.0));
        self::assertSame('', Path::area([], 10.0));
        self::assertSame('', Path::band([]));
        self::assertSame([[0.0, 5.0], [2.0, 5.0], [2.0, 7.0], [3.0, 7.0]], Path::stairs([[0.0, 2.0, 5.0], [2.0, 3.0, 7.0]]));
        preg_match_all('/-?\d+(?:\.\d+)?/', Path::band([[0.0, 1.0, 9.0], [4.0, 2.0, 8.0]]), $m);
        self::assertSame(['0', '1', '4', '2', '4', '8', '0', '9'], $m[0]);
    }

    public function testAFrameFitsTheDeskOrThePhone(): void
    {
        $desk = Frame::of(false, 250.0);
        $phone = Frame::of(true, 250.0);
        self::assertLessThanOrEqual(366.0, $phone->width);
        self::assertGreaterThan(700.0, $desk->width);
        foreach ([$desk, $phone] as $frame) {
            self::assertEqualsWithDelta($frame->right - $frame->left, $frame->boxWidth(), 1e-9);
            self::assertEqualsWithDelta($frame->bottom - $frame->top, $frame->boxHeight(), 1e-9);
            // Across goes to the right, up goes up.
            self::assertLessThan($frame->across(0, 1)->at(1), $frame->across(0, 1)->at(0));
            self::assertGreaterThan($frame->up(0, 1)->at(1), $frame->up(0, 1)->at(0));
            self::assertSame("0 0 $frame->width $frame->height", $frame->viewBox());
        }
    }

    /**
     * @return iterable<string, array{string, Units, float, string, string}>
     */
    public static function numbers(): iterable
    {
        [$m, $us] = [Units::Metric, Units::UsCustomary];
        yield 'volts to the hundredth' => ['en', $m, 14.2, 'V', '14.2 V'];
        yield 'volts, German' => ['de', $m, 14.25, 'V', '14,25 V'];
        yield 'hundreds whole' => ['en', $m, 1279.4, 'W', '1 279 W'];
        yield 'tens to the tenth' => ['en', $m, 36.84, 'A', '36.8 A'];
        yield 'ones to the hundredth' => ['en', $m, 3.456, 'A', '3.46 A'];
        yield 'no trailing noughts' => ['en', $m, 12.0, 'A', '12 A'];
        yield 'a real minus' => ['en', $m, -7.5, '°C', '−7.5 °C'];
        yield 'no minus nought' => ['en', $m, -0.0001, 'A', '0 A'];
        yield 'large energy in kWh' => ['en', $m, 12_345.0, 'Wh', '12.3 kWh'];
        yield 'endless' => ['en', $m, INF, 'days', '∞ days'];
        yield 'pounds' => ['en', $us, 22.0, 'kg', '48.5 lb'];
        yield 'fahrenheit' => ['en', $us, 0.0, '°C', '32 °F'];
        yield 'a difference in fahrenheit' => ['en', $us, 2.0, 'K', '3.6 °F'];
        yield 'inches' => ['en', $us, 25.4, 'mm', '1 in'];
        yield 'square feet' => ['en', $us, 6.0, 'm²', '64.6 ft²'];
        yield 'a gauge' => ['en', $us, 33.6, 'mm²', '2 AWG'];
        yield 'a thick gauge' => ['en', $us, 107.0, 'mm²', '4/0 AWG'];
        // 8.02 N·m are 71 lbf·in: common practice, and 1 lbf·in = 0.1129848 N·m.
        yield 'torque' => ['en', $us, 8.02, 'N·m', '71 lbf·in'];
    }

    #[DataProvider('numbers')]
    public function testNumbersReadAsATechnicianWritesThem(string $language, Units $units, float $value, string $unit, string $read): void
    {
        self::assertSame($read, str_replace("\u{202F}", ' ', (new Show($units, locale: $language))->text($value, $unit)));
    }

    /** Whatever is shown in a field is read back as it was, in either system. */
    public function testUnitsGoThereAndBack(): void
    {
        mt_srand(8);
        foreach (['kg', '°C', 'K', 'N·m', 'm', 'mm', 'm²', 'V', 'Ah', 'W', ''] as $unit) {
            for ($i = 0; $i < 50; ++$i) {
                $value = self::between(0, 1000);
                foreach (Units::cases() as $units) {
                    self::assertEqualsWithDelta(
                        $value,
                        $units->read($units->show($value, $unit), $unit),
                        1e-9 * max(1.0, abs($value)),
                        $unit,
                    );
                }
            }
        }
    }
}
