<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Bank\BayFit;
use Pebblefell\Bank\Box;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Load\Appliance;
use Pebblefell\Load\Budget;
use Pebblefell\Load\LoadSide;
use Pebblefell\Load\Together;
use Pebblefell\Load\TrialStay;
use Pebblefell\Quantity\DayHours;
use Pebblefell\Quantity\HourSpan;
use PHPUnit\Framework\TestCase;

/** What fits: batteries in a bay, loads on an inverter. */
final class FitTest extends TestCase
{
    private function ac(string $name, float $watts, ?float $surge = null, float $quantity = 1.0): Appliance
    {
        return Appliance::of($name, $watts, DayHours::of([]), LoadSide::Ac, $quantity, surgeW: $surge);
    }

    /** @return list<string> */
    private function names(Together $together): array
    {
        return array_map(
            static fn(array $set): string => implode('+', array_map(static fn(Appliance $a): string => $a->name, $set)),
            $together->largest,
        );
    }

    /** Common practice: a 2000 W inverter with 670 W of cooling has room for a 1000 W kettle, not for two. */
    public function testTheInverterWithCoolingHasRoomForOneKettle(): void
    {
        [$cooling, $kettle, $second] = [$this->ac('cooling', 670), $this->ac('kettle', 1000), $this->ac('second kettle', 1000)];
        $together = Together::of([$cooling, $kettle, $second], 2000);
        self::assertSame(330.0, $together->roomBeside($cooling, $kettle));
        self::assertContains('kettle+cooling', $this->names($together));
        self::assertContains('kettle+second kettle', $this->names($together));
        self::assertNotContains('kettle+second kettle+cooling', $this->names($together));
        self::assertSame([], $together->never);
    }

    public function testTheBankAndTheStartLimitToo(): void
    {
        $loads = [$this->ac('microwave', 1200), $this->ac('compressor', 600, surge: 2400), $this->ac('lamp', 20)];
        // 100 A at 12.8 V through 90 % carry 1152 W: the microwave does not run even alone.
        $weak = Together::of($loads, 2000, null, 100, 12.8, 90);
        self::assertEqualsWithDelta(1152.0, $weak->limitW, 1e-9);
        self::assertSame(['microwave'], array_map(static fn(Appliance $a): string => $a->name, $weak->alone));
        // 1820 W run, but the compressor's start on top of the microwave asks for 3600.
        $start = Together::of($loads, 2000, 3500);
        self::assertSame(
            [['microwave', 'compressor']],
            array_map(static fn(array $p): array => [$p[0]->name, $p[1]->name], $start->never),
        );
        self::assertSame(['microwave+lamp', 'compressor+lamp'], $this->names($start));
    }

    /** Two of a kind want twice as much at once. */
    public function testSeveralOfALoadCountEach(): void
    {
        $pair = $this->ac('heaters', 700, quantity: 2.0);
        $lamp = $this->ac('lamp', 100);
        self::assertSame(['heaters+lamp'], $this->names(Together::of([$pair, $lamp], 1500)));
        self::assertSame(['heaters', 'lamp'], $this->names(Together::of([$pair, $lamp], 1499)));
        self::assertSame(['heaters'], array_map(
            static fn(Appliance $a): string => $a->name,
            Together::of([$pair, $lamp], 1399)->alone,
        ));
        self::assertSame(100.0, Together::of([$pair, $lamp], 1500)->roomBeside($pair));
    }

    public function testEveryListedCombinationFitsAndNothingCanBeAddedToIt(): void
    {
        $loads = [];
        foreach ([90, 140, 260, 310, 450, 700, 980, 1250] as $i => $watts) {
            $loads[] = $this->ac("l$i", $watts, $i % 3 === 0 ? $watts * 2.0 : null);
        }
        $together = Together::of($loads, 1800, 2600);
        self::assertNotSame([], $together->largest);
        foreach ($together->largest as $set) {
            self::assertGreaterThanOrEqual(0.0, $together->roomBeside(...$set));
            foreach ($loads as $other) {
                if (!in_array($other, $set, true)) {
                    $more = Together::of([...$set, $other], 1800, 2600);
                    self::assertNotSame(count($set) + 1, count($more->largest[0] ?? []), 'nothing can be added');
                }
            }
        }
    }

