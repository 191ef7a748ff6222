<?php

declare(strict_types=1);

namespace App\Http\Pages\Size;

use App\Http\Desks\Size\Pin;
use App\Http\Workbench;
use App\Words\Months;
use Pebblefell\Stage\Size\ComesIn;
use Pebblefell\Trip\EnduranceMap;

/** Shows what may be asked of the endurance map, and what it then counts. */
final readonly class MapQuestions
{
    public function __construct(private Workbench $bench, private Pin $pin)
    {
    }

    /**
     * @return array<int, string> 0: the whole year
     */
    public function times(): array
    {
        return [0 => 'the whole year'] + Months::names();
    }

    /**
     * @return array<string, string> what may come in while the map counts
     */
    public function income(): array
    {
        $travel = $this->bench->study->system->travel;
        $names = [];
        foreach (ComesIn::choices($travel) as $in) {
            $names[$in->value] = match ($in) {
                ComesIn::Nothing => 'nothing',
                ComesIn::Sun => 'sun',
                ComesIn::All => 'sun, ' . $this->bench->show->text($travel->drivingHDay, 'h') . ' driving',
            };
        }

        return $names;
    }

    /** The sun counts, so the time of the year does. */
    public function isSunny(): bool
    {
        return $this->pin->in !== ComesIn::Nothing;
    }

    /** Returns what the map counts, and, where that is not what the wish asks, what the wish asks. */
    public function counted(): string
    {
        $system = $this->bench->study->system;
        $loads = 'loads of ' . mb_strtolower(($this->bench->study->loads()->scenario->name ?? '') ?: 'the day');
        $place = 'weather of ' . ($system->place->name ?? '') . ' with good and bad days in a row.';
        $upTo = 'Counted up to ' . EnduranceMap::MOST_DAYS . ' days.';
        $says = match (true) {
            !$this->isSunny() => "No sun, no engine, no post; $loads, full on the first day. $upTo",
            $this->pin->month === 0 => "No hook-up here; $loads, days of the travelled months, $place",
            default => "No hook-up here; $loads, full on the first day, $place $upTo",
        };
        if ($this->pin->map === null || $this->pin->map->isWish) {
            return $says;
        }
        $ruling = $this->bench->study->simulations->sun()->ruling->month ?? null;

        return $says . ' The wish is for days ' . match (true) {
            ComesIn::wished($system->travel) === ComesIn::Nothing => 'with nothing coming in.',
            $ruling === null => 'as they live.',
            default => 'as they live in ' . Months::names()[$ruling] . '.',
        };
    }
}
