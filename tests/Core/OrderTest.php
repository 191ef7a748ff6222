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
     * @return array{fromH: float, toH: float, people: int, place: string, begun: bool}
     */
    private static function stay(float $from, float $to, int $people, string $place, bool $begun = false): array
    {
        return ['fromH' => $from, 'toH' => $to, 'people' => $people, 'place' => $place, 'begun' => $begun];
    }

    public function testByHand(): void
    {
        $days = Calendar::of([[8.0, 16.0], [32.0, 40.0], [56.0, 64.0]]);
        // Two want the quay from eight: the other bay is free, so one goes there at once.
        $two = [self::stay(8.0, 14.0, 1, 'quay'), self::stay(8.0, 12.0, 1, 'quay')];
        self::assertSame(['loft'], array_column(Order::better($two, ['quay', 'loft'], null, $days), 'place'));
        // With one bay the short one goes first: four hours of waiting instead of six.
        self::assertSame([0 => ['fromH' => 12.0, 'place' => 'quay']], Order::better($two, ['quay'], null, $days));
        // Two people at one time: the second waits though a bay is free; what would begin at night begins in the morning.
        $crew = [self::stay(8.0, 18.0, 2, 'quay', true), self::stay(9.0, 12.0, 1, 'loft')];
        self::assertSame([1 => ['fromH' => 32.0, 'place' => 'loft']], Order::better($crew, ['quay', 'loft'], 2, $days));
        self::assertSame([], Order::better($crew, ['quay', 'loft'], 3, $days));
        // No bay at all is always free; more people than there are are asked for whenever it is.
        self::assertSame([], Order::better([self::stay(8.0, 9.0, 1, ''), self::stay(8.0, 9.0, 1, '')], ['quay'], null, $days));
        self::assertSame([], Order::better([self::stay(8.0, 9.0, 5, 'quay')], ['quay'], 2, $days));
    }

    /** Random yards: afterwards nobody stands in another's way, none begins earlier, what has begun stays, and no order of starts is better. */
    public function testOnRandomYards(): void
    {
        $random = new Randomizer(new Mt19937(83));
        $days = Calendar::of(array_map(static fn(int $d): array => [24.0 * $d + 8.0, 24.0 * $d + 16.0], range(0, 40)));
        $places = ['quay', 'middle', 'loft'];
        for ($n = 0; $n < 120; ++$n) {
            $stays = [];
            for ($k = $random->getInt(2, 9); $k > 0; --$k) {
                $from = 24.0 * $random->getInt(0, 3) + $random->getInt(8, 15);
                $stays[] = self::stay($from, $from + $random->getInt(2, 30), $random->getInt(1, 2), $places[$random->getInt(0, 2)], $stays === []);
            }
            $crew = $random->getInt(2, 4);
            $moves = Order::better($stays, $places, $crew, $days);
            self::assertArrayNotHasKey(0, $moves);
            $after = $stays;
            foreach ($moves as $k => $at) {
                self::assertGreaterThanOrEqual($stays[$k]['fromH'], $at['fromH']);
                $after[$k] = [...$stays[$k], ...$at, 'toH' => $at['fromH'] + $stays[$k]['toH'] - $stays[$k]['fromH']];
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
                ) === [] && Crew::wanted($waited, $h, $h + $length) + $stay['people'] <= $crew;
                while (!$isFree($from)) {
                    $from = $days->next($from + 1.0);
                }
                $late += $from - $stay['fromH'];
                $waited[] = [...$stay, 'fromH' => $from, 'toH' => $from + $length];
            }
            self::assertLessThanOrEqual($late + 1e-6, Order::late($stays, $moves), "yard $n");
        }
    }
}
