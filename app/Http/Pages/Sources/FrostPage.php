<?php

declare(strict_types=1);

namespace App\Http\Pages\Sources;

use App\Http\Workbench;
use Pebblefell\Outlook\YearMonth;
use Pebblefell\Stage\Sources\FrostMorning;
use Pebblefell\Stage\Sources\FrostSketch;

/** Nights below the battery's limit, and the first sunny morning after the coldest of them. */
final readonly class FrostPage
{
    public function __construct(private Workbench $bench)
    {
    }

    /**
     * @return list<YearMonth> in which a night was below the battery's limit
     */
    public function frost(): array
    {
        $months = $this->bench->study->simulations->year()->months ?? [];

        return array_values(array_filter($months, static fn(YearMonth $m): bool => $m->frostNights > 0));
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
                'cold' => $show->text($morning->day->minC, '°C', 0), 'month' => $this->bench->say->month($morning->day->month),
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
