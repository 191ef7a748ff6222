<?php

declare(strict_types=1);

namespace App\Http\Pages\Survey;

use App\Models\Conductor;
use App\Models\Job;
use App\Words\Lexicon;
use Pebblefell\Finding\Amount;
use Pebblefell\System\Fate;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\SignalKind;
use Pebblefell\System\System;

/** Shows what the list of conductors and signals offers to choose from, by the names that people know. */
final readonly class WiringChoices
{
    private const ENGINE_BAY_C = 60.0;

    public function __construct(private System $system, private Lexicon $say)
    {
    }

    /**
     * @return array<string, string> by "p1.plus"
     */
    public function terminals(): array
    {
        $terminals = [];
        foreach ($this->system->parts as $uid => $part) {
            foreach (array_keys($part->kind->terminals()) as $name) {
                $terminals["$uid.$name"] = $this->say->onePart($part) . ', ' . $this->say->terminal($part->kind, $name);
            }
        }

        return $terminals;
    }

    /** How warm places are in which cables lie. Common practice: an engine bay counts as 60 °C. */
    public function warmthHelp(): string
    {
        return 'Empty: an ordinary place. An engine bay: ' . $this->say->said(Amount::of(self::ENGINE_BAY_C, '°C', 0)) . '.';
    }

    /** "14 conductors, 2 signals noted". */
    public function counted(): string
    {
        $count = static fn(int $n, string $one): string => "$n $one" . ($n === 1 ? '' : 's');

        return $count(count($this->system->conductors), 'conductor') . ', ' . $count(count($this->system->signals), 'signal') . ' noted';
    }

    public function at(string $terminal): string
    {
        return $this->terminals()[$terminal] ?? $terminal;
    }

    /**
     * @return array<string, string> by uid
     */
    public function parts(): array
    {
        return array_map($this->say->onePart(...), $this->system->parts);
    }

    /**
     * @return array<string, string> by uid
     */
    public function fuses(): array
    {
        return array_map(
            $this->say->onePart(...),
            array_filter($this->system->parts, static fn(Part $p): bool => $p->is(Family::OvercurrentDevice)),
        );
    }

    /**
     * @return array<string, string>
     */
    public function fates(): array
    {
        return array_combine(array_column(Fate::cases(), 'value'), array_map($this->say->name(...), Fate::cases()));
    }

    /**
     * @return array<string, string>
     */
    public function signals(): array
    {
        return array_combine(array_column(SignalKind::cases(), 'value'), array_map($this->say->name(...), SignalKind::cases()));
    }

    public function fateOf(Conductor $row): Fate
    {
        $conductor = $this->system->conductors[$row->uid] ?? null;

        return $conductor === null ? $row->fate : $this->system->fateOf($conductor);
    }

    public function edited(Job $job, ?string $uid): ?Conductor
    {
        return $uid === null ? null : $job->conductors->firstWhere('uid', $uid);
    }
}
