<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Balance;

use Pebblefell\Balance\Gate;
use Pebblefell\Balance\Protocol;
use Pebblefell\Study;
use Pebblefell\System\Part;

/** A bank whose blocks stand in series: made alike in parallel first, then put into strings, then the strings onto the bar. */
final readonly class SeriesBank
{
    /**
     * @param list<list<Part>> $strings from the negative end
     * @param float            $stringV of a string of full, rested blocks
     * @param float            $apartV  that strings may lie apart when they are closed onto the bar
     */
    private function __construct(public array $strings, public float $stringV, public float $apartV)
    {
    }

    /** Null for a bank without series. */
    public static function of(Study $study): ?self
    {
        $case = $study->banks()->planned;
        if ($case->bank === null || $case->bank->series < 2) {
            return null;
        }
        $strings = array_chunk($case->parts, $case->bank->series);

        return new self(
            $strings,
            $case->bank->series * $case->parts[0]->data->orUsual('rested_full_v'),
            Gate::allowedV(Protocol::Check, $case->bank->chemistry(), $case->bank->cells()),
        );
    }
}
