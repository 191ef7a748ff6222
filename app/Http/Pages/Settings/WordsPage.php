<?php

declare(strict_types=1);

namespace App\Http\Pages\Settings;

use App\Http\Workbench;
use App\Models\BoxWord;
use Illuminate\Database\Eloquent\Collection;
use Pebblefell\Setting\Parameter;
use Pebblefell\Stage\Settings\SettingRow;

/** Shows what a word on a box means, with the value that belongs there. */
final readonly class WordsPage
{
    public function __construct(private Workbench $bench, public string $asked)
    {
    }

    /**
     * @return list<array{says: string, values: string, misleads: string}>
     */
    public function meanings(): array
    {
        $say = $this->bench->say;

        return array_map(fn(array $m): array => [
            'says' => $say->word('boxes.means', ['word' => $m['word'], 'parameter' => $say->name($m['parameter'])]),
            'values' => implode(' · ', $this->values($m['parameter'])),
            'misleads' => $m['misleads'] ? $this->misleads() : '',
        ], BoxWords::meaning($this->asked));
    }

    public function unknown(): string
    {
        return $this->bench->say->word('boxes.unknown', ['word' => $this->asked]);
    }

    /**
     * @return Collection<int, BoxWord>
     */
    public function own(): Collection
    {
        return BoxWord::query()->orderBy('word')->get();
    }

    /**
     * @return array<string, string>
     */
    public function parameters(): array
    {
        return array_combine(array_column(Parameter::cases(), 'value'), array_map($this->bench->say->name(...), Parameter::cases()));
    }

    /**
     * @return list<string> what is planned for it, device by device
     */
    private function values(Parameter $parameter): array
    {
        $values = [];
        foreach ($this->bench->study->settings()->devices as ['part' => $part, 'rows' => $rows]) {
            foreach (array_filter($rows, static fn(SettingRow $r): bool => $r->parameter === $parameter) as $row) {
                $planned = $row->planned();
                $values[] = $this->bench->say->onePart($part) . ': '
                    . ($planned->number === null ? $this->bench->say->word('findings.phrases.off') : $this->bench->show->text(
                        $planned->number,
                        $parameter->unit(),
                        2,
                    ));
            }
        }

        return $values;
    }

    private function misleads(): string
    {
        $profile = $this->bench->study->settings()->profile;
        $bears = $this->bench->study->limits->bears()->value;

        return $profile === null ? '' : $this->bench->say->word('boxes.misleads', [
            'absorption' => $this->bench->show->text($profile->figure(Parameter::Absorption)->value, 'V', 1),
            'high' => $this->bench->show->text($bears, 'V', 1),
        ]);
    }
}
