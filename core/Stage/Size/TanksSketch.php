<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Drawing\Frame;
use Pebblefell\Drawing\Path;
use Pebblefell\Study;
use Pebblefell\System\HouseBank;

/** The old bank beside the new one as two tanks: what they are rated, what can be had of it, and how many days that is. */
final readonly class TanksSketch
{
    /** Px of a tank and to the next one; what the words of the usable and of the rest take; with less room they stand outside. Chosen. */
    private const TALL = 62.0;
    private const EACH = 96.0;
    private const ROOM = 150.0;
    private const REST = 110.0;

    /**
     * @param array<string, array{case: HouseBank, y: float, rated: float, usable: float, ratedWh: float, usableWh: float, days: string,
     *     wordsX: float, restX: ?float}> $tanks by found and planned: widths of what is rated and usable
     * @param ?array{x: float, end: bool} $wish
     */
    private function __construct(public Frame $frame, public array $tanks, public ?array $wish)
    {
    }

    public static function of(Study $study, bool $narrow): self
    {
        $banks = $study->banks();
        $energy = $study->loads()->budget->energyWhDay;
        $wish = $study->system->travel->wishDays * $energy;
        $cases = array_filter(
            ['found' => $banks->found, 'planned' => $banks->planned === $banks->found ? null : $banks->planned],
            static fn(?HouseBank $c): bool => $c?->bank !== null,
        );
        $frame = Frame::of($narrow, 44.0 + self::EACH * count($cases), $narrow ? 66.0 : 96.0, 8.0, $narrow ? 6.0 : 30.0, 36.0);
        $x = $frame->across(0.0, max([1.0, 1.15 * $wish, ...array_map(self::ratedWh(...), array_values($cases))]));
        $tanks = [];
        $y = $frame->top;
        foreach ($cases as $which => $case) {
            $rated = self::ratedWh($case);
            $usable = min($rated, $case->usable()->value);
            $days = [];
            for ($d = 1; $energy > 0.0 && $d <= min(60, $usable / $energy); ++$d) {
                $days[] = [$x->at($d * $energy), $y + 50.0, $x->at($d * $energy), $y + self::TALL];
            }
            $within = $x->length($usable) > self::ROOM || $narrow;
            $words = $within ? $frame->left + 10.0 : $x->at($rated) + 12.0;
            $rest = max($x->at($usable) + 12.0, $within ? $words + self::ROOM : 0.0);
            $tanks[$which] = [
                'case' => $case, 'y' => $y, 'rated' => $x->length($rated), 'usable' => $x->length($usable), 'ratedWh' => $rated,
                'usableWh' => $usable, 'days' => Path::pieces($days),
                'wordsX' => $words, 'restX' => $rest + self::REST < $x->at($rated) ? $rest : null,
            ];
            $y += self::EACH;
        }

        return new self($frame, $tanks, $energy > 0.0 ? ['x' => $x->at($wish), 'end' => $x->at($wish) > 0.7 * $frame->width] : null);
    }

    private static function ratedWh(HouseBank $case): float
    {
        return $case->bank === null ? 0.0 : $case->bank->ratedAh() * $case->bank->nominalV();
    }
}
