<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Finding\Origin;
use Pebblefell\Stage\Survey\SupplierQuestions;
use Pebblefell\Stage\Survey\Typed\TypedLines;
use Pebblefell\Study;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Parts as a technician notes them, read as meant; and what a supplier is asked. */
final class TypedLinesTest extends TestCase
{
    use SoundSystem;

    /**
     * @return list<Part>
     */
    private static function library(): array
    {
        $battery = static fn(string $model): Part => new Part(
            '1',
            PartKind::Battery,
            DataSheet::of(PartKind::Battery, self::LFP),
            make: 'Kvellin',
            model: $model,
        );

        return [
            $battery('Slate 200'),
            $battery('Slate 200 Warm'),
            new Part(
                '3',
                PartKind::Regulator,
                DataSheet::of(PartKind::Regulator, ['technology' => 'mppt', 'max_charge_a' => 30]),
                make: 'Halverin',
                model: 'Crest 30 C',
            ),
        ];
    }

    /**
     * @return iterable<string, array{int, string, array<string, mixed>, string}>
     */
    public static function lines(): iterable
    {
        $agm = ['chemistry' => 'agm', 'nominal_v' => 12.0];
        yield '3 AGM 110 Ah 20 h, front locker, 5 y' => [
            3, 'battery', [...$agm, 'capacity_ah' => 110.0, 'rate_h' => 20.0, 'age_years' => 5.0], '|front locker|',
        ];
        yield '2 x 175 W roof' => [2, 'panel', ['pmax_w' => 175.0], '|roof|'];
        yield '2×175W' => [2, 'panel', ['pmax_w' => 175.0], '||'];
        yield '100 Ah lithium' => [1, 'battery', ['chemistry' => 'lfp', 'nominal_v' => 12.8, 'capacity_ah' => 100.0], '||'];
        yield '1.2 kW inverter behind the seat' => [1, 'inverter', ['continuous_w' => 1200.0], '|behind the seat|'];
        yield 'starter battery 95 Ah flooded, engine bay, holds badly' => [
            1, 'battery', ['chemistry' => 'flooded', 'nominal_v' => 12.0, 'capacity_ah' => 95.0], '|engine bay|holds badly',
        ];
        yield 'Skarnholt charger 25 A, under the bench' => [1, 'mains_charger', ['output_a' => 25.0], 'Skarnholt|under the bench|'];
        yield 'kvellin slate 200 warm, under the bed' => [1, 'battery', self::LFP, 'Kvellin Slate 200 Warm|under the bed|'];
        yield 'Batterie AGM 95 Ah, unter dem Bett, 4 Jahre' => [
            1, 'battery', [...$agm, 'capacity_ah' => 95.0, 'age_years' => 4.0], '|unter dem Bett|',
        ];
        yield 'Ladegerät 14,4 V 30 A' => [1, 'mains_charger', ['output_a' => 30.0, 'output_v' => 14.4], '||'];
        yield 'FI 16 A 30 mA' => [1, 'earth_leakage', ['rating_a' => 16.0, 'residual_ma' => 30.0], '||'];
        yield 'relay 70 A' => [1, 'isolator', ['method' => 'relay', 'rating_a' => 70.0], '||'];
        yield 'class-t fuse 300 A 20 kA' => [1, 'fuse', ['rating_a' => 300.0, 'family' => 'class_t', 'interrupt_a' => 20_000.0], '||'];
    }

    /**
     * @param array<string, mixed> $data
     */
    #[DataProvider('lines')]
    public function testALineIsReadAsItIsMeant(int $count, string $kind, array $data, string $named): void
    {
        [$line] = TypedLines::read((string) $this->dataName(), self::library());
        self::assertNull($line->problem);
        self::assertNotNull($line->part);
        self::assertSame([$count, $kind], [$line->count, $line->part->kind->value]);
        self::assertEquals($data, $line->part->data->values);
        self::assertSame($named, $line->part->typedName() . '|' . $line->part->place . '|' . $line->part->note);
    }

    public function testWhatALineDoesNotSayIsAssumedAndMarkedOrAskedFor(): void
    {
        [$battery, $regulator, $odd, $charge] = TypedLines::read(
            "2 AGM 100 Ah\n\n  regulator 20 A\nsomething odd\nMPPT 9000 A",
            self::library(),
        );
        self::assertSame(Origin::Assumed, $battery->part?->data->origin('nominal_v'));
        self::assertSame(Origin::Typed, $battery->part->data->origin('capacity_ah'));
        self::assertSame(
            [null, '/regulator/technology', 'required'],
            [$regulator->part, $regulator->problem?->path, $regulator->problem?->key],
        );
        self::assertSame('typed-kind', $odd->problem?->key);
        self::assertSame('/regulator/max_charge_a', $charge->problem?->path);
        self::assertSame('starter', TypedLines::read('starter battery AGM 70 Ah', [])[0]->part?->role);
    }

    public function testAPartOfTheLibraryIsFoundByWhatIsTyped(): void
    {
        $found = static fn(string $text): array => array_map(
            static fn(Part $p): string => $p->typedName(),
            TypedLines::named($text, self::library()),
        );
        self::assertSame(['Kvellin Slate 200', 'Kvellin Slate 200 Warm'], $found('slate'));
        self::assertSame(['Kvellin Slate 200'], $found('Kvellin Slate 200'));
        self::assertSame(['Halverin Crest 30 C'], $found('crest 30'));
        self::assertSame([], $found('zzz'));
        self::assertSame([], $found('  '));
    }

    public function testASupplierIsAskedWhatASumRestsOnAndNothingElse(): void
    {
        $thin = ['chemistry' => 'lfp', 'nominal_v' => 12.8, 'capacity_ah' => 100, 'bms' => true];
        $asked = static function (int $batteries, array $sheet): array {
            $rows = [];
            for ($i = 1; $i <= $batteries; ++$i) {
                $rows[] = self::part("b$i", 'battery', $sheet, 'add', ['make' => 'Kvellin', 'model' => 'Slate']);
            }

            return SupplierQuestions::of(Study::of(self::system(['parts' => $rows, 'conductors' => []])));
        };
        [$one] = $asked(1, $thin);
        self::assertContains('absorption_v', $one->lines);
        self::assertContains('wakes_by', $one->lines);
        self::assertNotContains('max_parallel', $one->lines, 'nobody asks for what this job does not do');
        self::assertNotContains('rested_full_v', $one->lines, 'that is asked of lead');
        [$two] = $asked(2, $thin);
        self::assertSame(2, $two->count);
        self::assertContains('max_parallel', $two->lines);
        self::assertCount(count($two->lines) - 1, $asked(2, [...$thin, 'max_parallel' => 4])[0]->lines);
        [$lead] = $asked(1, self::AGM);
        self::assertContains('rested_full_v', $lead->lines);
        self::assertNotContains('wakes_by', $lead->lines);
    }
}
