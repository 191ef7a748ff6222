<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Activity;
use App\Models\DayPlan;
use App\Models\Handover;
use App\Models\Job;
use App\Models\Offer;
use App\Models\Secret;
use App\Models\Signature;
use App\Models\Workshop;
use Carbon\CarbonInterface;
use Illuminate\Support\Collection;

/** Tells what one person did to a job in one go. */
final class HistoryAct
{
    private ?string $told = null;

    /**
     * @param string                    $name  as the history's routes know it
     * @param Collection<int, Activity> $lines in order, at least one
     */
    public function __construct(public readonly string $name, public readonly Collection $lines)
    {
    }

    public function who(): string
    {
        return $this->lines->first()?->who() ?? '';
    }

    public function at(): ?CarbonInterface
    {
        return $this->lines->first()?->created_at;
    }

    /** By the clock on the workshop's wall. */
    public function when(): string
    {
        $at = $this->at();

        return $at === null ? '' : Workshop::current()->told($at->getTimestamp(), 'j M Y H:i');
    }

    /** "fitted 2 × Kvellin Slate 200 under the desk": it goes on from the name. */
    public function sentence(): string
    {
        return $this->told ??= Telling::of($this->lines);
    }

    /**
     * A pack or an offer that was issued stays issued, what was signed stays signed, a day is set anew on its page, and a code is
     * nobody's to bring back.
     */
    private const STAYS = [Handover::class, Offer::class, DayPlan::class, Secret::class, Signature::class];

    /** A job is deleted by the office, on its own page; a line that only says something changed nothing. */
    public function canBePutBack(): bool
    {
        return $this->lines->isNotEmpty() && $this->lines->every(static fn(Activity $a): bool => in_array(
            $a->event,
            ['created', 'updated', 'deleted'],
            true,
        ) && $a->subject_type !== null && !in_array($a->subject_type, self::STAYS, true)
            && ($a->subject_type !== Job::class || $a->event === 'updated'));
    }

    /** Rows told one by one before the rest is counted. Chosen. */
    private const TOLD = 40;

    /** How many rows details() leaves untold. */
    public function untold(): int
    {
        return max(0, $this->lines->count() - self::TOLD);
    }

    /**
     * @return list<array{what: string, changes: list<array{key: string, from: ?string, to: ?string}>}> the rest, on demand
     */
    public function details(): array
    {
        return array_values($this->lines->take(self::TOLD)->map(static fn(Activity $a): array => [
            'what' => Telling::row($a),
            'changes' => Telling::changes($a),
        ])->all());
    }
}
