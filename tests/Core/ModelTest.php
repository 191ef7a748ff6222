<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Words\Lexicon;
use App\Words\Show;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Origin;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Region\Region;
use Pebblefell\Region\Units;
use Pebblefell\Setting\SetValue;
use Pebblefell\System\JobFile;
use Pebblefell\System\JobSchema;
use Pebblefell\System\Kind\BatteryKind;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The model and its open form: what may stand where, and how a fault is named. */
final class ModelTest extends TestCase
{
    use Says;

    /**
     * A small valid file.
     *
     * @return array<string, mixed>
     */
    private static function file(): array
    {
        return [
            'title' => 'Raft',
            'region' => 'europe',
            'target_chemistry' => 'lfp',
            'client' => ['name' => 'Fjord'],
            'vehicle' => ['kind' => 'raft', 'system_v' => 48, 'bay_mm' => [900, 500, 300]],
            'travel' => ['months' => [1, 12], 'wish_days' => 2.5, 'shade' => [['from_h' => 14, 'to_h' => 20, 'factor' => 0.5]]],
            'place' => ['name' => 'North', 'latitude_deg' => 63, 'clearness' => array_fill(0, 12, 0.4)],
            'parts' => [
                [
                    'uid' => 'p1',
                    'kind' => 'battery',
                    'data' => ['chemistry' => 'lfp', 'nominal_v' => 51.2, 'capacity_ah' => 100],
                    'origins' => ['capacity_ah' => 'measured'],
                ],
                ['uid' => 'p2', 'kind' => 'fuse', 'fate' => 'add', 'data' => ['rating_a' => 200]],
            ],
            'conductors' => [['uid' => 'c1', 'from' => 'p1.plus', 'to' => 'p2.in', 'size_mm2' => 35, 'protected_by' => 'p2']],
            'signals' => [['uid' => 'g1', 'kind' => 'may_charge', 'from' => 'p1', 'to' => 'p2']],
            'scenarios' => [['uid' => 's1', 'name' => 'day', 'sizing' => true]],
            'appliances' => [
                [
                    'uid' => 'a1',
                    'name' => 'pump',
                    'side' => 'dc',
                    'watts' => 180,
                    'hours' => ['s1' => [['from_h' => 22, 'to_h' => 6]]],
                ],
            ],
            'settings' => [['part' => 'p1', 'parameter' => 'float_v', 'found' => '54.4', 'as_set' => 'off']],
            'measurements' => [[
                'uid' => 'm1',
                'part' => 'p1',
                'quantity' => 'volts',
                'value' => 52.8,
                'at' => '2026-11-25T08:00:00Z',
            ]],
        ];
    }

    public function testWhatIsReadIsWrittenTheSame(): void
    {
        $text = JobFile::encode(JobFile::fromArray(self::file()));
        self::assertStringEndsWith("}\n", $text);
        self::assertSame($text, JobFile::encode(JobFile::fromArray(json_decode($text, true))));
        $system = JobFile::fromArray(json_decode($text, true));
        self::assertSame(Origin::Measured, $system->parts['p1']->data->origin('capacity_ah'));
        self::assertSame(Origin::DataSheet, $system->parts['p1']->data->origin('nominal_v'));
        self::assertSame(500.0, $system->vehicle->bay?->widthMm);
        self::assertTrue($system->settings[0]->asSet?->isOff());
        self::assertEqualsWithDelta(8.0, $system->appliances['a1']->in('s1')->hours->totalH(), 1e-9);
        // Empty maps stay maps, numbers are as short as they are exact.
        self::assertStringContainsString('"origins": {}', $text);
        self::assertStringContainsString('"wish_days": 2.5', $text);
        self::assertStringContainsString('"system_v": 48,', $text);
    }

