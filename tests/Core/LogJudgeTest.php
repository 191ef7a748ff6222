<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Aftercare\LogDay;
use Pebblefell\Stage\Aftercare\LogJudge;
use Pebblefell\Study;
use PHPUnit\Framework\TestCase;

/** A log beside a plan of 20 W around the clock, 480 Wh a day; each verdict with its near miss. */
final class LogJudgeTest extends TestCase
{
    use SoundSystem;

    public function testWhatFitsIsSaidToFit(): void
    {
        self::assertSame(['fits'], self::says([]));
        self::assertSame(['few-days'], self::says([], 2));
        self::assertSame(['few-days'], self::says(['hours' => 12.0]), 'half days do not count');
    }

    public function testMoreOrLessThanWasListed(): void
    {
        self::assertSame([], array_diff(self::says(['out_wh' => 590.0, 'in_wh' => 590.0]), ['fits']), 'a quarter more is as planned');
        self::assertContains('more-used', self::says(['out_wh' => 610.0, 'in_wh' => 610.0]));
        // What left the battery is the least that was used: beside a mains charger nothing is known of the rest.
        self::assertSame(['fits'], self::says(['out_wh' => 280.0, 'in_wh' => 280.0]));
        $sun = ['parts' => [
            self::part('b1', 'battery', self::LFP), self::part(
                'f1',
                'breaker',
                ['rating_a' => 100],
            ), self::part('p1', 'panel', self::PANEL),
            self::part('r1', 'regulator', ['max_pv_v' => 75, 'max_charge_a' => 15, 'technology' => 'mppt', 'lithium' => 'custom']),
        ]];
        self::assertContains('less-used', self::says(['out_wh' => 180.0, 'in_wh' => 180.0, 'sun_wh' => 280.0], change: $sun));
        self::assertNotContains('less-used', self::says(['out_wh' => 180.0, 'in_wh' => 180.0, 'sun_wh' => 300.0], change: $sun));
    }

    /** It came to 15 %: if less came in than went out the sources failed; if it was put back the bank does not carry the day. */
    public function testWasItBatteryOrSun(): void
    {
        self::assertContains('was-sun', self::says(['low_pct' => 15.0, 'in_wh' => 380.0]));
        self::assertContains('was-battery', self::says(['low_pct' => 15.0, 'in_wh' => 478.0]));
        self::assertSame(['fits'], self::says(['low_pct' => 21.0, 'in_wh' => 380.0]));
    }

    public function testSomethingRunsByNightThatNobodyListed(): void
    {
        self::assertContains('unlisted', self::says(['night_w' => 36.0]));
        self::assertSame(['fits'], self::says(['night_w' => 34.0]), '20 W planned, a quarter and 10 W are let pass');
    }

    public function testTheTop(): void
    {
        self::assertContains('never-full', self::says(['high_pct' => 90.0], 14));
        self::assertSame(['fits'], self::says(['high_pct' => 90.0], 13));
        self::assertContains('held-full', self::says(['top_h' => 13.0]));
        self::assertSame(['fits'], self::says(['top_h' => 11.0]));
    }

    /** LFP of four cells with 8 % left rests at about 11.9 V by its curve: lower, with 30 % shown, is a bank that shrank. */
    public function testABankThatShrank(): void
    {
        $ends = 4.0 * Chemistry::Lfp->restCurve()->volts(8.0);
        self::assertContains('shrunk', self::says(['rest_v' => $ends - 0.05]));
        self::assertSame(['fits'], self::says(['rest_v' => $ends + 0.05]));
    }

    /** The promise is the simulation's of that month; a bank that is full takes no more, and then it says nothing. */
    public function testASourceThatCameShort(): void
    {
        $parts = [
            self::part('p1', 'panel', self::PANEL),
            self::part('r1', 'regulator', ['max_pv_v' => 75, 'max_charge_a' => 15, 'technology' => 'mppt', 'lithium' => 'custom']),
        ];
        $promised = array_column(Study::of(self::system(parts: $parts))->simulations->sun()->months ?? [], 'plannedWh', 'month')[6];
        self::assertGreaterThan(200.0, $promised);
        self::assertContains('sun-short', self::says(['sun_wh' => 0.5 * $promised, 'high_pct' => 80.0], parts: $parts));
        self::assertContains('sun-never-came', self::says(['sun_wh' => 0.01 * $promised, 'high_pct' => 80.0], parts: $parts));
        self::assertSame(['fits'], self::says(['sun_wh' => 0.7 * $promised, 'high_pct' => 80.0], parts: $parts));
        self::assertSame(['fits'], self::says(['sun_wh' => 0.5 * $promised, 'high_pct' => 99.0], parts: $parts));
    }

    /**
     * @param array<string, mixed>        $day   what differs from a day as planned
     * @param array<array<string, mixed>> $parts
     * @param array<string, mixed>        $change of the system
     *
     * @return list<string>
     */
    private static function says(array $day, int $days = 5, array $parts = [], array $change = []): array
    {
        $log = [];
        for ($d = 1; $d <= $days; ++$d) {
            $log[] = LogDay::fromArray(
                [
                    'day' => sprintf('2026-06-%02d', $d), 'hours' => 24.0, 'in_wh' => 480.0, 'out_wh' => 480.0, 'low_pct' => 60.0,
                    'high_pct' => 100.0, 'top_h' => 2.0, 'night_w' => 20.0, ...$day,
                ],
            );
        }

        return array_map(
            static fn(Word $w): string => substr($w->key, strlen('log.says.')),
            LogJudge::of(Study::of(self::system($change, $parts)), $log)->says,
        );
    }
}
