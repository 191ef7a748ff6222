<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Finding\Change;
use Pebblefell\Stage\Bank\Waking;
use Pebblefell\Stage\Wiring\Opened;
use Pebblefell\Study;
use Pebblefell\System\Change\Plan;
use Pebblefell\System\JobFile;
use Pebblefell\System\Part;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What brings a dark bank back: common practice, as the sheets note it and as the circuit lies. */
final class WakingTest extends TestCase
{
    use SoundSystem;

    /**
     * @param array<string, mixed> $battery
     * @param array<string, mixed> $charger
     */
    private static function waking(array $battery, array $charger, bool $relay = false): Waking
    {
        $parts = $relay ? [self::part('r1', 'isolator', ['method' => 'relay'])] : [];
        $system = self::system(['parts' => [
            self::part('b1', 'battery', [...self::LFP, ...$battery]),
            self::part('k1', 'mains_charger', ['output_a' => 30, 'lithium' => 'custom', ...$charger]),
            ...$parts,
        ], 'conductors' => []]);
        $waking = Study::of($system)->waking();
        self::assertNotNull($waking);

        return $waking;
    }

    /**
     * @return iterable<string, array{array<string, mixed>, array<string, mixed>, bool, array<string, string>, ?bool}>
     */
    public static function sheets(): iterable
    {
        yield 'by itself' => [['wakes_by' => 'itself'], ['gives_dead_volts' => false], false, ['k1' => 'itself'], false];
        yield 'a charger that gives volts' => [['wakes_by' => 'charge'], ['gives_dead_volts' => true], false, ['k1' => 'wakes'], false];
        yield 'a charger that waits for volts' => [
            ['wakes_by' => 'charge'], ['gives_dead_volts' => false], false, ['k1' => 'cannot'], true,
        ];
        yield 'a charger that nobody knows' => [['wakes_by' => 'charge'], [], false, ['k1' => 'unknown'], null];
        yield 'beside it a relay to the alternator' => [
            ['wakes_by' => 'charge'], ['gives_dead_volts' => false], true, ['k1' => 'cannot', 'r1' => 'wakes'], false,
        ];
        yield 'a button' => [['wakes_by' => 'button'], ['gives_dead_volts' => true], false, ['k1' => 'button'], false];
        yield 'nothing noted' => [[], [], false, ['k1' => 'unknown'], null];
    }

    /**
     * @param array<string, mixed>  $battery
     * @param array<string, mixed>  $charger
     * @param array<string, string> $does
     */
    #[DataProvider('sheets')]
    public function testASourceWakesWhatItsSheetsLetItWake(array $battery, array $charger, bool $relay, array $does, ?bool $stuck): void
    {
        $waking = self::waking($battery, $charger, $relay);
        self::assertSame(Waking::BMS, array_column($waking->rows, 'way'));
        foreach ($waking->rows as $row) {
            self::assertSame($does, $row['by']);
        }
        self::assertSame($stuck, $waking->isStuck());
    }

    public function testBehindWhatHasOpenedOnlyWhatStillReachesTheBankGoesOn(): void
    {
        $system = self::system(['parts' => [
            self::part('b1', 'battery', [...self::LFP, 'wakes_by' => 'itself']),
            self::part('f1', 'fuse', ['rating_a' => 100]),
            self::part('d1', 'low_voltage_disconnect', ['rating_a' => 60, 'disconnect_v' => 11.5, 'reconnect_v' => 12.6]),
            self::part('k1', 'mains_charger', ['output_a' => 30, 'lithium' => 'custom']),
            self::part('k2', 'mains_charger', ['output_a' => 10, 'lithium' => 'custom']),
            self::part('k3', 'mains_charger', ['output_a' => 10, 'lithium' => 'custom']),
            self::part('x1', 'distribution_box', ['circuits' => 8]),
        ], 'conductors' => [
            ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'],
            ['uid' => 'c2', 'from' => 'f1.out', 'to' => 'd1.supply'],
            ['uid' => 'c3', 'from' => 'd1.load', 'to' => 'x1.supply_plus'],
            ['uid' => 'c4', 'from' => 'k1.output_plus', 'to' => 'f1.out'],
            ['uid' => 'c5', 'from' => 'k2.output_plus', 'to' => 'x1.supply_plus'],
        ]]);
        $waking = Study::of($system)->waking();
        $rows = array_column($waking->rows ?? [], null, 'way');
        self::assertSame(['k1' => 'goes-on', 'k2' => 'cannot', 'k3' => 'unknown'], $rows['disconnect']['by']);
        self::assertSame(['k1' => 'cannot', 'k2' => 'cannot', 'k3' => 'unknown'], $rows['breaker']['by']);
        $uids = static fn(array $parts): array => array_map(static fn(Part $p): string => $p->uid, $parts);
        self::assertSame(
            [['x1'], ['x1'], ['x1']],
            [$uids($rows['empty']['dark']), $uids($rows['disconnect']['dark']), $uids($rows['breaker']['dark'])],
        );
    }

