<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Schema\SchemaCheck;
use App\Words\Lexicon;
use Pebblefell\Study;
use Pebblefell\System\Answer;
use Pebblefell\System\Conductor;
use Pebblefell\System\Fate;
use Pebblefell\System\JobFile;
use Pebblefell\System\PartKind;
use Pebblefell\System\System;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The job file: every version ever written is read, and what goes out comes in as it was. */
final class JobFileTest extends TestCase
{
    use Says;

    /**
     * @return iterable<string, array{string}> files as version 1 wrote them, with pictures left as they were
     */
    public static function version1(): iterable
    {
        foreach (glob(dirname(__DIR__) . '/files/v1/*.json') ?: [] as $path) {
            yield basename($path, '.json') => [$path];
        }
    }

    #[DataProvider('version1')]
    public function testAFileOfVersion1IsReadAndGoesOutAsVersion2(string $path): void
    {
        $text = (string) file_get_contents($path);
        $tree = json_decode($text, true);
        self::assertSame(1, $tree['version']);
        $value = json_decode($text);
        self::assertSame([], SchemaCheck::faults($value, self::schema()));
        $system = JobFile::fromArray($tree);
        $again = json_decode(JobFile::encode($system), true);
        self::assertSame(2, $again['version']);
        $expected = [...JobFile::upgrade($tree), 'choices' => []];
        // An answer is tied to figures, not to what they were called then.
        $expected['answers'] = array_map(static fn(array $a): array => Answer::fromArray($a)->toArray(), $expected['answers'] ?? []);
        self::assertEquals(self::withoutPictures($expected), self::withoutPictures($again));
        foreach (Study::of($system)->assessment()->verdicts as $verdict) {
            if (in_array($verdict->finding->key(), array_column($tree['answers'] ?? [], 'finding'), true)) {
                self::assertFalse($verdict->isOpen(), 'asked again: ' . $verdict->finding->key());
            }
        }
        // Read again it is the same system, judged alike.
        self::assertEquals(self::keys($system), self::keys(JobFile::fromArray($again)));
    }

    public function testVersion1CallsFuseFamiliesByTradeNames(): void
    {
        $tree = json_decode((string) file_get_contents(dirname(__DIR__) . '/files/v1/library-trailer.json'), true);
        $families = static fn(array $tree): array => array_values(
            array_filter(array_map(static fn(array $p): ?string => $p['data']['family'] ?? null, $tree['parts'])),
        );
        self::assertContains('bolt_mega', $families($tree));
        self::assertSame(
            array_map(static fn(string $f): string => ['bolt_mega' => 'sf51', 'bolt_midi' => 'sf30'][$f] ?? $f, $families($tree)),
            $families(JobFile::upgrade($tree)),
        );
        self::assertSame(JobFile::upgrade($tree), JobFile::upgrade(JobFile::upgrade($tree)));
    }

    /** Random systems: out, in, out again gives the same bytes, and the schema has nothing against them. */
    public function testRandomSystemsGoOutAndInByteForByte(): void
    {
        mt_srand(63);
        for ($n = 0; $n < 60; ++$n) {
            $system = JobFile::fromArray(self::random());
            $text = JobFile::encode($system);
            $value = json_decode($text);
            self::assertSame([], SchemaCheck::faults($value, self::schema()), $text);
            self::assertSame($text, JobFile::encode(JobFile::fromArray(json_decode($text, true))));
        }
    }

    /** What a rule says follows from the model alone: the order of the rows that have no order changes no finding. */
    public function testFindingsDoNotHangOnTheOrderOfRows(): void
    {
        mt_srand(64);
        for ($n = 0; $n < 25; ++$n) {
            $tree = self::random();
            $shuffled = $tree;
            foreach (['conductors', 'signals', 'settings', 'measurements'] as $rows) {
                shuffle($shuffled[$rows]);
            }
            $a = self::keys(JobFile::fromArray($tree));
            $b = self::keys(JobFile::fromArray($shuffled));
            sort($a);
            sort($b);
            self::assertSame($a, $b);
        }
    }

