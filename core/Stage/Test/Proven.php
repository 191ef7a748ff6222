<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Test;

use Pebblefell\Stage\NotedTick;
use Pebblefell\Stage\Ticks;

/** Tells what was measured against what was promised, line by line. */
final readonly class Proven
{
    public const OPEN = 'open';
    public const GOOD = 'good';
    public const MISS = 'miss';

    /**
     * @param list<array{check: Check, tick: ?NotedTick, verdict: string}> $rows in order
     */
    private function __construct(public array $rows)
    {
    }

    public static function of(TestSheet $sheet, Ticks $ticks): self
    {
        return new self(array_map(static function (Check $check) use ($ticks): array {
            $tick = $ticks->on($check->key);

            return ['check' => $check, 'tick' => $tick, 'verdict' => self::verdict($check, $tick)];
        }, $sheet->checks));
    }

    /** Judges a tick: otherwise is a miss by eye; a reading is judged by its limits at the current that flowed. */
    private static function verdict(Check $check, ?NotedTick $tick): string
    {
        return match (true) {
            $tick === null => self::OPEN,
            $tick->state === NotedTick::OTHERWISE => self::MISS,
            $check->reading === null => self::GOOD,
            $tick->value === null => self::OPEN,
            $check->reading->wantsAmps() && $tick->amps === null => self::OPEN,
            default => $check->reading->isGood($tick->value, $tick->amps) ? self::GOOD : self::MISS,
        };
    }

    public function count(string $verdict): int
    {
        return count(array_filter($this->rows, static fn(array $r): bool => $r['verdict'] === $verdict));
    }

    public function isDone(): bool
    {
        return $this->rows !== [] && $this->count(self::GOOD) === count($this->rows);
    }
}
