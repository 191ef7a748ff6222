<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use LogicException;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\NotedTick;
use Pebblefell\Stage\Ticks;

/**
 * How far the day is: what is done, what is next, and what stays closed until something is measured.
 *
 * A tick does not open a gate: a reading within its limits does, or the stage that it names.
 */
final readonly class Standing
{
    /** Damage that was found, and work that somebody else has done or will do. */
    public const FOUND = 'found';
    public const OTHERS = 'others';
    public const REMARKS = [self::FOUND, self::OTHERS];

    /**
     * @param list<array{step: Step, tick: ?NotedTick, closed: ?Word, own: bool, gates: bool}> $rows in order; closed: why it cannot be
     *     done yet
     * @param ?int                                                $next index of what is next; null: all is done
     * @param list<NotedTick> $gone what was done otherwise at steps that the plan no longer has: it
     *     follows what was built
     * @param list<array{kind: string, tick: NotedTick}>               $remarks what belongs to no step: see REMARKS
     */
    private function __construct(
        public RunSheet $sheet,
        public array $rows,
        public ?int $next,
        public array $gone,
        public array $remarks,
    ) {
    }

    /**
     * @param bool $balanced the planned batteries may be joined
     * @param bool $settled  every box is noted as set
     */
    public static function of(RunSheet $sheet, Ticks $ticks, bool $balanced, bool $settled): self
    {
        $rows = [];
        $next = $closed = null;
        $undone = 0;
        foreach ($sheet->steps as $k => $step) {
            $tick = $ticks->on($step->key);
            $own = match (true) {
                $step->closedBy === 'balance' && !$balanced, $step->closedBy === 'settings' && !$settled => Word::of(
                    "steps.closed.$step->closedBy",
                ),
                $k === count($sheet->steps) - 1 && $undone > 0 => Word::of('steps.closed.all', ['count' => $undone]),
                default => null,
            };
            // What was measured badly closes the way again, whatever was ticked; so does a stage that counts no more.
            $passed = $tick !== null && ($step->closedBy === '' || $own === null)
                && ($step->reading?->isGate() !== true || ($tick->value !== null && $step->reading->isGood($tick->value)));
            $gates = !$passed && ($step->reading?->isGate() === true || $step->closedBy !== '');
            $rows[] = ['step' => $step, 'tick' => $tick, 'closed' => $closed ?? $own, 'own' => $own !== null, 'gates' => $gates];
            if ($tick === null) {
                ++$undone;
                $next ??= $k;
            }
            if ($gates) {
                $closed ??= $step->reading?->isGate() === true
                    ? Word::of('steps.closed.measure', ['step' => self::title($step), 'limits' => $step->reading->within()])
                    : $own ?? Word::of('steps.closed.first', ['step' => self::title($step)]);
                $next = min($next ?? $k, $k);
            }
        }

        $keys = array_map(static fn(Step $s): string => $s->key, $sheet->steps);
        $gone = $remarks = [];
        foreach ($ticks->standing() as $tick) {
            $kind = explode('.', $tick->step)[0];
            if (in_array($kind, self::REMARKS, true)) {
                $remarks[] = ['kind' => $kind, 'tick' => $tick];
            } elseif ($tick->state === NotedTick::OTHERWISE && !in_array($tick->step, $keys, true)) {
                $gone[] = $tick;
            }
        }

        return new self($sheet, $rows, $next, $gone, $remarks);
    }

    public static function title(Step $step): Word
    {
        return Word::of("steps.does.$step->does.title", $step->args);
    }

    /** The first step that does it. */
    public function ofWhat(string $does): Step
    {
        foreach ($this->sheet->steps as $step) {
            if ($step->does === $does) {
                return $step;
            }
        }
        throw new LogicException("no-step: $does");
    }

    public function done(): int
    {
        return count(array_filter($this->rows, static fn(array $r): bool => $r['tick'] !== null));
    }

    public function count(): int
    {
        return count($this->rows);
    }

    public function isDone(): bool
    {
        return $this->next === null;
    }

    /**
     * @return list<array{step: Step, tick: NotedTick, closed: ?Word}> what was done otherwise than planned
     */
    public function otherwise(): array
    {
        return array_values(array_filter($this->rows, static fn(array $r): bool => $r['tick']?->state === NotedTick::OTHERWISE));
    }

    /** Minutes of work that are left, by person. */
    public function minutesLeft(): float
    {
        return array_sum(array_map(
            static fn(array $r): float => $r['tick'] === null ? $r['step']->minutes * $r['step']->hands : 0.0,
            $this->rows,
        ));
    }
}