    public function testBatteriesStandInABayInTheBetterWayRound(): void
    {
        $block = Box::of(329, 172, 214);
        // 700 × 360: two lengthwise, side by side in depth → 2 × 2; with 6 mm gaps 2 × 329 + 18 = 676, 2 × 172 + 18 = 362 > 360.
        $tight = BayFit::of(Box::of(700, 360, 260), $block, 4, 6.0);
        self::assertEqualsWithDelta((360 - 2 * 172) / 3, $tight->tightMm, 0.01, 'four stand, with less air than is wanted');
        self::assertTrue($tight->fits());
        self::assertSame(
            [4, null],
            [BayFit::of(Box::of(700, 362, 260), $block, 4, 6.0)->most, BayFit::of(Box::of(700, 362, 260), $block, 4, 6.0)->tightMm],
        );
        self::assertFalse(BayFit::of(Box::of(700, 343, 260), $block, 5, 6.0)->fits());
        // A corner block lying the other way: two crosswise and one lengthwise.
        self::assertSame(3, BayFit::of(Box::of(2 * 178 + 335 + 6, 341, 260), $block, 3, 6.0)->most);
        self::assertTrue(BayFit::of(Box::of(341, 184, 239), $block, 1, 6.0)->fits());
        self::assertEqualsWithDelta(5.5, BayFit::of(Box::of(340, 183, 239), $block, 1, 6.0)->tightMm, 0.01);
    }

    public function testTheLidDecidesAndPlacesNeverOverlap(): void
    {
        $low = BayFit::of(Box::of(900, 600, 230), Box::of(329, 172, 214), 2, 6.0);
        self::assertSame([0, 9.0, false], [$low->most, $low->lackHeightMm, $low->fits()]);
        foreach ([[1200, 700], [905, 533], [777, 777], [360, 2000]] as [$length, $width]) {
            $fit = BayFit::of(Box::of($length, $width, 400), Box::of(329, 172, 214), 99, 6.0);
            foreach ($fit->places as $i => $a) {
                self::assertGreaterThanOrEqual(6.0 - 1e-9, min($a['x'], $a['y']));
                self::assertLessThanOrEqual($length - 6.0 + 1e-9, $a['x'] + $a['l']);
                self::assertLessThanOrEqual($width - 6.0 + 1e-9, $a['y'] + $a['w']);
                foreach (array_slice($fit->places, $i + 1) as $b) {
                    $apart = max(
                        $b['x'] - $a['x'] - $a['l'],
                        $a['x'] - $b['x'] - $b['l'],
                        $b['y'] - $a['y'] - $a['w'],
                        $a['y'] - $b['y'] - $b['w'],
                    );
                    self::assertGreaterThanOrEqual(6.0 - 1e-9, $apart);
                }
            }
        }
    }

    /** The trial weekend, worked by hand: a bank of 1200 Wh, half usable; 20 W through the night, 17 to 7 o'clock. */
    public function testATrialStayTellsSunFromBank(): void
    {
        $budget = Budget::of([Appliance::of('fridge', 20, DayHours::of([HourSpan::of(0, 24)]))], null, 12);
        $stay = static fn(float $arrive, float $morning, float $afternoon, float $error = 2): TrialStay => TrialStay::of(
            $budget,
            1200,
            50,
            $error,
            17,
            $arrive,
            7,
            $morning,
            $afternoon,
        );

        $fine = $stay(100, 77, 100);
        self::assertFalse($fine->bankIsShort() || $fine->sunIsShort());
        self::assertEqualsWithDelta([276.0, 280.0], [$fine->nightWh, $fine->expectedNightWh], 1e-9);
        self::assertSame(0.0, $fine->unlistedW());

        $sun = $stay(100, 77, 85);
        self::assertSame([false, true], [$sun->bankIsShort(), $sun->sunIsShort()]);
        self::assertEqualsWithDelta(180.0, $sun->sunShortWh, 1e-9);
        self::assertTrue($sun->isSure($sun->sunShortWh));
        self::assertFalse($stay(100, 77, 98)->isSure($stay(100, 77, 98)->sunShortWh));

        // From 100 to 40 %: 720 Wh where 280 were listed, 120 Wh below the floor; the day puts it all back.
        $bank = $stay(100, 40, 100);
        self::assertSame([true, false], [$bank->bankIsShort(), $bank->sunIsShort()]);
        self::assertEqualsWithDelta([120.0, 440.0 / 14], [$bank->bankShortWh, $bank->unlistedW()], 1e-9);
        self::assertEqualsWithDelta(720 / 280, $bank->useFactor(), 1e-9);
        self::assertSame(0.0, $stay(100, 65, 100, 10)->unlistedW(), 'within the error of rested volts nothing is claimed');

        foreach ([[60, 70, 80, '/morning_pct'], [101, 70, 80, '/arrive_pct']] as [$arrive, $morning, $afternoon, $path]) {
            try {
                $stay($arrive, $morning, $afternoon);
                self::fail('taken');
            } catch (InvalidValue $e) {
                self::assertSame($path, $e->path);
            }
        }
    }
}
