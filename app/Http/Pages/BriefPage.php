<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Http\Requests\JobRequest;
use App\Models\Job;
use App\Words\Lexicon;
use App\Words\Show;
use Pebblefell\System\Sheet\DataField;

/** Shows the brief's form, field by field of its lists. */
final class BriefPage
{
    /** Keys that stand behind a fold: axles and roof, to scale. */
    private const FOLDED = '/^(wheelbase|front_(max_)?kg|rear_|roof_(length|width|things|picture))/';

    public function __construct(private readonly Job $job, private readonly Show $show)
    {
    }

    /**
     * Gives the fields of a group, those that stand open or those behind the fold; the budget is asked on Size.
     *
     * @return list<array{name: string, key: string, type: string, label: string, help: string, example: ?string, value: mixed,
     *     unit: string, options: array<string, string>, blank: ?string, most: int}>
     */
    public function fields(string $group, bool $folded = false): array
    {
        $shown = [];
        foreach (Job::briefFields()[$group]->fields as $key => $field) {
            if (!in_array($key, ['stay', 'budget'], true) && (preg_match(self::FOLDED, $key) === 1) === $folded) {
                $shown[] = $this->shown($group, $field);
            }
        }

        return $shown;
    }

    /** Gives a size of the bay as a field holds it. */
    public function bay(string $side): string
    {
        return $this->show->field($this->job->getAttribute("bay_{$side}_mm"), 'mm');
    }

    public function unit(string $unit): string
    {
        return $this->show->unit($unit);
    }

    /** Whether anything behind the fold is noted. */
    public function hasFolded(): bool
    {
        return preg_grep(self::FOLDED, array_keys($this->job->details['vehicle'] ?? [])) !== [];
    }

    /**
     * @return array{name: string, key: string, type: string, label: string, help: string, example: ?string, value: mixed, unit: string,
     *     options: array<string, string>, blank: ?string, most: int}
     */
    private function shown(string $group, DataField $field): array
    {
        $say = Lexicon::plain();
        $value = $this->job->noted($group)[$field->key] ?? $field->default;
        $options = match ($field->type) {
            'choice', 'enum' => $field->choices,
            'flag' => $field->isOptional ? [1, 0] : [],
            default => [],
        };

        return [
            'name' => preg_replace('/\.([a-z0-9_]+)/', '[$1]', JobRequest::nameOf($group, $field->key)) ?? '',
            'key' => $field->key,
            'type' => $field->type,
            'label' => $say->word("brief.$group.$field->key"),
            'help' => self::wordOrNull("brief.help.$field->key") ?? '',
            'example' => self::wordOrNull("brief.examples.$field->key"),
            'value' => match (true) {
                $field->type === 'number' => $this->show->field(is_numeric($value) ? (float) $value : null, $field->unit),
                is_bool($value) => $value ? '1' : ($field->isOptional && !isset($this->job->details[$group][$field->key]) ? '' : '0'),
                is_float($value) => (string) $value,
                default => $value,
            },
            'unit' => $field->key === 'wish_days' ? $say->word('brief.days') : $this->show->unit($field->unit),
            'options' => array_combine(
                array_map(strval(...), $options),
                array_map(fn(mixed $o): string => $this->option($field, $o), $options),
            ),
            'blank' => $field->isOptional ? $say->word('brief.not-said') : null,
            'most' => $field->most,
        ];
    }

    private static function wordOrNull(string $key): ?string
    {
        $word = Lexicon::plain()->word($key);

        return $word === $key ? null : $word;
    }

    private function option(DataField $field, mixed $option): string
    {
        return match (true) {
            is_float($option) => $this->show->text($option, 'V'),
            $field->type === 'flag' => Lexicon::plain()->word($option === 1 ? 'history.yes' : 'history.no'),
            default => Lexicon::plain()->choice((string) $option),
        };
    }
}
