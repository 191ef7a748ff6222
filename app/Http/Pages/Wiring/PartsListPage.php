<?php

declare(strict_types=1);

namespace App\Http\Pages\Wiring;

use App\Http\Workbench;
use Pebblefell\Stage\Wiring\PartsList;

/** The parts list of the new runs, in words: on the page, and as CSV. */
final class PartsListPage
{
    private ?PartsList $list = null;

    public function __construct(private readonly Workbench $bench)
    {
    }

    public function isThere(): bool
    {
        return $this->list()->cables !== [];
    }

    public function answer(): string
    {
        $list = $this->list();
        $metres = array_sum(array_column($list->cables, 'metres'));
        $lugs = array_sum(array_map(static fn(array $e): int => $e['what'] === 'lug' ? $e['count'] : 0, $list->ends));
        $open = array_filter([
            $list->openRuns() > 0 ? $list->openRuns() . ' runs to measure' : '',
            $list->openLugs() > 0 ? $list->openLugs() . ' lugs open, their studs are not noted' : '',
        ]);

        return implode('; ', [$this->bench->show->text($metres, 'm') . " of cable, $lugs lugs", ...$open]);
    }

    /**
     * @return list<array{what: string, size: string, count: string, open: string}>
     */
    public function rows(): array
    {
        [$say, $show, $list] = [$this->bench->say, $this->bench->show, $this->list()];
        $row = static fn(string $what, string $size, string $count, string $open = ''): array => compact('what', 'size', 'count', 'open');
        $rows = [];
        foreach ($list->cables as $c) {
            $rows[] = $row(
                $say->word('lugs.cable', ['side' => $say->word("lugs.sides.{$c['side']}")]),
                $c['mm2'] === null ? $say->word('lugs.size-open') : $show->units->conductorSize($c['mm2']),
                $c['open'] === $c['runs'] ? '–' : $show->text($c['metres'], 'm', 1),
                $c['open'] === 0 ? '' : $say->word('lugs.length-open', ['count' => (string) $c['open']]),
            );
        }
        foreach ($list->ends as $e) {
            $size = $show->units->conductorSize($e['mm2']);
            $stud = $e['studMm'] === null ? '' : ', ' . $say->word('lugs.stud', ['size' => $show->text($e['studMm'])]);
            $isOpen = $e['what'] === 'lug' && $e['studMm'] === null;
            $rows[] = $row(
                $say->word("lugs.{$e['what']}"),
                $size . $stud,
                (string) $e['count'],
                $isOpen ? $say->word('lugs.stud-open') : '',
            );
        }
        foreach ($list->shrink() as ['mm2' => $mm2, 'count' => $count]) {
            $rows[] = $row($say->word('lugs.shrink'), $show->units->conductorSize($mm2), (string) $count);
        }
        foreach ($list->parts as ['part' => $part, 'count' => $count, 'spare' => $spare]) {
            $rating = $part->data->number('rating_a');
            $rows[] = $row(
                $part->typedName() ?: $say->name($part->kind),
                $rating === null ? '' : $show->text($rating, 'A', 1),
                $count . ($spare > 0 ? " + $spare " . $say->word('lugs.spare') : ''),
            );
        }
        if ($list->covers > 0) {
            $rows[] = $row($say->word('lugs.covers'), '', (string) $list->covers);
        }
        $rows[] = $row($say->word('lugs.labels'), '', (string) $list->labels);

        return $rows;
    }

    /**
     * @return array<string, string> on which labels are printed
     */
    public function stocks(): array
    {
        $stocks = LabelStock::ofRegion($this->bench->study->system->region);
        $says = function (LabelStock $s): string {
            $grid = $s->grid();

            return "{$grid['columns']} × {$grid['rows']}, " . $this->bench->show->text($grid['width'], 'mm') . ' × '
                . $this->bench->show->text($grid['height'], 'mm');
        };

        return array_combine(array_column($stocks, 'value'), array_map($says, $stocks));
    }

    private function list(): PartsList
    {
        return $this->list ??= PartsList::of($this->bench->study);
    }
}
