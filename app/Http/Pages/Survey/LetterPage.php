<?php

declare(strict_types=1);

namespace App\Http\Pages\Survey;

use App\Http\Workbench;
use App\Models\Workshop;
use App\Words\Lexicon;
use App\Words\Show;
use Pebblefell\Stage\Survey\SupplierQuestions;

/** A letter for each thin data sheet of the plan: what is missing, and how it may be called there. */
final readonly class LetterPage
{
    private Lexicon $say;

    public function __construct(private Workbench $bench, public string $language)
    {
        $this->say = new Lexicon(new Show($bench->show->units, $bench->show->currency, $language), $bench->study->system->parts);
    }

    /**
     * @return list<array{model: string, missing: int, text: string}>
     */
    public function letters(): array
    {
        return array_map(fn(SupplierQuestions $q): array => [
            'model' => $q->part->typedName(),
            'missing' => count($q->lines),
            'text' => $this->letter($q),
        ], SupplierQuestions::of($this->bench->study));
    }

    private function letter(SupplierQuestions $questions): string
    {
        $word = fn(string $key, array $args = []): string => $this->say->word("asks.$key", $args);
        $lines = [];
        foreach ($questions->lines as $i => $line) {
            $lines[] = ($i + 1) . '. ' . $word("lines.$line.question") . "\n   (" . $word(
                'letter.words',
                ['words' => $word("lines.$line.words")],
            ) . ')';
        }
        $model = $questions->part->typedName();

        return implode("\n\n", [
            $word('letter.subject', ['model' => $model]),
            $word('letter.greeting'),
            $word('letter.intro', ['count' => (string) $questions->count, 'model' => $model]),
            implode("\n", $lines),
            $word('letter.closing'),
            $word('letter.thanks') . "\n" . Workshop::current()->name,
        ]);
    }
}
