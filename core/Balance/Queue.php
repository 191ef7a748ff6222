<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

use Pebblefell\Bank\RefreshCharge;

/**
 * Several batteries on the chargers that there are: who is on which, when each charger comes free, who goes on next, and when all is done.
 *
 * The battery that has waited longest takes the charger that is free first, of those that it bears. A battery whose charge is not known is
 * taken for empty: the time told is the latest.
 */
final readonly class Queue
{
    /**
     * @param array<string, array{charger: string, startS: float, freeS: float}> $turns by battery id: on a charger, or to come
     * @param list<array{name: string, amps: float}> $free chargers that are free now
     * @param ?float $doneS when the last one has rested; null: not to be told yet
     */
    private function __construct(public array $turns, public array $free, public ?float $doneS)
    {
    }

    /**
     * @param list<Candidate> $candidates
     * @param list<array{name: string, amps: float}> $chargers
     * @param array<string, string> $on name of the charger by battery id, for those that are on one
     */
    public static function of(Protocol $protocol, array $candidates, array $chargers, array $on, float $nowS): self
    {
        $amps = array_column($chargers, 'amps', 'name');
        $freeAt = array_fill_keys(array_keys($amps), $nowS);
        $turns = [];
        $done = 0.0;
        $untold = false;
        $rest = match ($protocol) {
            Protocol::Full => Forecast::REST_FULL_H,
            Protocol::Check, Protocol::Refresh => Forecast::REST_CHECK_H,
            Protocol::Cells => 0.0,
        };
        foreach ($candidates as $c) {
            $name = $on[$c->subject->id] ?? '';
            if ($c->step->takesCurrent()) {
                $free = self::freeAt($protocol, $c, $amps[$name] ?? null, $nowS);
                $turns[$c->subject->id] = ['charger' => $name, 'startS' => $c->sinceS, 'freeS' => $free];
                $freeAt[$name] = max($freeAt[$name] ?? $nowS, $free);
                $done = max($done, $free + 3600.0 * $rest);
            } elseif ($c->step === BalanceStep::Resting) {
                $done = max($done, Forecast::of($c->subject, $protocol, $c->step, $c->readings, $c->sinceS, null)->readyAtS ?? $nowS);
            }
        }
        $free = array_values(array_filter($chargers, static fn(array $charger): bool => $freeAt[$charger['name']] <= $nowS));
        $waiting = array_values(array_filter($candidates, static fn(Candidate $c): bool => $c->step === BalanceStep::Waiting));
        usort($waiting, static fn(Candidate $a, Candidate $b): int => $a->sinceS <=> $b->sinceS);
        // A refresh charge is the whole bank's, at once; a check charges nothing.
        foreach ($protocol === Protocol::Full || $protocol === Protocol::Cells ? $waiting : [] as $c) {
            $suits = array_filter($freeAt, static fn(string $name): bool => $c->subject->bears($amps[$name] ?? INF), ARRAY_FILTER_USE_KEY);
            $next = array_search(min([INF, ...$suits]), $suits, true);
            if ($next === false) {
                $untold = true;
                continue;
            }
            $start = max($nowS, $freeAt[$next]);
            $freeAt[$next] = $start + 3600.0 * self::hours($protocol, $c, $amps[$next] ?? 30.0);
            $turns[$c->subject->id] = ['charger' => (string) $next, 'startS' => $start, 'freeS' => $freeAt[$next]];
            $done = max($done, $freeAt[$next] + 3600.0 * $rest);
        }

        return new self($turns, $free, $untold || $done <= 0.0 ? null : $done);
    }

    /** Bulk from what is known, and absorption. */
    private static function hours(Protocol $protocol, Candidate $c, float $amps): float
    {
        if ($protocol === Protocol::Refresh) {
            return RefreshCharge::HOURS;
        }
        [$soc, $vague] = Forecast::charge($c->subject, $c->readings);
        $from = max(0.0, ($soc ?? 0.0) - $vague);

        $ah = (100.0 - $from) / 100.0 * $c->subject->capacityAh / $c->subject->chemistry->coulombicEfficiency();

        return $ah / max(0.1, $amps) + $c->subject->absorptionH;
    }

    private static function freeAt(Protocol $protocol, Candidate $c, ?float $amps, float $nowS): float
    {
        $ready = Forecast::of($c->subject, $protocol, $c->step, $c->readings, $c->sinceS, $amps)->readyAtS;
        if ($ready === null) {
            return max($nowS, $c->sinceS + 3600.0 * self::hours($protocol, $c, $amps ?? 30.0));
        }

        return max($nowS, $ready) + ($c->step === BalanceStep::Charging && $protocol !== Protocol::Refresh
            ? 3600.0 * $c->subject->absorptionH
            : 0.0);
    }
}
