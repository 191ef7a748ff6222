<?php

declare(strict_types=1);

namespace App\Http\Pages\Bank;

use App\Http\Desks\Bank\BankDesk;
use App\Http\Workbench;
use Pebblefell\Bank\Source;
use Pebblefell\Stage\Bank\DriftSketch;

/** How far apart the batteries come over a whole discharge or charge. */
final readonly class DriftPage
{
    public function __construct(private Workbench $bench, private BankDesk $desk)
    {
    }

    public function driftSketch(): ?DriftSketch
    {
        return $this->desk->drift === null || $this->desk->drawing === null
            ? null
            : DriftSketch::of(
                $this->desk->drift,
                array_map(fn(Source $s): int => $this->desk->number($s->id), $this->desk->drawing->network->sources),
                Workbench::isNarrow(),
            );
    }

    /** How long a whole discharge lasts, h. */
    public function driftH(): float
    {
        $course = $this->desk->drift->course ?? [];

        return $course === [] ? 0.0 : $course[count($course) - 1]['hours'];
    }

    public function driftEnds(): string
    {
        $drift = $this->desk->drift;
        $name = $this->bench->say->word(
            'balance.battery',
            ['number' => (string) $this->desk->number($this->desk->drawing->network->sources[$drift->endedBy ?? 0]->id ?? '')],
        );

        return $drift === null ? '' : $this->bench->say->word("balance.drift.$drift->ended", ['name' => $name]);
    }
}
