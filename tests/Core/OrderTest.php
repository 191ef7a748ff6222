<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Schedule\Calendar;
use Pebblefell\Schedule\Crew;
use Pebblefell\Schedule\Order;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Jobs that stand in one another's way, in a better order. */
final class OrderTest extends TestCase
{
    /**
     * @param ?array{fromH: float, toH: float} $charge
     *
     * @return array{fromH: float, toH: float, people: int, place: string, begun: bool, charge: ?array{fromH: float, toH: float}}
     */
    private static function stay(float $from, float $to, int $people, string $place, bool $begun = false, ?array $charge = null): array
    {
        return ['fromH' => $from, 'toH' => $to, 'people' => $people, 'place' => $place, 'begun' => $begun, 'charge' => $charge];
    }

    /**
     * @param list<string> $places
     *
     * @return array{places: list<string>, crew: ?int, chargers: ?int}
     */
    private static function shared(array $places, ?int $crew = null, ?int $chargers = null): array
    {
        return ['places' => $places, 'crew' => $crew, 'chargers' => $chargers];
    }

    public function testByHand(): void
    {
        $days = Calendar::of([[8.0, 16.0], [32.0, 40.0], [56.0, 64.0]]);
        // Two want the quay from eight: the other bay is free, so one goes there at once.
        $two = [self::stay(8.0, 14.0, 1, 'quay'), self::stay(8.0, 12.0, 1, 'quay')];
        self::assertSame(['loft'], array_column(Order::better($two, self::shared(['quay', 'loft']), $days), 'place'));
        // With one bay the short one goes first: four hours of waiting instead of six.
        self::assertSame([0 => ['fromH' => 12.0, 'place' => 'quay']], Order::better($two, self::shared(['quay']), $days));
        // Two people at one time: the second waits though a bay is free; what would begin at night begins in the morning.
        $crew = [self::stay(8.0, 18.0, 2, 'quay', true), self::stay(9.0, 12.0, 1, 'loft')];
        self::assertSame([1 => ['fromH' => 32.0, 'place' => 'loft']], Order::better($crew, self::shared(['quay', 'loft'], 2), $days));
        self::assertSame([], Order::better($crew, self::shared(['quay', 'loft'], 3), $days));
        // No bay at all is always free; more people than there are are asked for whenever it is.
        self::assertSame([], Order::better([self::stay(8.0, 9.0, 1, ''), self::stay(8.0, 9.0, 1, '')], self::shared(['quay']), $days));
        self::assertSame([], Order::better([self::stay(8.0, 9.0, 5, 'quay')], self::shared(['quay'], 2), $days));
    }

    public function testOneChargerByHand(): void
    {
        $days = Calendar::of([[8.0, 16.0], [32.0, 40.0], [56.0, 64.0]]);
        // Each has a bay; both charge from two hours after they came, one of them for three hours and the other until the morning.
        $stays = [
            self::stay(8.0, 14.0, 1, 'quay', false, ['fromH' => 10.0, 'toH' => 13.0]),
            self::stay(8.0, 34.0, 1, 'loft', false, ['fromH' => 10.0, 'toH' => 32.0]),
        ];
        self::assertSame([], Order::better($stays, self::shared(['quay', 'loft'], null, 2), $days));
        // One charger: the long one comes at eleven, and is put on at thirteen, when the short one is off it.
        self::assertSame([1 => ['fromH' => 11.0, 'place' => 'loft']], Order::better($stays, self::shared(['quay', 'loft'], null, 1), $days));
    }

    /** Random yards: afterwards nobody stands in another's way, none begins earlier, what has begun stays, and no order of starts is better. */
    /** When a charger comes free, by hand and on random nights: there it is free, and at no end of a charge before that was it. */
    public function testWhenAChargerComesFree(): void
    {
        $own = self::stay(8.0, 30.0, 1, 'quay', false, ['fromH' => 10.0, 'toH' => 14.0]);
        $with = static fn(float ...$ends): array => array_map(
            static fn(float $end): array => self::stay(0.0, 50.0, 1, 'loft', true, ['fromH' => 9.0, 'toH' => $end]),
            array_values($ends),
        );
        self::assertSame(13.0, Order::chargerFree($own, $with(13.0), 1));
        // Two chargers, two that charge: the one that ends first leaves room.
        self::assertSame(12.0, Order::chargerFree($own, $with(20.0, 12.0), 2));
        // Free at one, but not for four hours: another wants it at fifteen.
        $later = self::stay(0.0, 50.0, 1, 'loft', true, ['fromH' => 15.0, 'toH' => 19.0]);
        self::assertSame(19.0, Order::chargerFree($own, [...$with(13.0), $later], 1));
        self::assertNull(Order::chargerFree(self::stay(8.0, 9.0, 1, 'quay'), $with(13.0), 1));
        $random = new Randomizer(new Mt19937(63));
        for ($n = 0; $n < 400; ++$n) {
            $others = [];
            for ($k = $random->getInt(1, 7); $k > 0; --$k) {
                $from = $random->getInt(0, 40);
                $others[] = self::stay(0.0, 99.0, 1, 'b', true, ['fromH' => (float) $from, 'toH' => (float) ($from + $random->getInt(1, 12))]);
            }
            $chargers = $random->getInt(1, 3);
            $charges = array_column($others, 'charge');
            // Charges that begin or go on in each half hour, counted by hand.
            $free = static function (float $at) use ($charges, $chargers): bool {
                for ($h = $at + 0.25; $h < $at + 4.0; $h += 0.5) {
                    if (count(array_filter($charges, static fn(?array $c): bool => $c !== null && $c['fromH'] < $h && $c['toH'] > $h)) >= $chargers) {
                        return false;
                    }
                }

                return true;
            };
            $ends = array_values(array_filter(array_column($charges, 'toH'), static fn(float $h): bool => $h > 10.0));
            sort($ends);
            $expected = null;
            foreach ($ends as $end) {
                if ($free($end)) {
                    $expected = $end;
                    break;
                }
            }
            self::assertSame($expected, Order::chargerFree($own, $others, $chargers), "night $n");
        }
    }