    public function testFoundAndPlannedAreTwoStatesOfOneGraph(): void
    {
        mt_srand(65);
        for ($n = 0; $n < 40; ++$n) {
            $system = JobFile::fromArray(self::random());
            foreach ($system->parts as $uid => $part) {
                self::assertSame($part->fate !== Fate::Add, isset($system->found()->parts[$uid]));
                self::assertSame(!in_array($part->fate, [Fate::Remove, Fate::Disconnect], true), isset($system->planned()->parts[$uid]));
            }
            foreach ($system->conductors as $uid => $conductor) {
                $planned = isset($system->planned()->conductors[$uid]);
                self::assertSame($planned, $system->fateOf($conductor)->isPlanned());
                self::assertSame($planned, $conductor->fate->isPlanned() && self::ends($system, $conductor));
            }
        }
    }

    public function testPartsOfOneNameAreToldApart(): void
    {
        $battery = ['kind' => 'battery', 'data' => ['chemistry' => 'agm', 'nominal_v' => 12.0, 'capacity_ah' => 100.0]];
        $system = JobFile::fromArray([...self::random(), 'parts' => [
            ['uid' => 'p10', ...$battery], ['uid' => 'p2', ...$battery], ['uid' => 'p3', 'role' => 'starter', ...$battery], [
                'uid' => 'p4', 'make' => 'Brimsdal', 'model' => 'Mat', ...$battery,
            ], ['uid' => 'p5', 'make' => 'Brimsdal', 'model' => 'Mat', ...$battery],
        ], 'conductors' => [], 'signals' => [], 'settings' => [], 'measurements' => []]);
        self::assertSame(
            [
                'p10' => 'house battery 2', 'p2' => 'house battery 1', 'p3' => 'starter battery', 'p4' => 'Brimsdal Mat',
                'p5' => 'Brimsdal Mat',
            ],
            array_map(self::said(...), $system->parts),
        );
        self::assertSame(
            ['Brimsdal Mat no. 1', 'Brimsdal Mat no. 2'],
            [Lexicon::plain()->onePart($system->parts['p4']), Lexicon::plain()->onePart($system->parts['p5'])],
        );
    }

    private static function ends(System $system, Conductor $conductor): bool
    {
        return $system->parts[$conductor->from->uid]->fate->isPlanned() && $system->parts[$conductor->to->uid]->fate->isPlanned();
    }

    /**
     * @return list<string> rule, severity and subject of every finding
     */
    private static function keys(System $system): array
    {
        return array_map(
            static fn($v): string => $v->finding->key() . ' ' . $v->finding->severity->value,
            Study::of($system)->assessment()->verdicts,
        );
    }

