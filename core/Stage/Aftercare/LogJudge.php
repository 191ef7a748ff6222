<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Aftercare;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Word;
use Pebblefell\Load\LoadMoment;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * A log beside the plan: was it battery or sun, did a source never come, does something run that nobody listed. Only days that were logged
 * nearly whole count. Shares and limits are chosen.
 */
final readonly class LogJudge
{
    /** h of a day that must be there for it to count. */
    private const WHOLE_DAY_H = 20.0;

    /** Days below which nothing is said of a mean. */
    private const LEAST_DAYS = 3;

    /** More, or less, than this share of the plan is worth a word. */
    private const MORE = 1.25;
    private const LESS = 0.6;

    /** A bank that comes below this was short, %; full again from here; not full for so many days. */
    private const SHORT_PCT = 20.0;
    private const FULL_PCT = 95.0;
    private const UNFULL_DAYS = 14;

    /** Of what went out, put back by so much the bank was refilled. */
    private const PUT_BACK = 0.97;

    /** W by night beyond the plan that nobody listed. */
    private const NIGHT_W = 10.0;

    /** With this much left by the monitor a battery does not rest at the volts of that much, %. */
    public const SHRUNK_FROM_PCT = 30.0;
    private const SHRUNK_LIKE_PCT = 8.0;

    /** Held at the top longer than so many h a day, a lithium bank ages. */
    private const TOP_H = 12.0;

    /**
     * @param list<LogDay> $whole days that count
     * @param list<Word>   $says
     */
    private function __construct(
        public array $whole,
        public ?float $inWh,
        public ?float $outWh,
        public ?float $plannedOutWh,
        public array $says,
    ) {
    }

    /**
     * Wh a day that left the battery, over the days that count; null where none does.
     *
     * @param list<LogDay> $days
     */
    public static function outWh(array $days): ?float
    {
        return self::mean(self::whole($days), static fn(LogDay $d): ?float => $d->outWh);
    }

    /**
     * @param list<LogDay> $days
     *
     * @return list<LogDay>
     */
    private static function whole(array $days): array
    {
        return array_values(array_filter($days, static fn(LogDay $d): bool => $d->hours >= self::WHOLE_DAY_H));
    }

    /**
     * @param list<LogDay> $days
     */
    public static function of(Study $study, array $days): self
    {
        $whole = self::whole($days);
        $in = self::mean($whole, static fn(LogDay $d): ?float => $d->inWh);
        $out = self::mean($whole, static fn(LogDay $d): ?float => $d->outWh);
        $planned = $study->loads()->budget->energyWhDay;
        if (count($whole) < self::LEAST_DAYS) {
            return new self(
                $whole,
                $in,
                $out,
                $planned > 0.0 ? $planned : null,
                [Word::of('log.says.few-days', ['days' => (string) self::LEAST_DAYS])],
            );
        }
        $says = array_values(array_filter([
            self::used($study, $out, self::mean($whole, static fn(LogDay $d): ?float => $d->usedWh()), $planned),
            self::batteryOrSun($whole, $in, $out),
            self::sun($study, $whole),
            self::night($study, $whole),
            self::neverFull($whole),
            self::heldFull($study, $whole),
            self::shrunk($study, $whole),
        ]));

        return new self($whole, $in, $out, $planned > 0.0 ? $planned : null, $says === [] ? [Word::of('log.says.fits')] : $says);
    }

    /**
     * Returns what was used: what left the battery is the least of it; all of it is known where the sun was logged and nothing else
     * charges.
     */
    private static function used(Study $study, ?float $out, ?float $used, float $planned): ?Word
    {
        $sunAlone = array_filter($study->planned()->chargers(), static fn(Part $p): bool => !$p->is(Family::SolarRegulator)) === [];
        $all = $sunAlone ? $used : null;
        $key = match (true) {
            $planned <= 0.0 => null,
            ($all ?? $out ?? 0.0) > self::MORE * $planned => 'more-used',
            $all !== null && $all < self::LESS * $planned => 'less-used',
            default => null,
        };

        return $key === null ? null : Word::of("log.says.$key", [
            'out' => Amount::of((float) ($all ?? $out), 'Wh', 0), 'planned' => Amount::of($planned, 'Wh', 0),
        ]);
    }

    /**
     * It came low: either what was taken out was not put back, or it was, and the bank does not carry a day.
     *
     * @param list<LogDay> $whole
     */
    private static function batteryOrSun(array $whole, ?float $in, ?float $out): ?Word
    {
        $low = array_filter($whole, static fn(LogDay $d): bool => $d->lowPct !== null && $d->lowPct < self::SHORT_PCT);
        if ($low === [] || $in === null || $out === null) {
            return null;
        }
        $key = $in < self::PUT_BACK * $out ? 'was-sun' : 'was-battery';

        return Word::of("log.says.$key", [
            'times' => (string) count($low), 'low' => Amount::of(
                min(array_map(static fn(LogDay $d): float => (float) $d->lowPct, $low)),
                '%',
                0,
            ),
            'in' => Amount::of($in, 'Wh', 0), 'out' => Amount::of($out, 'Wh', 0),
        ]);
    }

    /**
     * @param list<LogDay> $whole
     */
    private static function sun(Study $study, array $whole): ?Word
    {
        $months = [];
        foreach ($study->simulations->sun()->months ?? [] as $month) {
            $months[$month->month] = $month->plannedWh;
        }
        $measured = self::mean($whole, static fn(LogDay $d): ?float => $d->sunWh);
        $promised = self::mean($whole, static fn(LogDay $d): ?float => $months[$d->month()] ?? null);
        // A full bank takes no more: what sun there was then says nothing.
        $hungry = self::mean($whole, static fn(LogDay $d): ?float => $d->highPct) ?? 0.0;
        if ($measured === null || $promised === null || $promised <= 0.0) {
            return null;
        }
        if ($measured >= self::LESS * $promised || $hungry >= self::FULL_PCT) {
            return null;
        }

        return Word::of($measured < 0.05 * $promised ? 'log.says.sun-never-came' : 'log.says.sun-short', [
            'measured' => Amount::of($measured, 'Wh', 0), 'promised' => Amount::of($promised, 'Wh', 0),
        ]);
    }

    /**
     * @param list<LogDay> $whole
     */
    private static function night(Study $study, array $whole): ?Word
    {
        $measured = self::mean($whole, static fn(LogDay $d): ?float => $d->nightW);
        $hours = $wh = 0.0;
        foreach ($study->loads()->budget->moments as $moment) {
            $part = self::between($moment, 1.0, 4.0);
            $hours += $part;
            $wh += $part * $moment->meanW;
        }
        $planned = $hours > 0.0 ? $wh / $hours : 0.0;

        return $measured === null || $measured <= $planned * self::MORE + self::NIGHT_W ? null : Word::of('log.says.unlisted', [
            'measured' => Amount::of($measured, 'W', 0), 'planned' => Amount::of($planned, 'W', 0),
            'day' => Amount::of(24.0 * ($measured - $planned), 'Wh', 0),
        ]);
    }

    private static function between(LoadMoment $moment, float $from, float $to): float
    {
        return max(0.0, min($moment->toH, $to) - max($moment->fromH, $from));
    }

    /**
     * @param list<LogDay> $whole
     */
    private static function neverFull(array $whole): ?Word
    {
        $since = $longest = 0;
        foreach ($whole as $day) {
            $since = $day->highPct === null || $day->highPct >= self::FULL_PCT ? 0 : $since + 1;
            $longest = max($longest, $since);
        }

        return $longest < self::UNFULL_DAYS ? null : Word::of('log.says.never-full', ['days' => (string) $longest]);
    }

    /**
     * @param list<LogDay> $whole
     */
    private static function heldFull(Study $study, array $whole): ?Word
    {
        $top = self::mean($whole, static fn(LogDay $d): ?float => $d->highPct === null ? null : $d->topH);

        return $study->banks()->lithium() === null || $top === null || $top <= self::TOP_H
            ? null
            : Word::of('log.says.held-full', ['hours' => Amount::of($top, 'h', 0)]);
    }

    /**
     * The monitor says that more than this is left, and yet the volts, with hardly anything flowing, are those of a battery near its end:
     * it holds less than the monitor was told.
     *
     * @param list<LogDay> $whole
     */
    private static function shrunk(Study $study, array $whole): ?Word
    {
        $bank = $study->banks()->planned->bank;
        $rest = array_filter(array_map(static fn(LogDay $d): ?float => $d->restV, $whole), static fn(?float $v): bool => $v !== null);
        if ($bank === null || $rest === []) {
            return null;
        }
        $ends = $bank->chemistry()->restCurve()->volts(self::SHRUNK_LIKE_PCT) * $bank->cells();

        return min($rest) >= $ends ? null : Word::of('log.says.shrunk', [
            'volts' => Amount::of(min($rest), 'V', 2), 'says' => Amount::of(self::SHRUNK_FROM_PCT, '%', 0),
            'like' => Amount::of(self::SHRUNK_LIKE_PCT, '%', 0),
        ]);
    }

    /**
     * @param list<LogDay>             $days
     * @param callable(LogDay): ?float $of
     */
    private static function mean(array $days, callable $of): ?float
    {
        $values = array_filter(array_map($of, $days), static fn(?float $v): bool => $v !== null);

        return $values === [] ? null : array_sum($values) / count($values);
    }
}
