<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Bank\Fade;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Stage\Aftercare\Drift;
use Pebblefell\Stage\NotedTick;
use Pebblefell\Stage\Reading;
use Pebblefell\Stage\Ticks;
use PHPUnit\Framework\TestCase;

/** Fading and drift against closed forms. */
final class AftercareTest extends TestCase
{
    public function testAStraightFadeCrossesWhereTheLineDoes(): void
    {
        // 200 Ah, 4 Ah a year less: 80 % of 200 is 160, ten years after the start, seven after the third.
        $fade = Fade::of(
            [
                ['years' => 0.0, 'ah' => 200.0], ['years' => 1.0, 'ah' => 196.0], ['years' => 2.0, 'ah' => 192.0],
                ['years' => 3.0, 'ah' => 188.0],
            ],
            200.0,
        );
        self::assertEqualsWithDelta(188.0, $fade->nowAh, 1e-9);
        self::assertEqualsWithDelta(-4.0, $fade->perYearAh, 1e-9);
        self::assertEqualsWithDelta(7.0, $fade->endYears ?? 0.0, 1e-9);
        // No scatter: the doubt is the test's own, 2 % of 194 Ah over √Σ(t − 1.5)² = √5.
        self::assertEqualsWithDelta(0.02 * 194.0 / sqrt(5.0), $fade->sigmaPerYearAh, 1e-9);
        self::assertEqualsWithDelta(28.0 / (4.0 + 2.0 * 0.02 * 194.0 / sqrt(5.0)), $fade->soonestYears ?? 0.0, 1e-9);
        // Scatter by hand: 100, 90, 95 at 0, 1, 2: slope −2.5, residuals 1.67, −5.83… s² = Σr² ÷ 1 = 37.5, σ = √(37.5 ÷ 2).
        $rough = Fade::of([['years' => 0.0, 'ah' => 100.0], ['years' => 1.0, 'ah' => 90.0], ['years' => 2.0, 'ah' => 95.0]], 100.0);
        self::assertEqualsWithDelta(-2.5, $rough->perYearAh, 1e-9);
        self::assertEqualsWithDelta(sqrt(37.5 / 2.0), $rough->sigmaPerYearAh, 1e-9);
        self::assertNull(Fade::of([['years' => 0.0, 'ah' => 100.0], ['years' => 1.0, 'ah' => 101.0]], 100.0)->endYears);
        self::assertSame(0.0, Fade::of([['years' => 0.0, 'ah' => 90.0], ['years' => 1.0, 'ah' => 70.0]], 100.0)->endYears);
        $this->expectException(InvalidValue::class);
        Fade::of([['years' => 1.0, 'ah' => 100.0], ['years' => 1.0, 'ah' => 99.0]], 100.0);
    }

    public function testWhatGoesWithTheCurrentIsComparedByTheAmpere(): void
    {
        $line = static fn(string $key, Reading $reading): array => ['key' => $key, 'does' => 'way', 'args' => [], 'reading' => $reading];
        $ohm = new Reading('volts', 'V', 0.0, 0.02, 0.0, 0.004);
        $lines = [
            $line('way', $ohm), $line('same', $ohm), $line('amps', new Reading('amps', 'A', 21.0, 33.0)), $line('new', $ohm),
            $line('gone', $ohm),
        ];
        $drift = Drift::of(
            $lines,
            Ticks::of(
                [
                    new NotedTick('way', NotedTick::DONE, 0.2, amps: 100.0), new NotedTick('same', NotedTick::DONE, 0.2, amps: 100.0),
                    new NotedTick('amps', NotedTick::DONE, 30.0), new NotedTick('gone', NotedTick::DONE, 0.2, amps: 100.0),
                ],
            ),
            Ticks::of(
                [
                    new NotedTick('way', NotedTick::DONE, 0.15, amps: 50.0), new NotedTick('same', NotedTick::DONE, 0.11, amps: 50.0),
                    new NotedTick('amps', NotedTick::DONE, 20.0), new NotedTick('new', NotedTick::DONE, 0.2, amps: 50.0),
                ],
            ),
        );
        $rows = array_column($drift->rows, null, 'key');
        self::assertSame(['way', 'same', 'amps', 'gone'], array_keys($rows), 'what was not measured then is not compared');
        // 2 mΩ, then 3 mΩ: half as much again, within its limit of 4 mΩ.
        self::assertEqualsWithDelta(0.5, $rows['way']['change'] ?? 0.0, 1e-9);
        self::assertSame([true, true], [$rows['way']['drifted'], $rows['way']['good']]);
        self::assertFalse($rows['same']['drifted'], 'a tenth more is no drift of a joint');
        self::assertSame([true, false], [$rows['amps']['drifted'], $rows['amps']['good']]);
        self::assertNull($rows['gone']['now']);
        self::assertSame([3, 2], [$drift->read(), $drift->off()]);
    }
}
