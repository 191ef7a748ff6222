<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Models\Place;
use App\Words\Lexicon;
use Pebblefell\System\Climate;
use Pebblefell\System\Place as CorePlace;

/** A place's own page: what is known by month, and what stands in for the rest. */
final readonly class PlacePage
{
    private CorePlace $place;

    public function __construct(Place $place)
    {
        $this->place = CorePlace::fromArray($place->toFile());
    }

    /**
     * @return array<string, string>
     */
    public function climates(): array
    {
        $say = Lexicon::plain();

        return array_combine(array_column(Climate::cases(), 'value'), array_map($say->name(...), Climate::cases()));
    }

    /** The one that its latitude is likeliest to have. */
    public function likeliest(): string
    {
        return Lexicon::plain()->name(Climate::usual($this->place->latitudeDeg));
    }

    /**
     * @param int $month 0 to 11
     */
    public function clearness(int $month): float
    {
        return $this->place->clearnessOf($month + 1);
    }

    /**
     * @param int $month 0 to 11
     */
    public function minC(int $month): float
    {
        return $this->place->minCOf($month + 1);
    }
}
