<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;

/** The panels in series that are noted at a regulator are those that are drawn: its volts hang on it. */
final class ArrayAsDrawn implements Rule
{
    public function judge(Study $study): array
    {
        $findings = [];
        foreach ($study->arrays() as $array) {
            [$noted, $drawn] = [$array->notedSeries(), $array->drawnSeries()];
            if ($array->regulator !== null && $noted !== null && $drawn !== null && $noted !== $drawn) {
                $findings[] = new Finding('array-drawn-otherwise', Severity::Note, [
                    'regulator' => Named::part($array->regulator->uid),
                    'noted' => Amount::of((float) $noted, '', 0),
                    'drawn' => Amount::of((float) $drawn, '', 0),
                ], [
                    Figure::given('in-series-noted', (float) $noted, ''),
                    Figure::given('in-series-drawn', (float) $drawn, ''),
                ], $array->regulator->uid);
            }
        }

        return $findings;
    }
}