    /** @return iterable<string, array{string, callable(array<string, mixed>): array<string, mixed>}> path of the fault, what breaks the file */
    public static function faults(): iterable
    {
        $with = static fn(string $list, array $row): callable => static function (array $file) use ($list, $row): array {
            $file[$list][] = $row;

            return $file;
        };
        yield 'a uid twice' => ['/parts/2/uid', $with('parts', ['uid' => 'p1', 'kind' => 'gauge'])];
        yield 'a foreign key on a data sheet' => [
            '/parts/2/data/pmax_w',
            $with('parts', ['uid' => 'p3', 'kind' => 'fuse', 'data' => ['rating_a' => 5, 'pmax_w' => 100]]),
        ];
        yield 'a missing rating' => ['/parts/2/data/rating_a', $with('parts', ['uid' => 'p3', 'kind' => 'fuse'])];
        yield 'an absurd figure' => [
            '/parts/2/data/capacity_ah',
            $with(
                'parts',
                ['uid' => 'p3', 'kind' => 'battery', 'data' => ['chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 1e6]],
            ),
        ];
        yield 'a terminal that the part has not' => [
            '/conductors/1/to',
            $with('conductors', ['uid' => 'c2', 'from' => 'p1.plus', 'to' => 'p2.minus']),
        ];
        yield 'a conductor to nowhere' => [
            '/conductors/1/from',
            $with('conductors', ['uid' => 'c2', 'from' => 'p9.plus', 'to' => 'p2.in']),
        ];
        yield 'a conductor back to its own end' => [
            '/conductors/1/to',
            $with('conductors', ['uid' => 'c2', 'from' => 'p1.plus', 'to' => 'p1.plus']),
        ];
        yield 'protected by nothing' => [
            '/conductors/1/protected_by',
            $with('conductors', ['uid' => 'c2', 'from' => 'p1.plus', 'to' => 'p2.in', 'protected_by' => 'p7']),
        ];
        yield 'a signal to nobody' => [
            '/signals/1/to',
            $with('signals', ['uid' => 'g2', 'kind' => 'engine_running', 'from' => 'p1', 'to' => 'p7']),
        ];
        yield 'hours of an unknown scenario' => [
            '/appliances/1/hours/s9',
            $with('appliances', ['uid' => 'a2', 'name' => 'x', 'side' => 'dc', 'watts' => 1, 'hours' => ['s9' => []]]),
        ];
        yield 'an empty span' => [
            '/appliances/1/to_h',
            $with(
                'appliances',
                ['uid' => 'a2', 'name' => 'x', 'side' => 'dc', 'watts' => 1, 'hours' => ['s1' => [['from_h' => 3, 'to_h' => 3]]]],
            ),
        ];
        yield 'a setting of no part' => ['/settings/1/part', $with('settings', ['part' => 'p7', 'parameter' => 'float_v'])];
        yield 'a reading of no part' => [
            '/measurements/1/part',
            $with('measurements', ['uid' => 'm2', 'part' => 'p7', 'quantity' => 'volts', 'value' => 1, 'at' => '']),
        ];
        yield 'a replacement of nothing' => [
            '/parts/2/replaces',
            $with('parts', ['uid' => 'p3', 'kind' => 'gauge', 'replaces' => 'p7']),
        ];
        yield 'no wish' => ['/travel/wish_days', static fn(array $file): array => ['travel' => ['wish_days' => 0]] + $file];
        yield 'off the globe' => [
            '/place/latitude_deg',
            static fn(array $file): array => ['place' => ['name' => 'x', 'latitude_deg' => 99]] + $file,
        ];
    }

    /** @param callable(array<string, mixed>): array<string, mixed> $break */
    #[DataProvider('faults')]
    public function testAFaultIsNamedByItsPath(string $path, callable $break): void
    {
        try {
            JobFile::fromArray($break(self::file()));
            self::fail("$path was taken");
        } catch (InvalidValue $e) {
            self::assertSame($path, $e->path);
            self::assertNotSame('', $e->getMessage());
        }
    }

    public function testEveryKindOfPartHasItsSheetAndTerminals(): void
    {
        self::assertSame(array_map(static fn(Chemistry $c): string => $c->value, Chemistry::cases()), BatteryKind::CHEMISTRIES);
        foreach (PartKind::cases() as $kind) {
            self::assertNotSame([], $kind->fields(), $kind->value);
            foreach ($kind->fields() as $key => $field) {
                self::assertSame($key, $field->key);
                self::assertStringNotContainsString('.', Lexicon::plain()->field($kind, $key));
                self::assertTrue($field->type !== 'number' || $field->low < $field->high, "$kind->value $key");
                self::assertTrue($field->type !== 'choice' || $field->choices !== [], "$kind->value $key");
            }
            foreach ($kind->terminals() as $name => $terminal) {
                self::assertSame($name, $terminal->name);
                self::assertMatchesRegularExpression('/^[a-z_]+$/', $name);
            }
            $ports = array_map(static fn($t): string => $t->port, $kind->terminals());
            foreach ($kind->kind()->exclusivePorts() as [$one, $other]) {
                self::assertContains($one, $ports);
                self::assertContains($other, $ports);
            }
        }
    }

    public function testTheSchemaDescribesWhatIsWritten(): void
    {
        $schema = JobSchema::of('', '', []);
        $tree = json_decode(JobFile::encode(JobFile::fromArray(self::file())), true);
        self::assertSame(array_keys($tree), array_keys($schema['properties']));
        foreach (['client', 'vehicle', 'travel', 'place'] as $group) {
            $fields = $schema['properties'][$group];
            self::assertSame([], array_diff_key($tree[$group], $fields['properties']), $group);
            self::assertSame([], array_diff($fields['required'], array_keys($tree[$group])), $group);
        }
    }

    public function testADataSheetKeepsItsOrderAndWhatIsNotKnownIsLeftOut(): void
    {
        $sheet = DataSheet::of(
            PartKind::Fuse,
            ['max_v' => 58, 'rating_a' => 200, 'family' => null, 'interrupt_a' => ''],
            ['max_v' => Origin::Assumed],
        );
        self::assertSame(['rating_a' => 200.0, 'max_v' => 58.0], $sheet->values);
        self::assertTrue($sheet->isAssumed());
        self::assertNull($sheet->number('interrupt_a'));
        self::assertSame(['max_v' => 'assumed'], $sheet->notedOrigins());
        $this->expectException(InvalidValue::class);
        DataSheet::of(PartKind::Fuse, ['rating_a' => 200, 'family' => 'bent nail']);
    }

    public function testBoxesOfADeviceHoldANumberOrOff(): void
    {
        self::assertSame(
            ['14.4', 'off', '-24'],
            [SetValue::parse(' 14,40 ')->text(), SetValue::parse('OFF')->text(), SetValue::parse('-24')->text()],
        );
        self::assertTrue(SetValue::parse('14.4')->agreesWith(SetValue::number(14.38), 0.051));
        self::assertFalse(SetValue::parse('off')->agreesWith(SetValue::number(0.0), 1.0), 'off is not zero');
        $this->expectException(InvalidValue::class);
        SetValue::parse('fourteen');
    }

    public function testEachRegionHasItsMainsItsRulesAndItsWords(): void
    {
        self::assertSame([230.0, 230.0, 230.0, 120.0], array_map(static fn(Region $r): float => $r->mainsV(), Region::cases()));
        self::assertSame([15.0, 20.0, 30.0, 50.0], Region::NorthAmerica->hookUpsA());
        self::assertSame(Units::UsCustomary, Region::NorthAmerica->units());
        self::assertStringContainsString('BS 7671', self::said(Region::UnitedKingdom->mainsCaution()));
        self::assertStringContainsString('AS/NZS 3001', self::said(Region::AustraliaNewZealand->bankCaution()));
        foreach (Region::cases() as $region) {
            self::assertStringContainsString((string) (int) $region->mainsV(), self::said($region->mainsCaution()));
            self::assertStringContainsString('licensed', self::said($region->mainsCaution()));
            $hookUps = $region->hookUpsA();
            sort($hookUps);
            self::assertSame($hookUps, $region->hookUpsA());
        }
        // A gauge is named as one, and what is only near it is told so; in a field it is read back as it was.
        self::assertSame('2 AWG', Units::UsCustomary->conductorSize(33.63));
        self::assertSame('≈ 2 AWG', Units::UsCustomary->conductorSize(35));
        self::assertSame('35 mm²', Units::UsCustomary->conductorField(35));
        self::assertSame('35 mm²', Units::Metric->conductorSize(35));
        foreach ([...ConductorSize::made(true), ...ConductorSize::made(false), 12.7] as $area) {
            foreach (Units::cases() as $units) {
                $within = $units === Units::Metric ? 0.005 : 1e-9;
                self::assertEqualsWithDelta($area, ConductorSize::read($units->conductorField($area))->areaMm2, $within);
            }
        }
        // In a sentence the nearest gauge is told, and that it is only near.
        $said = static fn(float $area): string => str_replace("\u{202F}", ' ', (new Show(Units::UsCustomary))->text($area, 'mm²'));
        self::assertSame(['2 AWG', '≈ 2 AWG', '≈ 3/0 AWG'], [$said(33.63), $said(35.0), $said(95.0)]);
    }
}
