<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use Pebblefell\Stage\Reading;

/** One step of the run sheet. Its words stand under `does` in lang/NAME/steps.php. */
final readonly class Step
{
    /**
     * @param string               $key      names it as long as the plan has it: "lift.p3"
     * @param string               $does     what is done, and under which its words stand
     * @param array<string, mixed> $args     what stands in the words: Amount, Named, Word, lists of them
     * @param list<Act>            $acts     what it does to the circuit
     * @param list<string>         $cautions keys of steps.cautions
     * @param list<string>         $tools    keys of steps.tools
     * @param ?float               $torqueNm of the lugs, N·m, by the data sheet; null: none noted
     * @param ?Reading             $reading  what is to be measured
     * @param float                $minutes  of work
     * @param int                  $hands    people that it takes
     * @param float                $waitH    of waiting after it in which other work goes on, h
     * @param string               $closedBy "balance" or "settings": the stage whose work must be done first; '': none
     * @param list<string>         $parts    uids that it is about
     */
    public function __construct(
        public string $key,
        public Phase $phase,
        public string $does,
        public array $args = [],
        public array $acts = [],
        public array $cautions = [],
        public array $tools = [],
        public ?float $torqueNm = null,
        public ?Reading $reading = null,
        public float $minutes = 5.0,
        public int $hands = 1,
        public float $waitH = 0.0,
        public string $closedBy = '',
        public array $parts = [],
    ) {
    }
}
