<?php

declare(strict_types=1);

namespace App\Http\Pages\Sources;

use App\Http\Workbench;
use App\Models\LibraryPart;
use App\Record\PartRow;
use App\Words\Months;
use Pebblefell\Charging\ArrayFit;
use Pebblefell\Charging\ShoreFit;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Setting\Parameter;
use Pebblefell\Stage\Sources\EngineStart;
use Pebblefell\Stage\Sources\MainsCheck;
use Pebblefell\Stage\Sources\RegulatorGain;
use Pebblefell\Stage\Sources\SourcesDay;
use Pebblefell\Stage\Sources\SourcesDaySketch;
use Pebblefell\Stage\Sources\SunSketch;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\PvArray;

/** Shows Sources: each source with its limits. */
final readonly class SourcesPage
{
    public FrostPage $cold;

    public AlternatorPage $engine;

    private const KINDS = ['panel', 'regulator', 'dcdc', 'alternator', 'mains_charger', 'inverter_charger', 'heating_pad'];

    private const ALSO = [Family::Panel, Family::Alternator, Family::SplitRelay, Family::ShoreInlet];

    /** Ways to join the panels of one array that are looked at: no more in series than this. Chosen. */
    private const MOST_IN_SERIES = 8;

    /**
     * @param ?int $month whose day is shown; null: the one that asks for most
     */
    public function __construct(private Workbench $bench, private ?int $month = null)
    {
        $this->engine = new AlternatorPage($bench);
        $this->cold = new FrostPage($bench);
    }

    public function sunSketch(): ?SunSketch
    {
        $sun = $this->bench->study->simulations->sun();

        return $sun === null ? null : SunSketch::of($sun, Workbench::isNarrow());
    }

    public function isAskedForDay(): bool
    {
        return $this->month !== null;
    }

    /** All sources in one day; null as long as no trip can be set up. */
    public function day(): ?SourcesDay
    {
        $months = array_keys($this->months());
        $ruling = $this->bench->study->simulations->sun()?->ruling->month ?? $months[0] ?? 6;

        return SourcesDay::of($this->bench->study, in_array($this->month, $months, true) ? (int) $this->month : $ruling);
    }

    public function daySketch(SourcesDay $day): SourcesDaySketch
    {
        return SourcesDaySketch::of($day, Workbench::isNarrow());
    }

    /**
     * @return array<int, string> travelled months, in short
     */
    public function months(): array
    {
        $months = $this->bench->study->system->travel->months;
        sort($months);

        return array_combine($months, array_map(fn(int $m): string => $this->bench->say->month($m, 3), $months));
    }

    /** How strongly the areas of several arrays are filled, one after the other, so that they are told apart. */
    public function shadeOf(int $i): float
    {
        return $i % 2 === 0 ? 1.0 : 0.6;
    }

    /**
     * @return list<array{name: string, amps: float, wh: ?float, when: string}>
     */
    public function bringing(SourcesDay $day): array
    {
        $rows = [];
        foreach ($day->arrays as $array) {
            $source = $array['source'];
            $rows[] = [
                'name' => $this->bench->show->text($source->watts, 'W', 0) . ' of panels'
                    . ($source->plane->tiltDeg > 0.0 ? ', at ' . round($source->plane->tiltDeg) . '°' : ', flat')
                    . ($source->idleDriving ? ', not while driven' : '') . ($source->idleOnMains ? ', not on mains' : ''),
                'amps' => max([0.0, ...$array['bright']]),
                'wh' => $day->wh(...$array['bright']),
                'when' => 'by the sun, on a bright day',
            ];
        }
        if ($day->engine !== []) {
            $rows[] = [
                'name' => 'Engine', 'amps' => max($day->engine), 'wh' => $day->wh(...$day->engine),
                'when' => 'while driven, as in the brief',
            ];
        }
        foreach (['A post' => $day->mainsA, 'Generator' => $day->generatorA] as $name => $amps) {
            if ($amps > 0.0) {
                $rows[] = [
                    'name' => $name, 'amps' => $amps, 'wh' => null,
                    'when' => 'whenever there is one' . ($day->mainsBesideSunA < $day->mainsA
                        ? ', ' . $this->bench->show->text($day->mainsBesideSunA, 'A', 0) . ' of it while the sun charges'
                        : ''),
                ];
            }
        }

        return $rows;
    }

    public function month(int $month): string
    {
        return Months::names()[$month];
    }

    /** Coldest morning that an array must stand, and whether it is on record. */
    public function coldestC(): float
    {
        return $this->bench->study->system->place?->recordLowC() ?? -15.0;
    }

    public function isOnRecord(): bool
    {
        return $this->bench->study->system->place?->recordLowC !== null;
    }

    public function hotCellC(): float
    {
        return PvArray::HOT_CELL_C;
    }

    /**
     * @return list<array{array: PvArray, row: ?PartRow, panels: string, gain: ?RegulatorGain, ways: list<array{series: int, strings: int,
     *     fit: ArrayFit, worst: ?Finding}>}>
     */
    public function arrays(): array
    {
        $arrays = [];
        foreach ($this->bench->study->arrays() as $array) {
            $names = array_count_values(array_map($this->bench->say->part(...), $array->panels));
            $arrays[] = [
                'array' => $array,
                'row' => $array->regulator === null ? null : $this->row($array->regulator),
                'panels' => implode(', ', array_map(static fn(string $name, int $n): string => "$n × $name", array_keys($names), $names)),
                'gain' => $array->regulator === null ? null : $this->bench->study->simulations->gains()[$array->regulator->uid] ?? null,
                'ways' => $this->ways($array),
            ];
        }

        return $arrays;
    }

    /**
     * @return list<array{series: int, strings: int, fit: ArrayFit, worst: ?Finding}>
     */
    private function ways(PvArray $array): array
    {
        $study = $this->bench->study;
        $volts = $study->settings()->profile?->figure(Parameter::Absorption)->value
            ?? $study->banks()->planned->bank?->nominalV()
            ?? $study->system->vehicle->systemV;
        $ways = [];
        $count = count($array->panels);
        foreach (range(1, min(self::MOST_IN_SERIES, $count)) as $series) {
            $fit = $count % $series === 0 ? $array->fit($series, $this->coldestC(), $volts) : null;
            if ($fit !== null) {
                $findings = $fit->findings();
                usort($findings, static fn(Finding $a, Finding $b): int => $a->severity->order() <=> $b->severity->order());
                $ways[] = ['series' => $series, 'strings' => intdiv($count, $series), 'fit' => $fit, 'worst' => $findings[0] ?? null];
            }
        }

        return $ways;
    }

    /**
     * @return list<array{fit: ShoreFit, supportA: float}>
     */
    public function posts(): array
    {
        $mains = $this->bench->study->mains();

        return array_map(static fn(ShoreFit $fit): array => ['fit' => $fit, 'supportA' => $mains->supportA($fit)], $mains->posts());
    }

    /** The smallest usual generator for so much, in words. */
    public function generator(Figure $needed): string
    {
        $size = MainsCheck::smallest($needed->value);

        return $size === null ? 'none for vehicles' : $this->bench->show->text($size, 'W');
    }

    public function generatorH(): float
    {
        return MainsCheck::GENERATOR_H;
    }

    public function crankA(): float
    {
        return EngineStart::CRANK_A;
    }

    public function starterChargerA(): float
    {
        return EngineStart::CHARGER_A;
    }

    /**
     * @return list<Part> that charge, or belong to what does
     */
    public function planned(): array
    {
        return array_values(array_filter(
            $this->bench->study->system->parts,
            static fn(Part $p): bool => $p->fate->isPlanned() && ($p->kind->isCharger() || $p->is(...self::ALSO)),
        ));
    }

    /**
     * @return list<array{part: Part, row: ?PartRow, gives: string}>
     */
    public function sources(): array
    {
        $volts = $this->bench->study->banks()->planned->bank?->nominalV() ?? $this->bench->study->system->vehicle->systemV;

        return array_map(
            fn(Part $p): array => ['part' => $p, 'row' => $this->row($p), 'gives' => $this->gives($p, $volts)],
            $this->planned(),
        );
    }

    /** There is a place, and a bank: a day of all of them can be laid out. */
    public function hasDay(): bool
    {
        return $this->bench->study->system->place !== null && $this->bench->study->banks()->planned->bank !== null;
    }

    private function gives(Part $part, float $volts): string
    {
        $show = $this->bench->show;
        $amps = $part->data->chargeCurrent()?->value;
        $watts = $part->data->number('pmax_w');

        return match (true) {
            $amps !== null => '▲ ' . $show->text($amps, 'A') . ', ' . $show->text($amps * $volts, 'W'),
            $watts !== null => '▲ ' . $show->text($watts, 'W'),
            default => '–',
        };
    }

    public function hookUps(): string
    {
        [$region, $show] = [$this->bench->study->system->region, $this->bench->show];

        return implode(
            ', ',
            array_map(
                static fn(float $a): string => $show->text($a, 'A') . ' (' . $show->text($a * $region->mainsV(), 'W') . ')',
                $region->hookUpsA(),
            ),
        );
    }

    /**
     * @return array<string, array<int, string>> names by id, by kind
     */
    public function library(): array
    {
        $parts = LibraryPart::query()->whereIn('kind', self::KINDS)->orderBy('kind')->orderBy('make')->orderBy('model')
            ->toBase()->get(['id', 'kind', 'make', 'model']);
        $names = [];
        foreach ($parts as $part) {
            $names[$this->bench->say->name(PartKind::from($part->kind))][(int) $part->id] = trim("$part->make $part->model");
        }

        return $names;
    }

    private function row(Part $part): ?PartRow
    {
        return $this->bench->row($part->uid);
    }
}
