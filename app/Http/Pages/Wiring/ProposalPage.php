<?php

declare(strict_types=1);

namespace App\Http\Pages\Wiring;

use App\Http\Workbench;
use App\Pack\CircuitDrawing;
use Pebblefell\Finding\Change;
use Pebblefell\Stage\Wiring\Rated;
use Pebblefell\Stage\Wiring\Shown;
use Pebblefell\Stage\Wiring\SoundCircuit;
use Pebblefell\Stage\Wiring\SoundLayout;
use Pebblefell\Study;
use Pebblefell\System\Change\Plan;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Part;

/**
 * Shows what is not drawn yet, drawn soundly: shown whole before it, or a piece of it, is laid on the plan. Rated only when it is looked
 * at.
 */
final class ProposalPage
{
    private readonly SoundCircuit $layout;

    /** @var ?list<Change> */
    private ?array $changes = null;

    private ?Study $tried = null;

    private ?CircuitDrawing $drawing = null;

    public function __construct(private readonly Workbench $bench)
    {
        $this->layout = SoundLayout::of($bench->study);
    }

    public function isThere(): bool
    {
        return !$this->layout->isEmpty();
    }

    public function seen(): string
    {
        return self::markOf($this->changes());
    }

    public function answer(): string
    {
        $sum = static fn(string $what, array $pieces): int => array_sum(array_column($pieces, $what));
        [$leads, $parts] = [$sum('leads', $this->layout->pieces()), $sum('parts', $this->layout->pieces())];

        return "$leads leads" . ($parts > 0 ? ", $parts fuses, switches and bars" : '') . ' to come';
    }

    /**
     * @return array<string, string> by piece
     */
    public function pieces(): array
    {
        $parts = $this->bench->study->planned()->parts;
        $pieces = [];
        foreach ($this->layout->pieces() as $piece => $counts) {
            $name = isset($parts[$piece]) ? $this->bench->say->onePart($parts[$piece]) : $this->bench->say->word("opens.pieces.$piece");
            $pieces[$piece] = $name . ': ' . implode(', ', array_filter([
                $counts['leads'] . ($counts['leads'] === 1 ? ' lead' : ' leads'),
                $counts['parts'] > 0 ? $counts['parts'] . ($counts['parts'] === 1 ? ' part' : ' parts') : '',
            ]));
        }

        return $pieces;
    }

    /** For which the sizes are reckoned. */
    public function insulation(): string
    {
        return $this->bench->show->text(Rated::INSULATION_C, '°C', 0);
    }

    public function drawing(): CircuitDrawing
    {
        return $this->drawing ??= new CircuitDrawing(
            $this->bench->say,
            $this->bench->show,
            $this->tried(),
            Shown::Planned,
            Workbench::isNarrow(),
        );
    }

    /**
     * @return list<string> parts that come in, by name and rating
     */
    public function parts(): array
    {
        $new = array_diff_key($this->tried()->planned()->parts, $this->bench->study->planned()->parts);

        return array_map(function (Part $p): string {
            $rating = $p->data->number('rating_a');
            $family = $p->data->text('family');

            return $this->bench->say->onePart($p) . ($rating === null ? '' : ': ' . $this->bench->show->text($rating, 'A', 1))
                . ($family === null ? '' : ', ' . $this->bench->say->choice($family));
        }, array_values($new));
    }

    /**
     * @return list<array{from: string, to: string, size: string}>
     */
    public function leads(): array
    {
        $parts = $this->tried()->planned()->parts;
        $end = fn(Point $at): string => $this->bench->say->onePart($parts[$at->uid]) . ', '
            . $this->bench->say->terminal($parts[$at->uid]->kind, $at->terminal);

        return array_map(fn(Conductor $c): array => [
            'from' => $end($c->from),
            'to' => $end($c->to),
            'size' => $c->sizeMm2 === null ? '–' : $this->bench->show->units->conductorSize($c->sizeMm2),
        ], array_values(array_diff_key($this->tried()->planned()->conductors, $this->bench->study->planned()->conductors)));
    }

    /**
     * @return list<Change>
     */
    private function changes(): array
    {
        return $this->changes ??= $this->layout->changes();
    }

    private function tried(): Study
    {
        return $this->tried ??= Study::of(Plan::with($this->bench->study->system, $this->changes()));
    }

    /**
     * By what a proposal is known again when it is taken: something may have changed since it was shown.
     *
     * @param list<Change> $changes
     */
    public static function markOf(array $changes): string
    {
        return hash('xxh128', serialize(array_map(static fn(Change $c): array => $c->toArray(), $changes)));
    }
}