    public function testOnRandomYards(): void
    {
        $random = new Randomizer(new Mt19937(83));
        $days = Calendar::of(array_map(static fn(int $d): array => [24.0 * $d + 8.0, 24.0 * $d + 16.0], range(0, 40)));
        $places = ['quay', 'middle', 'loft'];
        for ($n = 0; $n < 120; ++$n) {
            $stays = [];
            for ($k = $random->getInt(2, 9); $k > 0; --$k) {
                $from = 24.0 * $random->getInt(0, 3) + $random->getInt(8, 15);
                $to = $from + $random->getInt(2, 30);
                $charge = $random->getInt(0, 1) === 0 ? null : ['fromH' => $from + 1.0, 'toH' => ($from + 1.0 + $to) / 2.0];
                $stays[] = self::stay($from, $to, $random->getInt(1, 2), $places[$random->getInt(0, 2)], $stays === [], $charge);
            }
            $crew = $random->getInt(2, 4);
            $chargers = $random->getInt(1, 2);
            $moves = Order::better($stays, self::shared($places, $crew, $chargers), $days);
            self::assertArrayNotHasKey(0, $moves);
            $after = $stays;
            foreach ($moves as $k => $at) {
                self::assertGreaterThanOrEqual($stays[$k]['fromH'], $at['fromH']);
                $after[$k] = [...self::moved($stays[$k], $at['fromH'] - $stays[$k]['fromH']), 'place' => $at['place']];
            }
            foreach ($after as $i => $a) {
                foreach ($after as $j => $b) {
                    self::assertFalse(
                        $i < $j && $a['place'] === $b['place'] && $a['fromH'] < $b['toH'] && $b['fromH'] < $a['toH'],
                        "$i and $j in yard $n",
                    );
                }
            }
            self::assertSame([], Crew::over($after, $crew), "yard $n");
            self::assertSame([], Crew::over(self::charges($after), $chargers), "yard $n");
            // Left to wait in the order of their starts, each in its own place, they would be at least as late.
            $waited = [$after[0]];
            $late = 0.0;
            $rest = array_slice($stays, 1);
            usort($rest, static fn(array $a, array $b): int => $a['fromH'] <=> $b['fromH']);
            foreach ($rest as $stay) {
                $from = $stay['fromH'];
                $length = $stay['toH'] - $stay['fromH'];
                $isFree = static fn(float $h): bool => array_filter(
                    $waited,
                    static fn(array $w): bool => $w['place'] === $stay['place'] && $w['fromH'] < $h + $length && $w['toH'] > $h,
                ) === [] && Crew::over([...$waited, self::moved($stay, $h - $stay['fromH'])], $crew) === []
                    && Crew::over(self::charges([...$waited, self::moved($stay, $h - $stay['fromH'])]), $chargers) === [];
                while (!$isFree($from)) {
                    $from = $days->next($from + 1.0);
                }
                $late += $from - $stay['fromH'];
                $waited[] = self::moved($stay, $from - $stay['fromH']);
            }
            self::assertLessThanOrEqual($late + 1e-6, Order::late($stays, $moves), "yard $n");
        }
    }

    /**
     * @param array{fromH: float, toH: float, people: int, place: string, begun: bool, charge: ?array{fromH: float, toH: float}} $stay
     *
     * @return array{fromH: float, toH: float, people: int, place: string, begun: bool, charge: ?array{fromH: float, toH: float}}
     */
    private static function moved(array $stay, float $byH): array
    {
        $charge = $stay['charge'];

        return self::stay(
            $stay['fromH'] + $byH,
            $stay['toH'] + $byH,
            $stay['people'],
            $stay['place'],
            $stay['begun'],
            $charge === null ? null : ['fromH' => $charge['fromH'] + $byH, 'toH' => $charge['toH'] + $byH],
        );
    }

    /**
     * @param list<array{fromH: float, toH: float, people: int, place: string, begun: bool, charge: ?array{fromH: float, toH: float}}> $stays
     *
     * @return list<array{fromH: float, toH: float, people: int}>
     */
    private static function charges(array $stays): array
    {
        return array_map(
            static fn(array $c): array => [...$c, 'people' => 1],
            array_values(array_filter(array_column($stays, 'charge'))),
        );
    }
}