    /**
     * A job such as nobody would build, but somebody could type.
     *
     * @return array<string, mixed>
     */
    private static function random(): array
    {
        $pick = static fn(array $of): mixed => $of[mt_rand(0, count($of) - 1)];
        $parts = [];
        foreach (range(1, mt_rand(1, 14)) as $i) {
            $kind = $pick(PartKind::cases());
            $data = [];
            foreach ($kind->fields() as $key => $field) {
                if ($field->required || mt_rand(0, 2) === 0) {
                    $data[$key] = match ($field->type) {
                        'number' => round($field->low + ($field->high - $field->low) * (mt_rand(0, 1000) / 1000) ** 2, 3),
                        'choice' => $pick($field->choices),
                        'flag' => mt_rand(0, 1) === 1,
                        'date' => sprintf('2026-%02d-%02d', mt_rand(1, 12), mt_rand(1, 28)),
                        default => 'ä “b” ' . mt_rand(),
                    };
                }
            }
            if ($kind === PartKind::Battery) {
                $data['nominal_v'] = $pick([12.0, 12.8, 6.0, 24.0, 25.6, 51.2]);
            }
            $parts[] = [
                'uid' => "p$i", 'kind' => $kind->value, 'fate' => $pick(Fate::cases())->value,
                'role' => $pick(['house', 'house', 'starter']), 'make' => $pick(['', 'Testmake']), 'model' => $pick(['', 'Model 1']),
                'serial' => (string) mt_rand(), 'firmware' => '', 'place' => $pick(['', 'locker']), 'replaces' => '', 'note' => '',
                'data' => $data, 'origins' => [], 'photos' => [],
            ];
        }
        $terminals = [];
        foreach ($parts as $part) {
            foreach (array_keys(PartKind::from($part['kind'])->terminals()) as $terminal) {
                $terminals[] = $part['uid'] . '.' . $terminal;
            }
        }
        $conductors = [];
        foreach (range(1, mt_rand(1, 12)) as $i) {
            [$a, $b] = [$terminals === [] ? '' : $pick($terminals), $terminals === [] ? '' : $pick($terminals)];
            if ($a !== $b) {
                $conductors[] = [
                    'uid' => "c$i", 'from' => $a, 'to' => $b, 'fate' => $pick(Fate::cases())->value,
                    'size_mm2' => $pick([null, 16.0, 35.0]), 'length_m' => $pick([null, 0.5, 3.2]),
                    'insulation_c' => $pick([null, 70.0, 105.0]), 'route' => '', 'protected_by' => '',
                ];
            }
        }
        $appliances = array_map(
            static fn(int $i): array => [
                'uid' => "a$i", 'name' => "load $i", 'side' => $pick(['dc', 'ac']), 'watts' => mt_rand(0, 2000) / 2, 'quantity' => 1.0,
                'duty_pct' => (float) mt_rand(0, 100), 'standby_w' => 0.0, 'surge_w' => $pick([null, 500.0]), 'circuit' => '',
                'hours' => ['s1' => [['from_h' => 22.0, 'to_h' => 6.5]]],
            ],
            range(1, mt_rand(1, 6)),
        );

        return [
            'format' => 'pebblefell-job', 'version' => 2, 'title' => 'Random', 'region' => $pick(
                ['europe', 'united_kingdom', 'australia_new_zealand', 'north_america'],
            ), 'target_chemistry' => $pick(['lfp', 'agm']),
            'client' => ['name' => 'Nobody', 'email' => '', 'phone' => '', 'address' => ''],
            'vehicle' => [
                'kind' => 'trailer', 'description' => '', 'registration' => '', 'system_v' => $pick([12.0, 24.0, 48.0]),
                'chassis_bonded' => mt_rand(0, 1) === 1, 'length_m' => null, 'axles' => null, 'payload_kg' => $pick([null, 80.0]),
                'axle_kg' => null, 'roof_m2' => $pick([null, 4.0]), 'bay_mm' => $pick([null, [600.0, 400.0, 250.0]]),
            ],
            'travel' => [
                'months' => $pick([[], [6], [1, 2, 12]]), 'wish_days' => mt_rand(1, 20) / 2,
                'hook_up' => $pick(['never', 'sometimes', 'mostly']), 'driving_h_day' => (float) mt_rand(0, 6),
                'coldest_battery_c' => $pick([null, -12.0]), 'shade' => [], 'notes' => '', 'stay' => null,
                'budget' => $pick([null, 3000.0]),
            ],
            'place' => $pick(
                [
                    null,
                    [
                        'name' => 'Somewhere', 'latitude_deg' => 63.0, 'longitude_deg' => 8.0, 'clearness' => array_fill(0, 12, 0.4),
                        'min_c' => array_fill(0, 12, -3.0), 'record_low_c' => null,
                    ],
                ],
            ),
            'parts' => $parts, 'conductors' => $conductors, 'signals' => [], 'scenarios' => [
                ['uid' => 's1', 'name' => 'day', 'sizing' => true, 'inverter_always_on' => false],
            ], 'appliances' => $appliances, 'settings' => [], 'measurements' => [], 'answers' => [],
        ];
    }

    /**
     * @param array<string, mixed> $tree
     *
     * @return array<string, mixed>
     */
    private static function withoutPictures(array $tree): array
    {
        $tree['parts'] = array_map(static fn(array $p): array => [...$p, 'photos' => []], $tree['parts']);

        return $tree;
    }

    private static function schema(): object
    {
        return json_decode((string) file_get_contents(dirname(__DIR__, 2) . '/docs/job.schema.json'));
    }
}
