<?php

declare(strict_types=1);

namespace App\Http\Pages\Settings;

use App\Models\BoxWord;
use Pebblefell\Setting\Parameter;

/** Shows what makers print on their boxes, and what the trade means by it: the words that ship, and the workshop's own. */
final class BoxWords
{
    /**
     * Returns what a word may mean: the exact word first, then those that hold it.
     *
     * @return list<array{word: string, parameter: Parameter, misleads: bool}>
     */
    public static function meaning(string $typed): array
    {
        $typed = self::plain($typed);
        if ($typed === '') {
            return [];
        }
        $exact = $near = [];
        foreach (self::all() as ['word' => $word, 'parameter' => $parameter, 'misleads' => $misleads]) {
            $row = ['word' => $word, 'parameter' => $parameter, 'misleads' => $misleads];
            if (self::plain($word) === $typed) {
                $exact[] = $row;
            } elseif (str_contains(self::plain($word), $typed)) {
                $near[] = $row;
            }
        }

        return $exact !== [] ? $exact : $near;
    }

    /**
     * @return list<array{word: string, parameter: Parameter, misleads: bool}>
     */
    public static function all(): array
    {
        $all = [];
        foreach (BoxWord::query()->orderBy('word')->get() as $own) {
            $all[] = ['word' => $own->word, 'parameter' => $own->parameter, 'misleads' => false];
        }
        foreach ((array) __('boxes.words') as $parameter => $words) {
            foreach ((array) $words as $word) {
                $all[] = [
                    'word' => (string) $word,
                    'parameter' => Parameter::from((string) $parameter),
                    'misleads' => in_array($word, (array) __('boxes.misleading'), true),
                ];
            }
        }

        return $all;
    }

    private static function plain(string $word): string
    {
        return trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', mb_strtolower($word)));
    }
}
