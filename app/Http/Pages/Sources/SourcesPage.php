<?php

declare(strict_types=1);

namespace App\Http\Pages\Sources;

use App\Http\Workbench;
use App\Models\LibraryPart;
use App\Models\Part as Row;
use App\Words\Months;
use Illuminate\Support\Collection;
use Pebblefell\Charging\ArrayFit;
use Pebblefell\Charging\DcdcFit;
use Pebblefell\Charging\ShoreFit;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Outlook\YearMonth;
use Pebblefell\Setting\Parameter;
use Pebblefell\Stage\Sources\AlternatorCheck;
use Pebblefell\Stage\Sources\EngineStart;
use Pebblefell\Stage\Sources\FrostMorning;
use Pebblefell\Stage\Sources\FrostSketch;
use Pebblefell\Stage\Sources\MainsCheck;
use Pebblefell\Stage\Sources\RegulatorGain;
use Pebblefell\Stage\Sources\SourcesDay;
use Pebblefell\Stage\Sources\SourcesDaySketch;
use Pebblefell\Stage\Sources\SunSketch;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\PvArray;

/** What stands on Sources: each source with its limits. */
final readonly class SourcesPage
{
    private const KINDS = ['panel', 'regulator', 'dcdc', 'alternator', 'mains_charger', 'inverter_charger', 'heating_pad'];

    private const ALSO = [PartKind::Panel, PartKind::Alternator, PartKind::Isolator, PartKind::ShoreInlet];

    /** Ways to join the panels of one array that are looked at: no more in series than this. Chosen. */
    private const MOST_IN_SERIES = 8;

    private Graph $graph;

    /**
     * @param ?int $month whose day is shown; null: the one that asks for most
     */
    public function __construct(private Workbench $bench, private ?int $month = null)
    {
        $this->graph = $bench->study->planned();
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
                $rows[] = ['name' => $name, 'amps' => $amps, 'wh' => null, 'when' => 'whenever there is one'];
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
     * @return list<array{array: PvArray, row: ?Row, panels: string, gain: ?RegulatorGain, ways: list<array{series: int, strings: int,
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

    public function alternator(): Figure
    {
        return $this->bench->study->alternatorCurrent();
    }

    public function vehicleTakesA(): float
    {
        return AlternatorCheck::VEHICLE_A;
    }

    /**
     * @return list<array{part: Part, fit: DcdcFit, idle: string, signal: bool}>
     */
    public function dcdcs(): array
    {
        $rows = [];
        foreach ($this->graph->ofKind(PartKind::Dcdc) as $part) {
            $fit = AlternatorCheck::dcdc($this->bench->study->system, $this->graph, $part);
            if ($fit !== null) {
                $idle = $fit->bearsIdle() ? ($fit->idlesWithCare() ? 'for minutes' : 'may charge') : 'off';
                $rows[] = [
                    'part' => $part,
                    'fit' => $fit,
                    'idle' => $idle,
                    'signal' => AlternatorCheck::hasEngineSignal($this->graph, $part),
                ];
            }
        }

        return $rows;
    }

    public function isolator(): ?Part
    {
        return $this->graph->ofKind(PartKind::Isolator)[0] ?? null;
    }

    /**
     * @return list<array{part: Part, with: Figure, without: Figure}> second alternators, with and without a sense wire
     */
    public function seconds(): array
    {
        $rows = [];
        foreach ($this->graph->ofKind(PartKind::Alternator) as $part) {
            $sense = $part->data->flag('for_house') === true ? AlternatorCheck::senseWire($this->bench->study, $part) : null;
            if ($sense !== null) {
                $rows[] = ['part' => $part, 'with' => $sense[0], 'without' => $sense[1]];
            }
        }

        return $rows;
    }

    public function hasAlternator(): bool
    {
        return $this->dcdcs() !== [] || $this->isolator() !== null || $this->seconds() !== [];
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

    /**
     * @return list<YearMonth> in which a night was below the battery's limit
     */
    public function frost(): array
    {
        $months = $this->bench->study->simulations->year()->months ?? [];

        return array_values(array_filter($months, static fn(YearMonth $m): bool => $m->frostNights > 0));
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
     * @return list<array{part: Part, row: ?Row, gives: string}>
     */
    public function sources(): array
    {
        $rows = [];
        $volts = $this->bench->study->banks()->planned->bank?->nominalV() ?? $this->bench->study->system->vehicle->systemV;
        foreach ($this->bench->study->system->parts as $part) {
            if ($part->fate->isPlanned() && ($part->kind->isCharger() || in_array($part->kind, self::ALSO, true))) {
                $rows[] = ['part' => $part, 'row' => $this->row($part), 'gives' => $this->gives($part, $volts)];
            }
        }

        return $rows;
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
     * @return Collection<string, \Illuminate\Database\Eloquent\Collection<int, LibraryPart>> by kind
     */
    public function library(): Collection
    {
        return LibraryPart::query()->whereIn('kind', self::KINDS)->orderBy('kind')->orderBy('make')->orderBy('model')->get()
            ->groupBy(fn(LibraryPart $p): string => $this->bench->say->name($p->kind));
    }

    private function row(Part $part): ?Row
    {
        return $this->bench->row($part->uid);
    }

    public function morningSketch(FrostMorning $morning): FrostSketch
    {
        return FrostSketch::of($morning, Workbench::isNarrow());
    }

    /**
     * The morning, told step by step.
     *
     * @return list<string>
     */
    public function morning(FrostMorning $morning): array
    {
        $show = $this->bench->show;
        $names = fn(array $parts): string => implode(', ', array_map($this->bench->say->part(...), $parts));
        $hour = static fn(?int $h): string => sprintf('%d:00', $h ?? 0);
        $say = fn(string $key, array $args = []): string => $this->bench->say->word("frost.$key", [
            'floor' => $show->text($morning->floorC, '°C'), 'amps' => $show->text($morning->strayA, 'A', 0),
            'energy' => $show->text($morning->strayWh, 'Wh'), ...$args,
        ]);
        $begins = $morning->hours[$morning->beginsH ?? 12];

        return array_values(array_filter([
            $say('night', [
                'cold' => $show->text($morning->day->minC, '°C', 0), 'month' => $this->month($morning->day->month),
                'battery' => $show->text($begins['batteryC'], '°C', 1), 'begins' => $hour($morning->beginsH),
            ]),
            $morning->regulators === [] ? $say('nobody-starts') : $say('starts', ['parts' => $names($morning->regulators)]),
            $morning->bmsStops ? $say('bms') : '',
            $morning->sensors === [] ? '' : $say('sensors', ['parts' => $names($morning->sensors)]),
            $morning->neither === [] ? '' : $say('neither', ['parts' => $names($morning->neither)]),
            $morning->isMet() ? $say('dead') : $say('calm'),
            $morning->heaterW > 0.0 ? $say('heater', ['watts' => $show->text($morning->heaterW, 'W')]) : '',
            $morning->freeH === null ? $say('not-free') : $say('free', ['free' => $hour($morning->freeH)]),
            $say('bench'),
        ], static fn(string $line): bool => $line !== ''));
    }
}
