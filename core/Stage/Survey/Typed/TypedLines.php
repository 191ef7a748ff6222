<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey\Typed;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Origin;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;

/**
 * Reads lines such as "3 AGM 110 Ah 20 h, front locker, 5 y" or "2 x 175 W roof" as a person means them: how many, what, its figures,
 * where.
 *
 * What a line does not say and the kind must know is assumed, and marked, where there is a usual value; else the line says what it lacks.
 */
final readonly class TypedLines
{
    /** More lines than this nobody types at once. */
    public const MOST = 40;

    /** Volts of a block where only its chemistry is told. Usual for 12 V blocks. */
    private const USUAL_V = ['lfp' => 12.8];
    private const USUAL_LEAD_V = 12.0;

    /**
     * @param list<Part> $library parts that a line may name
     */
    private function __construct(private array $library)
    {
    }

    /**
     * @param list<Part> $library
     *
     * @return list<TypedLine> empty lines left out
     */
    public static function read(string $text, array $library): array
    {
        $reader = new self($library);
        $lines = array_filter(array_map(trim(...), preg_split('/\R/u', $text) ?: []), static fn(string $line): bool => $line !== '');

        return array_map($reader->line(...), array_slice(array_values($lines), 0, self::MOST));
    }

    /**
     * Parts of the library whose name holds every word that was typed; the exact name alone counts before all.
     *
     * @param list<Part> $library
     *
     * @return list<Part>
     */
    public static function named(string $text, array $library): array
    {
        $words = self::words($text);
        $exact = array_filter($library, static fn(Part $p): bool => self::words($p->typedName()) === $words);
        $all = static fn(Part $p): bool => array_filter(
            $words,
            static fn(string $w): bool => !str_contains(mb_strtolower($p->typedName()), $w),
        ) === [];

        return array_values($exact !== [] ? $exact : ($words === [] ? [] : array_filter($library, $all)));
    }

    private function line(string $text): TypedLine
    {
        [$count, $rest] = self::count($text);
        try {
            return new TypedLine($text, $count, $this->part($rest), null);
        } catch (InvalidValue $e) {
            return new TypedLine($text, $count, null, $e);
        }
    }

    /**
     * @return array{int, string} how many, and the rest of the line
     */
    private static function count(string $text): array
    {
        if (preg_match('/^(\d{1,2})\s*[x×*]\s*(.+)$/iu', $text, $m) === 1) {
            return [max(1, (int) $m[1]), $m[2]];
        }
        if (preg_match('/^(\d{1,2})\s+(\p{L}[\p{L}\d²Ω-]*)(.*)$/iu', $text, $m) === 1 && !isset(Vocabulary::UNITS[mb_strtolower($m[2])])) {
            return [max(1, (int) $m[1]), $m[2] . $m[3]];
        }

        return [1, $text];
    }

    /**
     * @throws InvalidValue when it cannot be told what it is, or what it must have
     */
    private function part(string $text): Part
    {
        $model = $this->fromLibrary($text);
        if ($model !== null) {
            $text = trim((string) preg_replace(
                array_map(
                    static fn(string $w): string => '/(?<![\p{L}\d])' . preg_quote($w, '/') . '(?![\p{L}\d])/iu',
                    self::words($model->typedName()),
                ),
                '',
                $text,
                1,
            ));
        }
        [$figures, $segments] = self::figures($text);
        $words = self::words(implode(' ', $segments));
        $kind = $model->kind ?? self::kind($words, $figures);
        if ($kind === null) {
            throw InvalidValue::at('', 'typed-kind');
        }
        [$data, $used] = self::data($kind, $words, $figures);
        [$name, $place, $note] = self::names($segments, $used);
        $values = [...($model === null ? [] : $model->data->values), ...$data];
        $origins = array_fill_keys(array_keys($data), Origin::Typed);
        foreach (self::assumed($kind, $values) as $key => $value) {
            $values[$key] = $value;
            $origins[$key] = Origin::Assumed;
        }

        try {
            $sheet = DataSheet::of($kind, $values, $origins);
        } catch (InvalidValue $e) {
            throw $e->under('/' . $kind->value);
        }

        return new Part(
            'x',
            $kind,
            $sheet,
            role: array_intersect(Vocabulary::STARTER, $words) !== [] ? 'starter' : 'house',
            make: $model->make ?? $name,
            model: $model->model ?? '',
            place: $place,
            note: $note,
        );
    }

    private function fromLibrary(string $text): ?Part
    {
        $best = null;
        $words = self::words($text);
        foreach ($this->library as $part) {
            $name = self::words($part->typedName());
            if ($name !== []
                && array_diff($name, $words) === []
                && ($best === null || count($name) > count(self::words($best->typedName())))) {
                $best = $part;
            }
        }

        return $best;
    }

    /**
     * Figures with their units, and what is left of each part of the line between commas.
     *
     * @return array{array<string, list<float>>, list<string>} figures by unit
     */
    private static function figures(string $text): array
    {
        $figures = [];
        $segments = [];
        foreach (preg_split('/[,;](?!\d)/u', $text) ?: [] as $segment) {
            $segments[] = trim((string) preg_replace_callback(
                '/(?<![\p{L}\d])(\d+(?:[.,]\d+)?)\s*(mm²|mm2|°|[\p{L}]+)(?![\p{L}\d])/u',
                static function (array $m) use (&$figures): string {
                    $unit = Vocabulary::UNITS[mb_strtolower($m[2])] ?? null;
                    if ($unit === null) {
                        return $m[0];
                    }
                    $figures[$unit[0]][] = (float) str_replace(',', '.', $m[1]) * $unit[1];

                    return ' ';
                },
                $segment,
            ));
        }

        return [$figures, $segments];
    }

    /**
     * @param list<string>               $words
     * @param array<string, list<float>> $figures
     */
    private static function kind(array $words, array $figures): ?PartKind
    {
        foreach (Vocabulary::KINDS as $word => $kind) {
            if (in_array($word, $words, true)) {
                return PartKind::from($kind);
            }
        }
        $chemistry = array_filter($words, static fn(string $w): bool => (Vocabulary::CHOICES[$w][0] ?? '') === 'chemistry') !== [];

        return match (true) {
            $chemistry, isset($figures['Ah']) => PartKind::Battery,
            isset($figures['mm²']) => PartKind::Cable,
            array_keys($figures) === ['W'] => PartKind::Panel,
            default => null,
        };
    }

    /**
     * @param list<string>               $words
     * @param array<string, list<float>> $figures
     *
     * @return array{array<string, float|string>, list<string>} lines of the sheet, and the words that told them
     */
    private static function data(PartKind $kind, array $words, array $figures): array
    {
        $fields = $kind->fields();
        $data = $used = [];
        foreach ($words as $word) {
            [$line, $choice] = Vocabulary::CHOICES[$word] ?? ['', ''];
            if (isset($fields[$line])) {
                $data[$line] = $choice;
            } elseif ($line === 'chemistry' && $choice === 'lfp' && isset($fields['lithium'])) {
                $data['lithium'] = 'preset';
            }
            if (isset(Vocabulary::CHOICES[$word]) || isset(Vocabulary::KINDS[$word]) || in_array(
                $word,
                [...Vocabulary::FILLING, 'starter'],
                true,
            )) {
                $used[] = $word;
            }
        }
        foreach ($figures as $unit => $values) {
            $lines = Vocabulary::lines($kind, $unit);
            foreach (array_slice($values, 0, count($lines)) as $i => $value) {
                $data[$lines[$i]] = $value;
            }
        }

        return [$data, $used];
    }

    /**
     * Reads what is left: a name has a capital letter, the rest of the first part and the next part say where it is, further ones are a
     * note.
     *
     * @param list<string> $segments
     * @param list<string> $used
     *
     * @return array{string, string, string} make, place, note
     */
    private static function names(array $segments, array $used): array
    {
        $name = $place = $note = [];
        foreach ($segments as $i => $segment) {
            $words = array_values(array_filter(
                preg_split('/\s+/u', trim($segment, " \t.:·-")) ?: [],
                static fn(string $w): bool => $w !== '',
            ));
            $at = array_keys(array_filter(
                $words,
                static fn(string $w): bool => in_array(mb_strtolower($w), Vocabulary::AT, true),
            ))[0] ?? count($words);
            $says = array_filter($words, static fn(string $w): bool => !in_array(mb_strtolower(trim($w, '.:')), $used, true));
            if ($says === []) {
                continue;
            }
            if ($i === 0) {
                foreach ($words as $k => $word) {
                    if ($k >= $at || isset($says[$k])) {
                        $k < $at && preg_match('/^\p{Lu}/u', $word) === 1 ? $name[] = $word : $place[] = $word;
                    }
                }
            } elseif ($place === []) {
                $place = $words;
            } else {
                $note[] = implode(' ', $words);
            }
        }

        return [implode(' ', $name), implode(' ', $place), implode(', ', $note)];
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return array<string, float|string>
     */
    private static function assumed(PartKind $kind, array $values): array
    {
        return match (true) {
            $kind->is(Family::Battery) && isset($values['chemistry']) && !isset($values['nominal_v']) => [
                'nominal_v' => self::USUAL_V[$values['chemistry']] ?? self::USUAL_LEAD_V,
            ],
            $kind->is(Family::SplitRelay) && !isset($values['method']) => ['method' => 'relay'],
            default => [],
        };
    }

    /**
     * @return list<string> in small letters
     */
    private static function words(string $text): array
    {
        preg_match_all('/[\p{L}\d][\p{L}\d.\/-]*/u', mb_strtolower($text), $m);

        return array_map(static fn(string $w): string => rtrim($w, '.-/'), $m[0]);
    }
}
