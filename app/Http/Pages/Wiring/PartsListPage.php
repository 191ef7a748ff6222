<?php

declare(strict_types=1);

namespace App\Http\Pages\Wiring;

use App\Http\Workbench;
use App\Models\ShelfItem;
use App\Words\Show;
use Pebblefell\Stage\Wiring\PartsList;

/** The parts list of the new runs, in words: on the page, and as CSV. */
final class PartsListPage
{
    private ?PartsList $list = null;

    /** @var ?list<array<string, mixed>> */
    private ?array $rows = null;

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
     * Returns what is wanted, with what the shelf knows of it; in the order of the shelf, what has no place behind.
     *
     * @return list<array<string, mixed>> item, what, size, count, open, price, stock, place, version, cost, costs, order
     */
    public function rows(): array
    {
        return $this->rows ??= $this->onShelf($this->wanted());
    }

    /** "94 EUR, 3 prices open": what the list costs as far as its prices are known. */
    public function cost(): string
    {
        $costs = array_column($this->rows(), 'costs');
        $known = array_filter($costs, static fn(?float $c): bool => $c !== null);
        $open = count($costs) - count($known);

        return implode(', ', array_filter([
            $known === [] ? '' : $this->bench->show->text(array_sum($known), Show::MONEY),
            $open === 0 ? '' : "$open price" . ($open === 1 ? '' : 's') . ' open',
        ]));
    }

    /**
     * @return list<array{item: string, what: string, size: string, count: string, open: string, much: ?float, unit: string}>
     */
    private function wanted(): array
    {
        [$say, $show, $list] = [$this->bench->say, $this->bench->show, $this->list()];
        $row = static fn(
            string $item,
            string $what,
            string $size,
            string $count,
            ?float $much,
            string $open = '',
            string $unit = '',
        ): array => compact(
            'item',
            'what',
            'size',
            'count',
            'much',
            'open',
            'unit',
        );
        $rows = [];
        foreach ($list->cables as $c) {
            $isOpen = $c['open'] === $c['runs'];
            $rows[] = $row(
                "cable {$c['side']} {$c['mm2']}",
                $say->word(
                    'lugs.cable',
                    ['side' => $say->word("lugs.sides.{$c['side']}"), 'colour' => $say->word("lugs.colours.{$c['side']}")],
                ),
                $c['mm2'] === null ? $say->word('lugs.size-open') : $show->units->conductorSize($c['mm2']),
                $isOpen ? '–' : $show->text($c['metres'], 'm', 1),
                $isOpen ? null : $c['metres'],
                $c['open'] === 0 ? '' : $say->word('lugs.length-open', ['count' => (string) $c['open']]),
                'm',
            );
        }
        foreach ($list->ends as $e) {
            $size = $show->units->conductorSize($e['mm2']);
            $stud = $e['studMm'] === null ? '' : ', ' . $say->word('lugs.stud', ['size' => 'M' . $show->text($e['studMm'])]);
            $isOpen = $e['what'] === 'lug' && $e['studMm'] === null;
            $rows[] = $row(
                "{$e['what']} {$e['mm2']} {$e['studMm']}",
                $say->word("lugs.{$e['what']}"),
                $size . $stud,
                (string) $e['count'],
                $e['count'],
                $isOpen ? $say->word('lugs.stud-open') : '',
            );
        }
        foreach ($list->shrink() as ['mm2' => $mm2, 'count' => $count]) {
            $rows[] = $row("shrink $mm2", $say->word('lugs.shrink'), $show->units->conductorSize($mm2), (string) $count, $count);
        }
        foreach ($list->parts as ['part' => $part, 'count' => $count, 'spare' => $spare]) {
            $rating = $part->data->number('rating_a');
            $rows[] = $row(
                'part ' . ($part->typedName() ?: "{$part->kind->value} $rating"),
                $part->typedName() ?: $say->name($part->kind),
                $rating === null ? '' : $show->text($rating, 'A', 1),
                $count . ($spare > 0 ? " + $spare " . $say->word('lugs.spare') : ''),
                $count + $spare,
            );
        }
        if ($list->covers > 0) {
            $rows[] = $row('cover', $say->word('lugs.covers'), '', (string) $list->covers, $list->covers);
        }
        $rows[] = $row('label', $say->word('lugs.labels'), '', (string) $list->labels, $list->labels);

        return $rows;
    }

    /**
     * @param list<array{item: string, what: string, size: string, count: string, open: string, much: ?float, unit: string}> $wanted
     *
     * @return list<array<string, mixed>>
     */
    private function onShelf(array $wanted): array
    {
        $shelf = ShelfItem::query()->whereIn('item', array_column($wanted, 'item'))->get()->keyBy('item');
        $rows = [];
        foreach ($wanted as $row) {
            $item = $shelf->get($row['item']);
            $price = $item?->price === null ? $this->sheetPrice($row['item']) : (float) $item->price;
            $cost = $price === null || $row['much'] === null ? null : $price * $row['much'];
            $short = $row['much'] === null ? null : max(0.0, $row['much'] - (float) $item?->stock);
            $rows[] = [
                ...$row,
                'price' => $item?->price === null ? '' : $this->bench->show->field((float) $item->price, ''),
                'stock' => $item?->stock === null ? '' : $this->bench->show->field((float) $item->stock, ''),
                'place' => $item->place ?? '', 'version' => $item->lock_version ?? 0, 'costs' => $cost,
                'cost' => $cost === null ? '' : $this->bench->show->text($cost, Show::MONEY),
                'order' => match (true) {
                    $short === null || $item?->stock === null => '',
                    $short <= 0.0 => $this->bench->say->word('lugs.from-stock'),
                    default => $this->bench->say->word(
                        'lugs.to-order',
                        ['count' => $this->bench->show->text($short, $row['unit'], $row['unit'] === 'm' ? 1 : 0)],
                    ),
                },
            ];
        }
        usort(
            $rows,
            static fn(array $a, array $b): int => ($a['place'] === '' ? '~' : $a['place']) <=> ($b['place'] === '' ? '~' : $b['place']),
        );

        return $rows;
    }

    /** Of a fuse or a bar by its own sheet. */
    private function sheetPrice(string $item): ?float
    {
        foreach ($this->list()->parts as ['part' => $part]) {
            if ($item === 'part ' . $part->typedName()) {
                return $part->data->number('price');
            }
        }

        return null;
    }

    /**
     * @return array<string, string> on which labels are printed
     */
    public function stocks(): array
    {
        return array_map(
            fn(LabelSheet $s): string => "$s->columns × $s->rows, " . $this->bench->show->text($s->width, 'mm') . ' × '
                . $this->bench->show->text($s->height, 'mm'),
            LabelSheet::all($this->bench->study->system->region),
        );
    }

    private function list(): PartsList
    {
        return $this->list ??= PartsList::of($this->bench->study);
    }
}
