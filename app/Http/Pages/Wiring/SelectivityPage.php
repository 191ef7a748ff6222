<?php

declare(strict_types=1);

namespace App\Http\Pages\Wiring;

use App\Http\Workbench;
use Pebblefell\Circuit\FusesInLine;
use Pebblefell\Stage\Wiring\SelectivityChart;
use Pebblefell\System\Part;

/** Which of the fuses in a line opens first, in words and as a picture. */
final class SelectivityPage
{
    public function __construct(private readonly Workbench $bench)
    {
    }

    public function isThere(): bool
    {
        return $this->fuses()->lines !== [];
    }

    public function answer(): string
    {
        $pairs = $this->fuses()->pairs();
        $not = count(array_filter($pairs, static fn(array $p): bool => $p['fromA'] !== null || !$p['isLarger']));

        return $not === 0 ? 'as far as known the nearer one alone' : "$not of " . count($pairs) . ' pairs may open together';
    }

    /**
     * @return list<array{title: string, chart: ?SelectivityChart, says: list<string>}>
     */
    public function lines(): array
    {
        return array_map(fn(array $line): array => [
            'title' => implode(' → ', array_map($this->name(...), $line)),
            'chart' => SelectivityChart::of($this->bench->study, $line, Workbench::isNarrow()),
            'says' => $this->says($line),
        ], $this->fuses()->lines);
    }

    public function name(Part $fuse): string
    {
        $rating = $fuse->data->number('rating_a');

        return $this->bench->say->onePart($fuse) . ($rating === null || str_contains(
            $fuse->typedName(),
            (string) $rating,
        ) ? '' : ', ' . $this->bench->show->text($rating, 'A', 1));
    }

    public function seconds(float $seconds): string
    {
        return match (true) {
            $seconds >= 3600.0 => $this->bench->show->text($seconds / 3600.0, 'h', 0),
            $seconds >= 60.0 => $this->bench->show->text($seconds / 60.0, 'min', 0),
            $seconds < 1.0 => $this->bench->show->text($seconds * 1000.0, 'ms', 0),
            default => $this->bench->show->text($seconds, 's', 0),
        };
    }

    /**
     * @param list<Part> $line
     *
     * @return list<string>
     */
    private function says(array $line): array
    {
        $says = [];
        foreach ($this->fuses()->pairs() as $pair) {
            if (!in_array($pair['upstream'], $line, true) || !in_array($pair['downstream'], $line, true)) {
                continue;
            }
            $names = [
                'upstream' => $this->bench->say->onePart($pair['upstream']),
                'downstream' => $this->bench->say->onePart($pair['downstream']),
            ];
            $says[] = $this->bench->say->word(match (true) {
                !$pair['isLarger'] => 'opens.selective.smaller',
                $pair['fromA'] !== null => 'opens.selective.from',
                FusesInLine::curve($pair['upstream']) === null
                    || FusesInLine::curve($pair['downstream']) === null => 'opens.selective.unknown',
                default => 'opens.selective.yes',
            }, [...$names, 'from' => $pair['fromA'] === null ? '' : $this->bench->show->text($pair['fromA'], 'A', 0)]);
        }

        return $says;
    }

    private function fuses(): FusesInLine
    {
        return $this->bench->study->fusesInLine();
    }
}
