<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\System\Fate;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Reach;
use Pebblefell\System\JobFile;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\System;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * One list of parts, two states: what holds between what is found and what is planned, whatever a plan does; and what a silent sheet is
 * taken for.
 */
final class StatesTest extends TestCase
{
    /**
     * @return iterable<string, array{string}>
     */
    public static function files(): iterable
    {
        foreach (glob(dirname(__DIR__) . '/files/v1/*.json') ?: [] as $path) {
            yield basename($path, '.json') => [$path];
        }
    }

    /**
     * @return array<string, mixed>
     */
    private static function tree(string $path): array
    {
        return JobFile::upgrade(json_decode((string) file_get_contents($path), true));
    }

    /**
     * @param array<string, mixed> $tree
     */
    private static function system(array $tree): System
    {
        return JobFile::fromArray($tree);
    }

    #[DataProvider('files')]
    public function testAPartIsInTheStatesThatItsFateSays(string $path): void
    {
        mt_srand(crc32($path));
        $tree = self::tree($path);
        for ($round = 0; $round < 12; ++$round) {
            foreach ($tree['parts'] as &$part) {
                $part['fate'] = Fate::cases()[mt_rand(0, count(Fate::cases()) - 1)]->value;
            }
            unset($part);
            $system = self::system($tree);
            [$found, $planned] = [$system->found(), $system->planned()];
            foreach ($system->parts as $uid => $part) {
                self::assertSame($part->fate !== Fate::Add, isset($found->parts[$uid]), "$uid found");
                self::assertSame(
                    !in_array($part->fate, [Fate::Remove, Fate::Disconnect], true),
                    isset($planned->parts[$uid]),
                    "$uid planned",
                );
            }
            foreach ([$found, $planned] as $graph) {
                foreach ($graph->conductors as $conductor) {
                    self::assertTrue(
                        isset($graph->parts[$conductor->from->uid], $graph->parts[$conductor->to->uid]),
                        'a conductor that ends on nothing',
                    );
                }
                // Groups of joined terminals do not overlap, and hold every end of every conductor.
                $all = array_merge(
                    [],
                    ...array_map(
                        static fn(Reach $r): array => array_map(strval(...), $r->points()),
                        $graph->islands(Passage::conductors()),
                    ),
                );
                self::assertSame(count($all), count(array_unique($all)));
                foreach ($graph->conductors as $conductor) {
                    self::assertContains((string) $conductor->from, $all);
                    self::assertContains((string) $conductor->to, $all);
                }
            }
            // What stays weighs nothing new; what is added and removed weighs against one another.
            $mass = static fn(Fate $fate): float => array_sum(
                array_map(
                    static fn(Part $p): float => $p->data->orUsual('mass_kg'),
                    array_filter($system->parts, static fn(Part $p): bool => $p->fate === $fate),
                ),
            );
            self::assertEqualsWithDelta($mass(Fate::Add) - $mass(Fate::Remove), $system->difference()->massKg(), 1e-6);
        }
    }

    #[DataProvider('files')]
    public function testAPlanThatKeepsEverythingIsWhatWasFound(string $path): void
    {
        $tree = self::tree($path);
        $tree['parts'] = array_values(array_filter($tree['parts'], static fn(array $p): bool => $p['fate'] !== 'add'));
        $left = array_column($tree['parts'], 'uid');
        $there = static fn(string $end): bool => in_array(explode('.', $end)[0], $left, true);
        $tree['conductors'] = array_values(
            array_filter(
                $tree['conductors'],
                static fn(array $c): bool => ($c['fate'] ?? 'keep') !== 'add' && $there($c['from']) && $there($c['to']),
            ),
        );
        $tree['signals'] = $tree['settings'] = $tree['answers'] = [];
        $tree['measurements'] = array_values(
            array_filter($tree['measurements'] ?? [], static fn(array $m): bool => in_array($m['part'], $left, true)),
        );
        foreach (['parts', 'conductors'] as $list) {
            foreach ($tree[$list] as &$row) {
                $row['fate'] = 'keep';
                unset($row['replaces'], $row['protected_by']);
            }
            unset($row);
        }
        $system = self::system($tree);
        self::assertEquals($system->found(), $system->planned());
        self::assertSame(0.0, $system->difference()->massKg());
    }

    /**
     * Published models (../docs name their sources): what is usual where nothing is noted lies near them. Weights by common practice:
     * 105 Ah AGM 31 kg, 100 Ah LFP 11 kg, a 200 W framed panel 11 kg.
     *
     * @return iterable<string, array{PartKind, array<string, mixed>, string, float, float}> kind, sheet, line, value, tolerance
     */
    public static function silent(): iterable
    {
        $agm = ['chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 105];
        $lfp = ['chemistry' => 'lfp', 'nominal_v' => 12.8, 'capacity_ah' => 100];
        yield 'weight of an AGM block' => [PartKind::Battery, $agm, 'mass_kg', 31, 3];
        yield 'weight of an LFP block' => [PartKind::Battery, $lfp, 'mass_kg', 11, 1.5];
        yield 'weight of a panel' => [PartKind::Panel, ['pmax_w' => 200], 'mass_kg', 11, 1];
        yield 'resistance of an AGM block' => [PartKind::Battery, $agm, 'internal_mohm', 4.6, 1];
        yield 'resistance of an LFP block' => [PartKind::Battery, $lfp, 'internal_mohm', 8, 1];
        yield 'resistance follows the tested capacity' => [PartKind::Battery, [...$lfp, 'measured_ah' => 50], 'internal_mohm', 16, 2];
        yield 'the hour rate of lead' => [PartKind::Battery, $agm, 'rate_h', 20, 0];
        yield 'the hour rate of lithium' => [PartKind::Battery, $lfp, 'rate_h', 5, 0];
        yield 'lithium is not charged below freezing' => [PartKind::Battery, $lfp, 'charge_min_c', 0, 0];
        yield 'a panel lies flat' => [PartKind::Panel, ['pmax_w' => 200], 'tilt_deg', 0, 0];
        yield 'an alternator at idle' => [PartKind::Alternator, ['rated_a' => 120], 'idle_pct', 50, 10];
        yield 'a heating pad begins above freezing' => [PartKind::HeatingPad, ['heater_w' => 40], 'on_c', 1.7, 1];
    }

    /**
     * @param array<string, mixed> $values
     */
    #[DataProvider('silent')]
    public function testWhatIsUsualIsUsualAndMarked(PartKind $kind, array $values, string $line, float $usual, float $within): void
    {
        $sheet = DataSheet::of($kind, $values);
        self::assertNull($sheet->number($line));
        self::assertEqualsWithDelta($usual, $sheet->orUsual($line), $within + 1e-9);
        $figure = $sheet->figureOrUsual($line);
        self::assertSame([$sheet->orUsual($line), 'assumed'], [$figure->value, $figure->origin->value]);
        // What is noted is never guessed over.
        $noted = DataSheet::of($kind, [...$values, $line => $kind->fields()[$line]->low + 1]);
        self::assertSame(
            [$kind->fields()[$line]->low + 1, 'data_sheet'],
            [$noted->orUsual($line), $noted->figureOrUsual($line)->origin->value],
        );
    }
}
