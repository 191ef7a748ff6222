<?php

declare(strict_types=1);

namespace App\Http\Pages\Wiring;

use App\Http\Workbench;
use App\Pack\CircuitDrawing;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Change;
use Pebblefell\Stage\Wiring\Shown;
use Pebblefell\Stage\Wiring\Typed\LeadLine;
use Pebblefell\Stage\Wiring\Typed\LeadLines;
use Pebblefell\Study;
use Pebblefell\System\Change\Plan;

/** Typed leads as they were read: what each line does, what is wrong with those that were not, and the circuit as it would be. */
final readonly class LeadsPage
{
    /** @var list<LeadLine> */
    public array $lines;

    /** @var list<Change> */
    private array $changes;

    /** Why the lines, each well read, make no system together; null: they do. */
    public ?InvalidValue $together;

    private ?Study $tried;

    public function __construct(private Workbench $bench, string $text)
    {
        $this->lines = LeadLines::read($text, $bench->study);
        $this->changes = array_merge(...array_map(static fn(LeadLine $l): array => $l->changes, $this->lines));
        $tried = $together = null;
        try {
            $tried = Study::of(Plan::with($bench->study->system, $this->changes));
        } catch (InvalidValue $e) {
            $together = $e;
        }
        [$this->tried, $this->together] = [$tried, $together];
    }

    /** Every line could be read, and together they make sense. */
    public function allRead(): bool
    {
        return $this->lines !== [] && $this->tried !== null && array_filter(
            $this->lines,
            static fn(LeadLine $l): bool => $l->problem !== null,
        ) === [];
    }

    /**
     * @return list<Change>
     */
    public function changes(): array
    {
        return $this->changes;
    }

    /** By what it is known again when it is kept: the changes, and the rows that they change. */
    public function seen(): string
    {
        $touched = array_intersect_key(
            $this->bench->study->system->conductors,
            array_fill_keys(array_map(static fn(Change $c): string => $c->uid, $this->changes), true),
        );

        return hash('xxh128', ProposalPage::markOf($this->changes) . serialize(array_map(static fn($c): array => $c->toArray(), $touched)));
    }

    public function does(LeadLine $line): string
    {
        $count = static fn(string $do, string $kind): int => count(array_filter(
            $line->changes,
            static fn(Change $c): bool => $c->do === $do && $c->kind === $kind,
        ));
        $parts = array_filter([
            'leads-in' => $count(Change::ADD, 'conductor'),
            'parts-in' => $count(Change::ADD, 'part'),
            'leads-out' => $count(Change::REMOVE, 'conductor'),
            'lines-set' => $count(Change::SET, 'conductor'),
        ]);

        return implode(', ', array_map(
            fn(string $what, int $n): string => $this->bench->say->word("opens.typed.$what", ['count' => $n]),
            array_keys($parts),
            $parts,
        ));
    }

    public function drawing(): ?CircuitDrawing
    {
        return $this->tried === null ? null : new CircuitDrawing(
            $this->bench->say,
            $this->bench->show,
            $this->tried,
            Shown::Planned,
            Workbench::isNarrow(),
        );
    }
}
