<?php

declare(strict_types=1);

namespace App\Http\Pages\Wiring;

use Pebblefell\Region\Region;

/** Sheets of labels as they are commonly sold, by their grid: mm. Common practice; measure the sheet that is at hand. */
enum LabelStock: string
{
    case A4Of65 = 'a4-65';
    case A4Of40 = 'a4-40';
    case A4Of24 = 'a4-24';
    case LetterOf30 = 'letter-30';
    case LetterOf80 = 'letter-80';

    public function paper(): string
    {
        return str_starts_with($this->value, 'a4') ? 'a4' : 'letter';
    }

    public function sheet(): LabelSheet
    {
        [$columns, $rows, $width, $height, $left, $top, $apart] = match ($this) {
            self::A4Of65 => [5, 13, 38.1, 21.2, 4.7, 10.7, 2.5],
            self::A4Of40 => [4, 10, 52.5, 29.7, 0.0, 0.0, 0.0],
            self::A4Of24 => [3, 8, 70.0, 37.0, 0.0, 0.5, 0.0],
            self::LetterOf30 => [3, 10, 66.7, 25.4, 4.8, 12.7, 3.2],
            self::LetterOf80 => [4, 20, 44.5, 12.7, 7.1, 12.7, 7.9],
        };

        return new LabelSheet($this->paper(), $columns, $rows, $width, $height, $left, $top, $apart);
    }

    /** The paper that a region prints on. */
    public static function paperOf(Region $region): string
    {
        return $region === Region::NorthAmerica ? 'letter' : 'a4';
    }

    /**
     * @return list<self> of the paper that a region prints on
     */
    public static function ofRegion(Region $region): array
    {
        return array_values(array_filter(self::cases(), static fn(self $s): bool => $s->paper() === self::paperOf($region)));
    }
}