    public function testWhatOpensIsToldInTheOrderOfDanger(): void
    {
        $system = self::system(['parts' => [
            self::part('b1', 'battery', self::LFP),
            self::part('f1', 'fuse', ['rating_a' => 100]),
            self::part('f2', 'fuse', ['rating_a' => 30]),
            self::part('p1', 'panel', self::PANEL),
            self::part('r1', 'regulator', ['technology' => 'mppt', 'max_charge_a' => 20]),
            self::part('x1', 'distribution_box', ['circuits' => 8]),
            self::part('f9', 'fuse', ['rating_a' => 5]),
        ], 'conductors' => [
            ['uid' => 'c1', 'from' => 'b1.plus', 'to' => 'f1.in'], ['uid' => 'c2', 'from' => 'f1.out', 'to' => 'x1.supply_plus'],
            ['uid' => 'c3', 'from' => 'b1.plus', 'to' => 'f2.in'], ['uid' => 'c4', 'from' => 'f2.out', 'to' => 'r1.battery_plus'],
            ['uid' => 'c5', 'from' => 'p1.plus', 'to' => 'r1.pv_plus'],
        ]]);
        $opened = static fn(array $open, bool $sun): Opened => Opened::of(
            Study::of($system),
            array_values($open),
            ['sun' => $sun, 'engine' => false, 'shore' => false, 'generator' => false],
        );
        $uids = static fn(array $parts): array => array_map(static fn(Part $p): string => $p->uid, $parts);
        $none = $opened([], true);
        self::assertSame(
            [['b1', 'f1', 'f2'], [], []],
            [$uids($none->mayOpen), $uids($none->dark), $none->inDanger()],
            'what is not drawn cannot be tried',
        );
        self::assertSame([['x1'], []], [$uids($opened(['f1'], false)->dark), $opened(['f1'], false)->inDanger()]);
        $lost = $opened(['f2', 'p1', 'nothing'], true);
        self::assertSame([['f2'], ['r1']], [$lost->open, $uids($lost->inDanger())]);
        self::assertSame([], $opened(['f2'], false)->inDanger());
        // The same regulator before anybody has drawn its lead: asked, not cried.
        $bare = Opened::of(
            Study::of(Plan::with($system, [Change::remove('conductor', 'c4')])),
            [],
            ['sun' => true, 'engine' => false, 'shore' => false, 'generator' => false],
        );
        self::assertSame([[], 'undrawn'], [$bare->inDanger(), $bare->endangered[0]['rule'] ?? '']);
    }

    public function testLeadHasNothingThatOpens(): void
    {
        $waking = Study::of(self::system(battery: self::AGM))->waking();
        self::assertSame(['breaker'], array_column($waking->rows ?? [], 'way'));
        self::assertFalse($waking?->isStuck());
        self::assertNull(
            Study::of(
                JobFile::fromArray(
                    [
                        ...json_decode((string) file_get_contents(dirname(__DIR__) . '/files/v1/travelling-bakery.json'), true),
                        'parts' => [],
                    ],
                ),
            )->waking(),
        );
    }
}
