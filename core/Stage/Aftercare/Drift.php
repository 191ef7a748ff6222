<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Aftercare;

use Pebblefell\Stage\NotedTick;
use Pebblefell\Stage\Reading;
use Pebblefell\Stage\Ticks;

/** The readings of the handover beside today's, line by line of what was proven. */
final readonly class Drift
{
    /** A resistance that has grown by so much, or another reading that has moved by so much, has drifted. Chosen. */
    private const GROWN = 0.3;
    private const MOVED = 0.1;

    /**
     * @param list<array{key: string, does: string, args: array<string, mixed>, reading: Reading, then: float, now: ?float, change: ?float,
     *     drifted: bool, good: ?bool, thenTick: NotedTick, nowTick: ?NotedTick}> $rows
     *     change: share of what it was; good: within its limits today
     */
    private function __construct(public array $rows)
    {
    }

    /**
     * @param list<array{key: string, does: string, args: array<string, mixed>, reading: Reading}> $lines that are measured
     * @param Ticks                                                                                $then  until the handover
     * @param Ticks                                                                                $now   after it
     */
    public static function of(array $lines, Ticks $then, Ticks $now): self
    {
        $rows = [];
        foreach ($lines as $line) {
            $before = $then->on($line['key']);
            $was = $before === null ? null : self::value($line['reading'], $before);
            if ($before === null || $was === null) {
                continue;
            }
            $after = $now->on($line['key']);
            $is = $after === null ? null : self::value($line['reading'], $after);
            $change = $is === null || abs($was) < 1e-9 ? null : $is / $was - 1.0;
            $rows[] = [
                ...$line,
                'then' => $was,
                'now' => $is,
                'change' => $change,
                'drifted' => $change !== null && ($line['reading']->wantsAmps() && $line['reading']->quantity === 'volts'
                    ? $change > self::GROWN
                    : abs($change) > self::MOVED),
                'good' => $after?->value === null ? null : $line['reading']->isGood($after->value, $after->amps),
                'thenTick' => $before,
                'nowTick' => $after,
            ];
        }

        return new self($rows);
    }

    /** Returns what is compared: a reading as it is, or by the ampere where it goes with the current. */
    private static function value(Reading $reading, NotedTick $tick): ?float
    {
        return match (true) {
            $tick->value === null => null,
            !$reading->wantsAmps() => $tick->value,
            $tick->amps === null || $tick->amps <= 0.0 => null,
            default => $tick->value / $tick->amps,
        };
    }

    /** Lines that were read again. */
    public function read(): int
    {
        return count(array_filter($this->rows, static fn(array $r): bool => $r['now'] !== null));
    }

    /** Lines that have drifted, or are out of their limits today. */
    public function off(): int
    {
        return count(array_filter($this->rows, static fn(array $r): bool => $r['drifted'] || $r['good'] === false));
    }
}
