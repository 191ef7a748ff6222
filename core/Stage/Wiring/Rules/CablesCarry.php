<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring\Rules;

use Pebblefell\Circuit\CableRun;
use Pebblefell\Circuit\CableRuns;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Conductor;

/** Each run carries its current, and what hangs at its end is left enough volts. */
final class CablesCarry implements Rule
{
    public function judge(Study $study): array
    {
        $findings = [];
        $runs = $study->cables()->runs();
        foreach ($runs->runs as $run) {
            $findings = [
                ...$findings,
                ...array_filter(
                    [$this->tooThin($run, $runs->wantsMm2($run)), $this->losesTooMuch($runs, $run), $this->tooThick($runs, $run)],
                ),
            ];
        }
        // What flows out comes back, and through the bank: a return and a link burn as a positive does. Losses are counted there.
        foreach ([...$study->cables()->returns(), ...$study->cables()->links()] as $run) {
            $findings = [...$findings, ...array_filter([$this->tooThin($run, $run->carriesFromMm2())])];
        }
        foreach ($study->cables()->arrays() as $run) {
            $findings = [...$findings, ...array_filter([$this->tooThin($run, $run->carriesFromMm2(), 'array')])];
        }

        return $findings;
    }

    private function tooThin(CableRun $run, ?float $wantsMm2, string $variant = ''): ?Finding
    {
        $carries = $run->carriesA();
        $current = $run->current();
        if ($carries === null || $current->value <= $carries) {
            return null;
        }

        return new Finding('cable-too-thin', Severity::Stop, [
            'from' => Named::part($run->near->uid), 'to' => Named::part($run->far->uid), 'size' => Amount::of(
                $run->areaMm2() ?? 0.0,
                'mm²',
            ),
            ...Amount::compared(['amps' => $current->value, 'carries' => $carries], 'A', 0),
            'wants' => Amount::of($wantsMm2 ?? 0.0, 'mm²'),
        ], [
            $current,
            Figure::given('ampacity', $carries, 'A', Origin::Computed),
        ], $run->conductors[0]->uid, variant: $wantsMm2 === null ? 'none' : $variant);
    }

    private function losesTooMuch(CableRuns $runs, CableRun $run): ?Finding
    {
        $lost = $runs->isLast($run) ? $runs->lostTo($run) : null;
        $allowed = $run->systemV * CableRuns::MOST_DROP_PCT / 100.0;
        if ($lost === null || $lost <= $allowed) {
            return null;
        }

        return new Finding('drop-too-large', Severity::Fix, [
            'to' => Named::part($run->far->uid), ...Amount::compared(['lost' => $lost, 'allowed' => $allowed], 'V', 2),
            'share' => Amount::of(100.0 * $lost / $run->systemV, '%', 1), 'amps' => Amount::of($run->current()->value, 'A', 0),
        ], [$run->current(), Figure::given('lost-on-the-way', round($lost, 2), 'V', Origin::Computed)], $run->far->uid);
    }

    /** A conductor that is thicker than a terminal at its end takes is cut to fit, and burns there. */
    private function tooThick(CableRuns $runs, CableRun $run): ?Finding
    {
        $takes = $runs->terminalsTakeMm2($run);
        $largest = max([0.0, ...array_map(static fn(Conductor $c): float => (float) $c->sizeMm2, $run->conductors)]);
        if ($largest <= $takes + 0.01) {
            return null;
        }
        $wants = $runs->wants($run);

        return new Finding('cable-too-thick', Severity::Fix, [
            'from' => Named::part($run->near->uid), 'to' => Named::part($run->far->uid), 'size' => Amount::of($largest, 'mm²'),
            'takes' => Amount::of($takes, 'mm²'), 'count' => Amount::of((float) ($wants['count'] ?? 2), '', 0),
            'each' => Amount::of($wants['mm2'] ?? $takes, 'mm²'),
        ], [
            Figure::given('size', $largest, 'mm²'),
            Figure::given('terminal-takes', $takes, 'mm²', Origin::DataSheet),
        ], $run->conductors[0]->uid, variant: $wants === null ? 'none' : '');
    }
}
