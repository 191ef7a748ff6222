<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Translation\MessageSelector;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Word;

/**
 * The words of what core decides, in one language: lang/LOCALE/*.php, read without the framework. Numbers and units are written as the reader
 * reads them.
 */
final class Lexicon
{
    /** @var array<string, array<string, mixed>> files that were read, by name */
    private array $files = [];

    private readonly MessageSelector $plural;

    /**
     * @param callable(string): string $name what a part is called, by its uid
     */
    public function __construct(private readonly Show $show, private $name, private readonly string $folder = __DIR__ . '/../../lang')
    {
        $this->plural = new MessageSelector();
    }

    /** What a finding says. */
    public function finding(Finding $finding): Spoken
    {
        $words = $this->file('findings');
        $rule = isset($words[$finding->rule]) || isset($words["$finding->rule.$finding->variant"]) ? $finding->rule : (string) preg_replace('/^(set-otherwise)-.*/', '$1', $finding->rule);
        $said = [...(array) ($words[$rule] ?? []), ...(array) ($finding->variant === '' ? [] : $words["$rule.$finding->variant"] ?? [])];
        $line = fn(string $key): string => $this->filled((string) ($said[$key] ?? "$rule.$key"), $finding->args);

        return new Spoken($line('title'), $line('message'), $line('remedy'), $line('source'));
    }

    /**
     * A word or phrase by file and key: "kinds.battery", "findings.phrases.off".
     *
     * @param array<string, mixed> $args
     */
    public function word(string $key, array $args = []): string
    {
        [$file, $rest] = [...explode('.', $key, 2), ''];
        $found = $this->file($file);
        foreach (explode('.', $rest) as $step) {
            $found = is_array($found) ? $found[$step] ?? null : null;
        }
        if (!is_string($found)) {
            return $key;
        }
        $count = array_values(array_filter($args, is_int(...)))[0] ?? null;

        return $this->filled($count !== null && str_contains($found, '|') ? $this->plural->choose($found, $count, $this->show->locale) : $found, $args);
    }

    /** Whether there are words for a key. */
    public function has(string $key): bool
    {
        return $this->word($key) !== $key;
    }

    /** What stands in a sentence. */
    public function said(mixed $value): string
    {
        return match (true) {
            $value instanceof Amount => $this->show->text($value->value, $value->unit, $value->decimals),
            $value instanceof Named => ($this->name)($value->uid),
            $value instanceof Word => $this->word($value->key, $value->args),
            is_array($value) => $this->listed(array_map($this->said(...), array_values($value))),
            is_int($value), is_float($value) => $this->show->text((float) $value),
            default => (string) $value,
        };
    }

    /**
     * @param list<string> $said
     */
    private function listed(array $said): string
    {
        $last = array_pop($said) ?? '';

        return $said === [] ? $last : implode(', ', $said) . ' ' . $this->word('units.and') . ' ' . $last;
    }

    /**
     * @param array<string, mixed> $args
     */
    private function filled(string $line, array $args): string
    {
        // In one pass: what a person typed is shown as typed, even where it looks like a slot.
        return (string) preg_replace_callback('/(?<![\w}]):([A-Za-z_]+)/', function (array $slot) use ($args): string {
            $key = lcfirst($slot[1]);
            if (!array_key_exists($key, $args)) {
                return $slot[0];
            }
            $said = $this->said($args[$key]);

            return $key === $slot[1] ? $said : mb_strtoupper(mb_substr($said, 0, 1)) . mb_substr($said, 1);
        }, $line);
    }

    /**
     * @return array<string, mixed>
     */
    private function file(string $name): array
    {
        if (!isset($this->files[$name])) {
            $path = "$this->folder/{$this->show->locale}/$name.php";
            $this->files[$name] = is_file($path) ? require $path : [];
        }

        return $this->files[$name];
    }
}
