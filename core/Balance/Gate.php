<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Word;

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

    /** So far below its rested full volts lead wants a refresh, V per 12 V. Common practice. */
    private const REFRESH_BELOW_V = 0.15;

    /** Joined batteries are left so long before they are confirmed, h. Common practice: 12 to 16. */
    public const JOINED_H = 12.0;

    /** Joined, they read alike within this, V. Chosen: a meter's error and the drop of a lead. */
    private const ALIKE_V = 0.03;

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
     * @param list<Word> $reasons  why, the weightiest first
     * @param ?float       $untilS   second of the clock, for wait
     * @param ?Rush        $rush     what flows if they are joined; null: nothing is to be joined, or something is not read
     */
    private function __construct(
        public string $answer,
        public array $reasons,
        public ?float $untilS,
        public ?Rush $rush,
        public ?float $spreadV,
    ) {
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
            return new self(self::DONT, [self::say('nothing-to-join')], null, null, null);
        }
        foreach ($candidates as $c) {
            $last = $c->last();
            if ($last === null) {
                $wait[] = self::about($c, Word::of('balance.forecast.nothing-read'));
                continue;
            }
            if ($c->step->takesCurrent() || $c->step === BalanceStep::Waiting) {
                $wait[] = self::about($c, Word::of('balance.steps.' . $c->step->value));
            } elseif ($c->step === BalanceStep::Resting) {
                $forecast = Forecast::of($c->subject, $protocol, $c->step, $c->readings, $c->sinceS, null);
                if ($forecast->readyAtS !== null && $forecast->readyAtS > $nowS) {
                    $wait[] = self::about($c, $forecast->why);
                    $until = max($until ?? 0.0, $forecast->readyAtS);
                }
            }
            if ($nowS - $last->atS > 3600.0 * self::FRESH_H && in_array($c->step, [BalanceStep::Resting, BalanceStep::Ready], true)) {
                $wait[] = self::about($c, self::say('old', ['hours' => Amount::of(($nowS - $last->atS) / 3600.0, 'h', 0)]));
            }
            if ($last->celsius !== null && $last->celsius < $c->subject->chargeFloorC) {
                $dont[] = self::say(
                    'cold',
                    [
                        'name' => $c->name,
                        'celsius' => Amount::of($last->celsius, '°C', 0),
                        'floor' => Amount::of($c->subject->chargeFloorC, '°C', 0),
                    ],
                );
            }
        }
        if (array_filter($candidates, static fn(Candidate $c): bool => $c->last() === null) !== []) {
            return new self($dont !== [] ? self::DONT : self::WAIT, [...$dont, ...$wait], $until, null, null);
        }
        $first = $candidates[0]->subject;
        if (array_filter(
            $candidates,
            static fn(Candidate $c): bool => $c->subject->chemistry !== $first->chemistry || $c->subject->cells !== $first->cells,
        ) !== []) {
            $dont[] = self::say('unlike');
        }
        $rush = Rush::of($candidates, $linkOhm);
        foreach ($candidates as $c) {
            $a = $rush->amps[$c->subject->id];
            $limit = $a > 0.0 ? $c->subject->dischargeLimitA : $c->subject->chargeLimitA;
            if ($limit !== null && abs($a) > $limit) {
                $dont[] = self::say(
                    $a > 0.0 ? 'gives' : 'takes',
                    ['name' => $c->name, ...Amount::compared(['amps' => abs($a), 'limit' => $limit], 'A', 0)],
                );
            }
            if ($leadA !== null && abs($a) > $leadA) {
                $dont[] = self::say(
                    'lead',
                    ['name' => $c->name, ...Amount::compared(['amps' => abs($a), 'limit' => $leadA], 'A', 0)],
                );
            }
        }
        $volts = array_map(static fn(Candidate $c): float => $c->last()->volts ?? 0.0, $candidates);
        $spread = max([-INF, ...$volts]) - min([INF, ...$volts]);
        $allowed = self::allowedV($protocol, $first->chemistry, $first->cells);
        if (!$first->chemistry->isLithium()) {
            $dont = [...$dont, ...self::notFull($candidates)];
        }
        if ($spread > $allowed) {
            $dont[] = self::say('volts-apart', Amount::compared(['spread' => $spread, 'limit' => $allowed], 'V', 2));
        }
        $vague = array_filter($rush->charges, static fn(array $c): bool => $c[1] > self::VAGUE_PCT);
        if ($vague !== []) {
            // After the full method each has been filled: that is what its hours are for. Else the first full charge tells.
            $notes[] = self::say($protocol === Protocol::Full ? 'flat' : 'unknown-charge');
        } else {
            $socs = array_column($rush->charges, 0);
            $apart = max([0.0, ...$socs]) - min([100.0, ...$socs]);
            if ($apart > self::SPREAD_SOC && $spread <= $allowed) {
                $dont[] = self::say('charges-apart', ['points' => Amount::of($apart, '', 0)]);
            }
        }
        $answer = match (true) {
            $wait !== [] && $dont === [] => self::WAIT,
            $dont !== [] => self::DONT,
            default => self::JOIN,
        };
        // Not ready and not right: waiting comes first, the rest may settle.
        if ($wait !== [] && $dont !== [] && array_filter(
            $candidates,
            static fn(Candidate $c): bool => $c->step->takesCurrent() || $c->step === BalanceStep::Waiting,
        ) !== []) {
            $answer = self::WAIT;
        }
        $reasons = $answer === self::JOIN
            ? [
                self::say(
                    'join',
                    [
                        'mv' => Amount::of(1000.0 * $spread, 'mV', 0),
                        'amps' => Amount::of($rush->mostA(), 'A', 0),
                    ],
                ),
                ...$notes,
            ]
            : [...($answer === self::WAIT ? $wait : $dont), ...($answer === self::WAIT ? [] : $wait), ...$notes];

        return new self($answer, $reasons, $answer === self::WAIT ? $until : null, $rush, $spread);
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
     * @return list<Word>
     */
    public static function confirm(Protocol $protocol, array $candidates, ?float $joinedS, float $nowS): array
    {
        if (!in_array(BalanceStep::Joined, $protocol->steps(), true)) {
            $gate = self::judge($protocol, $candidates, $nowS, 0.0);

            return $gate->answer === self::EVEN ? [] : $gate->reasons;
        }
        if ($joinedS === null) {
            return [self::say('not-joined')];
        }
        $against = $volts = [];
        if ($nowS - $joinedS < 3600.0 * self::JOINED_H) {
            $against[] = self::say(
                'joined-since',
                ['hours' => Amount::of(($nowS - $joinedS) / 3600.0, 'h', 0), 'least' => Amount::of(self::JOINED_H, '', 0)],
            );
        }
        foreach ($candidates as $c) {
            $last = $c->last();
            if ($last === null || $last->atS < $joinedS + 3600.0 * self::JOINED_H) {
                $against[] = self::about($c, self::say('measure'));
            } else {
                $volts[] = $last->volts;
            }
        }
        if ($volts !== [] && max($volts) - min($volts) > self::ALIKE_V) {
            $against[] = self::say('still-apart', ['mv' => Amount::of(1000.0 * (max($volts) - min($volts)), 'mV', 0)]);
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
                $wait[] = self::about($c, Word::of('balance.forecast.nothing-read'));
                continue;
            }
            $volts[] = $last->volts;
            $forecast = Forecast::of($c->subject, $protocol, $c->step, $c->readings, $c->sinceS, null);
            $over = $forecast->readyAtS !== null && $forecast->readyAtS <= $nowS;
            if ($c->step === BalanceStep::Waiting || ($c->step !== BalanceStep::Ready && !$over)) {
                $wait[] = self::about(
                    $c,
                    $forecast->why->key === "balance.steps.{$c->step->value}" ? $forecast->why : self::say(
                        'step-and-why',
                        ['step' => Word::of('balance.steps.' . $c->step->value), 'why' => $forecast->why],
                    ),
                );
                $until = $forecast->readyAtS === null ? $until : max($until ?? 0.0, $forecast->readyAtS);
            } elseif ($protocol === Protocol::Refresh && $c->step->takesCurrent()) {
                $dont[] = self::about($c, self::say('over'));
            }
            if ($protocol === Protocol::Cells && $wait === []) {
                $apart = CellsApart::of($c, $last);
                $dont = $apart === null ? $dont : [...$dont, self::about($c, $apart)];
            }
        }
        $spread = $volts === [] ? null : max($volts) - min($volts);
        if ($protocol === Protocol::Refresh && $wait === []) {
            $allowed = self::allowedV($protocol, $candidates[0]->subject->chemistry, $candidates[0]->subject->cells);
            $dont = [...$dont, ...self::notFull($candidates)];
            if (($spread ?? 0.0) > $allowed) {
                $dont[] = self::say('holds-not', Amount::compared(['spread' => $spread ?? 0.0, 'limit' => $allowed], 'V', 2));
            }
        }
        $answer = $wait !== [] ? self::WAIT : ($dont !== [] ? self::DONT : self::EVEN);
        $even = $protocol === Protocol::Cells ? self::say(
            'cells-even',
            ['mv' => Amount::of(CellsApart::ALIKE_MV, 'mV', 0)],
        ) : self::say('all-full', ['spread' => Amount::of($spread ?? 0.0, 'V', 2)]);

        return new self($answer, match ($answer) {
            self::WAIT => [...$wait, ...$dont],
            self::DONT => $dont,
            default => [$even],
        }, $answer === self::WAIT ? $until : null, null, $spread);
    }

    /**
     * Lead that rests well below its full volts wants a refresh charge. Common practice.
     *
     * @param list<Candidate> $candidates lead
     *
     * @return list<Word>
     */
    private static function notFull(array $candidates): array
    {
        $low = array_filter(
            $candidates,
            static fn(Candidate $c): bool => ($c->last()->volts
                ?? 99.0) < $c->subject->fullV - self::REFRESH_BELOW_V * $c->subject->cells / 6.0
                && !$c->step->takesCurrent(),
        );

        return array_values(array_map(static fn(Candidate $c): Word => self::say('not-full', [
            'name' => $c->name, 'volts' => Amount::of($c->last()->volts ?? 0.0, 'V', 2), 'full' => Amount::of($c->subject->fullV, 'V', 2),
        ]), $low));
    }

    private static function about(Candidate $candidate, Word $what): Word
    {
        return self::say('of', ['name' => $candidate->name, 'what' => $what]);
    }

    /**
     * @param array<string, mixed> $args
     */
    private static function say(string $key, array $args = []): Word
    {
        return Word::of("balance.gate.$key", $args);
    }
}
