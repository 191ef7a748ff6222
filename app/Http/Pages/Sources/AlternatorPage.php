<?php

declare(strict_types=1);

namespace App\Http\Pages\Sources;

use App\Http\Workbench;
use Pebblefell\Charging\DcdcFit;
use Pebblefell\Finding\Figure;
use Pebblefell\Stage\Sources\AlternatorCheck;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** Shows what the alternator gives, and what DC-DC chargers, a relay or a second one make of it. */
final readonly class AlternatorPage
{
    private Graph $graph;

    public function __construct(private Workbench $bench)
    {
        $this->graph = $bench->study->planned();
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
        foreach ($this->graph->of(Family::Dcdc) as $part) {
            $fit = $this->bench->study->dcdc($part);
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
        return $this->graph->of(Family::SplitRelay)[0] ?? null;
    }

    /**
     * @return list<array{part: Part, with: Figure, without: Figure}> second alternators, with and without a sense wire
     */
    public function seconds(): array
    {
        $rows = [];
        foreach ($this->graph->of(Family::Alternator) as $part) {
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
}
