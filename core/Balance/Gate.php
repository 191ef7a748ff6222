<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

use Pebblefell\Bank\Levelling;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;

/**
 * May these batteries be joined now? Join, wait until about such a time, or do not; and why.
 *
 * The rush current is each battery's rested volts against the bar's, over its resistance and its lead; first principles. What a BMS
 * and a lead bear is their data sheet's. On LFP's flat middle volts say almost nothing: there it is judged by charge.
 */
final readonly class Gate
{
    public const JOIN = 'join';
    public const WAIT = 'wait';
    public const DONT = 'dont';

    /** Nothing is to be joined: the bank, or the cells, are alike. */
    public const EVEN = 'even';

    /** What a meter may read too low, V a cell: 20 mV on a 12 V battery. Common practice. */
    private const METER_CELL_V = 0.0034;

    /** Cells are called alike within this, mV, when all stand above the knee. Common practice: 10 mV. */
    public const CELLS_MV = 10.0;

    /** Joined batteries are left so long before they are confirmed, h. Common practice: 12 to 16. */
    public const JOINED_H = 12.0;

    /** Joined, they read alike within this, V. Chosen: a meter's error and the drop of a lead. */
    private const ALIKE_V = 0.03;

    /** Above the knee of the LFP curve, %: only there do a cell's volts tell its charge. Common practice: 3.35 V. */
    private const KNEE_PCT = 99.0;

    /** Rested volts that may lie apart, V a cell: 0.1 V on a 12 V LFP battery, 0.15 V on a lead one. Common practice. */
    private const SPREAD_LFP = 0.025;

    /** After the full method each is known to be full, and rested 13.4 against 13.6 V is typical: V a cell. Common practice. */
    private const SPREAD_LFP_FULL = 0.0625;
    private const SPREAD_LEAD = 0.025;

    /** Charges that may lie apart where volts tell nothing, % points. Chosen. */
    private const SPREAD_SOC = 10.0;

    /** Volts that leave the charge open by more than this, % points, tell almost nothing. Chosen. */
    public const VAGUE_PCT = 15.0;

    /** A reading older than this says little of now, h. Chosen. */
    private const FRESH_H = 2.0;

    /**
     * @param list<string> $reasons  why, the weightiest first
     * @param ?float       $untilS   second of the clock, for wait
     * @param array<string, float> $rushA    out of each battery at the moment of joining, by id
     * @param ?Levelling $levelling what follows if they are joined
     */
    private function __construct(public string $answer, public array $reasons, public ?float $untilS, public array $rushA, public ?Levelling $levelling, public ?float $spreadV)
    {
    }

    /**
     * @param list<Candidate> $candidates
     * @param float $nowS the same clock as the readings'
     * @param float           $linkOhm each battery's two leads to the bar
     * @param ?float $leadA what a lead bears; null: not known
     */
    public static function judge(Protocol $protocol, array $candidates, float $nowS, float $linkOhm, ?float $leadA = null): self
    {
        if ($protocol === Protocol::Refresh || $protocol === Protocol::Cells) {
            return self::alike($protocol, $candidates, $nowS);
        }
        $dont = $wait = $notes = [];
        $until = null;
        if (count($candidates) < 2) {
            return new self(self::DONT, ['there is nothing to join'], null, [], null, null);
        }
        foreach ($candidates as $c) {
            $last = $c->last();
            if ($last === null) {
                $wait[] = "$c->name: nothing is read yet";
                continue;
            }
            if ($c->step->takesCurrent() || $c->step === Step::Waiting) {
                $wait[] = "$c->name: {$c->step->label()}";
            } elseif ($c->step === Step::Resting) {
                $forecast = Forecast::of($c->subject, $protocol, $c->step, $c->readings, $c->sinceS, null);
                if ($forecast->readyAtS !== null && $forecast->readyAtS > $nowS) {
                    $wait[] = "$c->name: $forecast->why";
                    $until = max($until ?? 0.0, $forecast->readyAtS);
                }
            }
            if ($nowS - $last->atS > 3600.0 * self::FRESH_H && in_array($c->step, [Step::Resting, Step::Ready], true)) {
                $wait[] = sprintf('%s: the last reading is %.0f h old; measure it now', $c->name, ($nowS - $last->atS) / 3600.0);
            }
            if ($last->celsius !== null && $last->celsius < $c->subject->chargeFloorC) {
                $dont[] = sprintf('%s is at %.0f °C: the one that is charged must not be below %.0f °C', $c->name, $last->celsius, $c->subject->chargeFloorC);
            }
        }
        if (array_filter($candidates, static fn(Candidate $c): bool => $c->last() === null) !== []) {
            return new self($dont !== [] ? self::DONT : self::WAIT, [...$dont, ...$wait], $until, [], null, null);
        }
        $first = $candidates[0]->subject;
        if (array_filter($candidates, static fn(Candidate $c): bool => $c->subject->chemistry !== $first->chemistry || $c->subject->cells !== $first->cells) !== []) {
            $dont[] = 'they are not of one chemistry and voltage';
        }
        [$rush, $levelling, $charges] = self::rush($candidates, $linkOhm);
        foreach ($candidates as $c) {
            $a = $rush[$c->subject->id];
            $limit = $a > 0.0 ? $c->subject->dischargeLimitA : $c->subject->chargeLimitA;
            if ($limit !== null && abs($a) > $limit) {
                $dont[] = sprintf('%s would %s %.0f A at once; its BMS stands %.0f A', $c->name, $a > 0.0 ? 'give' : 'take', abs($a), $limit);
            }
            if ($leadA !== null && abs($a) > $leadA) {
                $dont[] = sprintf('the lead of %s would carry %.0f A; it bears %.0f A', $c->name, abs($a), $leadA);
            }
        }
        $volts = array_map(static fn(Candidate $c): float => $c->last()->volts ?? 0.0, $candidates);
        $spread = max([-INF, ...$volts]) - min([INF, ...$volts]);
        $allowed = self::allowedV($protocol, $first->chemistry, $first->cells);
        if (!$first->chemistry->isLithium()) {
            $dont = [...$dont, ...self::notFull($candidates)];
        }
        if ($spread > $allowed) {
            $dont[] = sprintf('their volts lie %.2f V apart; %.2f V is the limit', $spread, $allowed);
        }
        $vague = array_filter($charges, static fn(array $c): bool => $c[1] > self::VAGUE_PCT);
        if ($vague !== []) {
            $notes[] = 'on the flat of the curve volts tell almost nothing of the charge: it is judged by charge';
            // After the full method each has been filled: that is what its hours are for.
            if ($protocol !== Protocol::Full) {
                $dont[] = 'how full they are is not known: volts on the flat leave it open, and no charge was counted. Fill each (full method), or discharge to the knee';
            }
        } else {
            $socs = array_column($charges, 0);
            $apart = max([0.0, ...$socs]) - min([100.0, ...$socs]);
            if ($apart > self::SPREAD_SOC && $spread <= $allowed) {
                $dont[] = sprintf('their charges lie %.0f points apart', $apart);
            }
        }
        $answer = match (true) {
            $wait !== [] && $dont === [] => self::WAIT,
            $dont !== [] => self::DONT,
            default => self::JOIN,
        };
        // Not ready and not right: waiting comes first, the rest may settle.
        if ($wait !== [] && $dont !== [] && array_filter($candidates, static fn(Candidate $c): bool => $c->step->takesCurrent() || $c->step === Step::Waiting) !== []) {
            $answer = self::WAIT;
        }
        $reasons = $answer === self::JOIN
            ? [sprintf('%.0f mV apart, and no more than %.0f A at the moment of joining', 1000.0 * $spread, max([0.0, ...array_map(abs(...), $rush)])), ...$notes]
            : [...($answer === self::WAIT ? $wait : $dont), ...($answer === self::WAIT ? [] : $wait), ...$notes];

        return new self($answer, $reasons, $answer === self::WAIT ? $until : null, $rush, $levelling, $spread);
    }

    /** V that rested batteries, or strings, of so many cells in series may lie apart. */
    public static function allowedV(Protocol $protocol, Chemistry $chemistry, int $cells): float
    {
        return $cells * match (true) {
            !$chemistry->isLithium() => self::SPREAD_LEAD,
            $protocol === Protocol::Full => self::SPREAD_LFP_FULL,
            default => self::SPREAD_LFP,
        };
    }

    /**
     * Whether the result may be kept: what speaks against it, or nothing.
     *
     * @param list<Candidate> $candidates
     * @param ?float $joinedS when they were joined; null: not yet
     *
     * @return list<string>
     */
    public static function confirm(Protocol $protocol, array $candidates, ?float $joinedS, float $nowS): array
    {
        if (!in_array(Step::Joined, $protocol->steps(), true)) {
            $gate = self::judge($protocol, $candidates, $nowS, 0.0);

            return $gate->answer === self::EVEN ? [] : $gate->reasons;
        }
        if ($joinedS === null) {
            return ['they are not joined yet'];
        }
        $against = $volts = [];
        if ($nowS - $joinedS < 3600.0 * self::JOINED_H) {
            $against[] = sprintf('joined %.0f h ago; they are left %.0f to 16 hours', ($nowS - $joinedS) / 3600.0, self::JOINED_H);
        }
        foreach ($candidates as $c) {
            $last = $c->last();
            if ($last === null || $last->atS < $joinedS + 3600.0 * self::JOINED_H) {
                $against[] = "$c->name: measure it now";
            } else {
                $volts[] = $last->volts;
            }
        }
        if ($volts !== [] && max($volts) - min($volts) > self::ALIKE_V) {
            $against[] = sprintf('they still read %.0f mV apart, though they are joined: wait, or look for a bad joint', 1000.0 * (max($volts) - min($volts)));
        }

        return $against;
    }

    /**
     * A bank that stays joined: is its charge over, and did it make all alike?
     *
     * @param list<Candidate> $candidates
     */
    private static function alike(Protocol $protocol, array $candidates, float $nowS): self
    {
        $wait = $dont = $volts = [];
        $until = null;
        foreach ($candidates as $c) {
            $last = $c->last();
            if ($last === null) {
                $wait[] = "$c->name: nothing is read yet";
                continue;
            }
            $volts[] = $last->volts;
            $forecast = Forecast::of($c->subject, $protocol, $c->step, $c->readings, $c->sinceS, null);
            $over = $forecast->readyAtS !== null && $forecast->readyAtS <= $nowS;
            if ($c->step === Step::Waiting || ($c->step !== Step::Ready && !$over)) {
                $wait[] = "$c->name: {$c->step->label()}" . ($forecast->why === $c->step->label() ? '' : ', ' . $forecast->why);
                $until = $forecast->readyAtS === null ? $until : max($until ?? 0.0, $forecast->readyAtS);
            } elseif ($protocol === Protocol::Refresh && $c->step->takesCurrent()) {
                $dont[] = "$c->name: its 16 hours are over; take it off the charger";
            }
            if ($protocol === Protocol::Cells && $wait === []) {
                $dont = [...$dont, ...self::cellsApart($c, $last)];
            }
        }
        $spread = $volts === [] ? null : max($volts) - min($volts);
        if ($protocol === Protocol::Refresh && $wait === []) {
            $allowed = self::allowedV($protocol, $candidates[0]->subject->chemistry, $candidates[0]->subject->cells);
            $dont = [...$dont, ...self::notFull($candidates)];
            if (($spread ?? 0.0) > $allowed) {
                $dont[] = sprintf('their volts lie %.2f V apart; %.2f V is the limit: one of them does not hold its charge', $spread, $allowed);
            }
        }
        $answer = $wait !== [] ? self::WAIT : ($dont !== [] ? self::DONT : self::EVEN);
        $even = $protocol === Protocol::Cells ? 'all cells are above the knee and within ' . self::CELLS_MV . ' mV' : sprintf('all are full, and %.2f V apart', $spread ?? 0.0);

        return new self($answer, match ($answer) {
            self::WAIT => [...$wait, ...$dont],
            self::DONT => $dont,
            default => [$even],
        }, $answer === self::WAIT ? $until : null, [], null, $spread);
    }

    /**
     * Lead that rests below the full end of its curve (AGM 13.0 V) wants a refresh charge. Common practice.
     *
     * @param list<Candidate> $candidates lead
     *
     * @return list<string>
     */
    private static function notFull(array $candidates): array
    {
        $low = array_filter($candidates, static fn(Candidate $c): bool => ($c->last()->volts ?? 99.0) < $c->subject->restV(100.0) - self::METER_CELL_V * $c->subject->cells && !$c->step->takesCurrent());

        return array_values(array_map(static fn(Candidate $c): string => sprintf('%s rests at %.2f V, below %.1f: refresh-charge the whole bank; if it stays low, it is worn', $c->name, $c->last()->volts ?? 0.0, $c->subject->restV(100.0)), $low));
    }

    /**
     * @return list<string>
     */
    private static function cellsApart(Candidate $c, Reading $last): array
    {
        if ($last->cells === null || $last->cells === []) {
            return ["$c->name: its cells were not read; the pack's own volts do not tell"];
        }
        if (min($last->cells) < $c->subject->curve->volts(self::KNEE_PCT)) {
            return [sprintf('%s: cell %d is at %.3f V, below the knee, where volts tell nothing: charge to the top, then read', $c->name, 1 + (int) array_search(min($last->cells), $last->cells, true), min($last->cells))];
        }

        return ($last->spreadMv() ?? 0.0) > self::CELLS_MV
            ? [sprintf('%s: cell %d leads by %.0f mV; let the balancer go on', $c->name, 1 + (int) array_search(max($last->cells), $last->cells, true), $last->spreadMv())]
            : [];
    }

    /**
     * @param list<Candidate> $candidates all with a reading
     *
     * @return array{array<string, float>, ?Levelling, list<array{float, float}>} rush amps by id, what follows, charges with how far they may be off
     */
    private static function rush(array $candidates, float $linkOhm): array
    {
        $siemens = $weighted = 0.0;
        $charges = $rows = [];
        foreach ($candidates as $c) {
            $ohm = $c->subject->ohm + $linkOhm;
            $siemens += 1.0 / $ohm;
            $weighted += ($c->last()->volts ?? 0.0) / $ohm;
            [$soc, $vague] = Forecast::charge($c->subject, $c->readings);
            $charges[] = [$soc ?? 50.0, $vague];
            $rows[] = ['id' => $c->subject->id, 'capacity_ah' => $c->subject->capacityAh, 'r_ohm' => $c->subject->ohm, 'soc_pct' => $soc ?? 50.0];
        }
        $bar = $weighted / $siemens;
        $rush = [];
        foreach ($candidates as $c) {
            $rush[$c->subject->id] = (($c->last()->volts ?? 0.0) - $bar) / ($c->subject->ohm + $linkOhm);
        }
        try {
            $levelling = Levelling::of($rows, $candidates[0]->subject->chemistry, $linkOhm, 0.5, $candidates[0]->subject->cells);
        } catch (InvalidValue) {
            $levelling = null;
        }

        return [$rush, $levelling, $charges];
    }
}
