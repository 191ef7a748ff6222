<?php

declare(strict_types=1);

namespace App\Http\Pages\Wiring;

use App\Http\Workbench;
use Pebblefell\Stage\Wiring\OpensMatrix;
use Pebblefell\System\Part;

/** Shows what opens in which state, as a table in words. */
final class MatrixPage
{
    private ?OpensMatrix $matrix = null;

    public function __construct(private readonly Workbench $bench)
    {
    }

    /**
     * @return list<string>
     */
    public function states(): array
    {
        return array_map(fn(string $s): string => $this->bench->say->word("opens.states-of.$s"), $this->matrix()->states);
    }

    /**
     * @return list<array{name: string, cells: list<array{says: string, danger: string, url: string}>}>
     */
    public function rows(): array
    {
        $say = $this->bench->say;
        $rows = [];
        foreach ($this->matrix()->rows as ['parts' => $parts, 'cells' => $cells]) {
            $uids = array_map(static fn(Part $p): string => $p->uid, $parts);
            $rows[] = [
                'name' => count($parts) > 1 ? $say->word('opens.whole-bank') : $say->onePart($parts[0]),
                'cells' => array_map(fn(array $cell, string $state): array => [
                    'says' => $cell['dark'] === [] ? '–' : $say->word('opens.dark', ['count' => (string) count($cell['dark'])]),
                    'danger' => implode(', ', array_map($say->onePart(...), $cell['danger'])),
                    'url' => route(
                        'wiring',
                        [$this->bench->job, ...array_filter(OpensMatrix::running($state)), 'open' => $uids],
                    ) . '#fold-opens',
                ], $cells, $this->matrix()->states),
            ];
        }

        return $rows;
    }

    public function answer(): string
    {
        $dangers = $this->matrix()->dangers();

        return $this->bench->say->word($dangers === 0 ? 'opens.none' : 'opens.dangers', ['count' => $dangers]);
    }

    private function matrix(): OpensMatrix
    {
        return $this->matrix ??= OpensMatrix::of($this->bench->study);
    }
}
