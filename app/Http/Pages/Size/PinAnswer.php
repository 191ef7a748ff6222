<?php

declare(strict_types=1);

namespace App\Http\Pages\Size;

use App\Http\Desks\Size\Pin;
use App\Words\Lexicon;
use App\Words\MapWords;
use App\Words\Show;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Size\ComesIn;
use Pebblefell\Stage\Size\Endurance;
use Pebblefell\Stage\Size\Fence;
use Pebblefell\Stage\Size\Worth;
use Pebblefell\Trip\EnduranceMap;

/** Shows what the pin on the endurance map says where it stands. */
final readonly class PinAnswer
{
    public ?Endurance $map;

    public ?Worth $worth;

    public function __construct(public Pin $pin, private Show $show)
    {
        $this->map = $pin->map;
        $this->worth = $pin->worth();
    }

    public function isYear(): bool
    {
        return $this->map?->isYear() === true;
    }

    /** Batteries, in whole strings. */
    public function count(): int
    {
        return $this->pin->strings * ($this->map->battery->parts ?? 1);
    }

    public function days(): string
    {
        $now = $this->worth->now ?? 0.0;

        return !$this->isYear() && $now >= EnduranceMap::MOST_DAYS ? '60+' : $this->show->text($now);
    }

    public function of(): string
    {
        return match (true) {
            $this->isYear() => '% of days served',
            ($this->worth->now ?? 0.0) >= EnduranceMap::MOST_DAYS => 'days, no end in sight',
            default => 'days until empty',
        };
    }

    /** Returns what is missing to what is looked for; '' where nothing is. */
    public function short(): string
    {
        $missing = ($this->map->wish ?? 0.0) - ($this->worth->now ?? 0.0);

        return $missing <= 1e-9 ? '' : $this->show->text($missing) . ($this->isYear() ? ' %' : ' days') . ' short of ' . $this->goal();
    }

    /** That it does what is looked for. */
    public function enough(): string
    {
        return $this->map?->isWish === true ? 'the wish is fulfilled' : $this->goal() . ' and more';
    }

    /** Returns what is looked for: the wish itself, or as many days counted otherwise. */
    private function goal(): string
    {
        return $this->map === null || $this->map->isWish ? 'the wish' : (new MapWords())->goal($this->map, $this->show);
    }

    /** Returns what one more brings: "+2.1 d". */
    public function gain(float $gain): string
    {
        return '+' . match (true) {
            $this->isYear() => $this->show->text($gain) . ' %',
            $gain >= EnduranceMap::MOST_DAYS => 'no end',
            default => $this->show->text($gain) . ' d',
        };
    }

    public function better(): string
    {
        $key = match (true) {
            $this->pin->in === ComesIn::Nothing => 'nothing',
            in_array($this->worth?->better, ['battery', 'panel', 'either'], true) => $this->worth->better,
            default => $this->short() === '' ? 'lasts' : 'charge',
        };

        return Lexicon::plain()->word("size.better.$key", ['by' => Word::typed($this->worth?->byMoney === true ? 'money' : 'weight')]);
    }

    /**
     * @return list<Fence> limits that are passed here
     */
    public function broken(): array
    {
        return $this->map?->broken($this->pin->strings, $this->pin->count) ?? [];
    }

    public function price(): ?float
    {
        return $this->map?->price($this->pin->strings, $this->pin->count);
    }

    public function cheapest(): string
    {
        $at = $this->map?->cheapest();
        if ($this->map === null || $at === null) {
            return 'Nothing inside the limits does for ' . $this->goal() . '.';
        }
        $price = $this->map->price(...$at);

        return ($this->price() === null ? 'Lightest' : 'Cheapest') . ' inside the limits for ' . $this->goal() . ': '
            . $at[0] * $this->map->battery->parts . " × battery, $at[1] × panel"
            . ($price === null ? '' : ', ' . $this->show->text($price, '¤')) . '.';
    }

    /** Tells whether what is asked about stands in the library, and can become the plan. */
    public function canBePlanned(): bool
    {
        return is_numeric($this->pin->battery?->uid) && is_numeric($this->pin->panel?->uid);
    }
}
