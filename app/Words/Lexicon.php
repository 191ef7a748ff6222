<?php

declare(strict_types=1);

namespace App\Words;

use BackedEnum;
use Illuminate\Support\HtmlString;
use MessageFormatter;
use Pebblefell\Assessment\StageState;
use Pebblefell\Balance\BalanceStep;
use Pebblefell\Balance\BenchCharger;
use Pebblefell\Balance\Protocol;
use Pebblefell\Bank\Layout;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Word;
use Pebblefell\Region\Region;
use Pebblefell\Region\Units;
use Pebblefell\Setting\Parameter;
use Pebblefell\Stage;
use Pebblefell\System\Climate;
use Pebblefell\System\Fate;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\SignalKind;
use Pebblefell\System\System;

/**
 * The words of what core decides, in one language: lang/LOCALE/*.php, in ICU's syntax, read without the framework. Numbers and
 * units are written as the reader reads them.
 */
final class Lexicon
{
    /** Where the names of an enumeration stand. */
    private const ENUMS = [
        BenchCharger::class => 'balance.bench.%s', Chemistry::class => 'chemistries.%s', Fate::class => 'fates.%s',
        Layout::class => 'layouts.names.%s',
        Parameter::class => 'settings.%s', PartKind::class => 'kinds.%s', Protocol::class => 'balance.protocols.%s',
        Region::class => 'regions.%s.name',
        SignalKind::class => 'signals.%s', Climate::class => 'climates.%s',
        Stage::class => 'stages.names.%s', StageState::class => 'states.%s', BalanceStep::class => 'balance.steps.%s',
    ];

    /** @var array<string, array<string, mixed>> files that were read, by name */
    private array $files = [];

    /** @var array<string, MessageFormatter> by line */
    private array $formats = [];

    /**
     * @param array<string, Part> $parts that are spoken of, by uid
     */
    public function __construct(
        private readonly Show $show,
        private readonly array $parts = [],
        private readonly string $folder = __DIR__ . '/../../lang',
    ) {
    }

    /** The words about one job: its parts by their names. */
    public static function of(System $system, Show $show): self
    {
        return new self($show, $system->parts);
    }

    /** For what is said where there is no job. */
    public static function plain(Units $units = Units::Metric): self
    {
        return new self(new Show($units));
    }

    /** The words of one language, where there is no job. */
    public static function in(string $locale): self
    {
        return new self(new Show(Units::Metric, locale: $locale));
    }

    /** Returns what a finding says. */
    public function finding(Finding $finding): Spoken
    {
        $words = $this->file('findings');
        $rule = isset($words[$finding->rule]) || isset($words["$finding->rule.$finding->variant"]) ? $finding->rule : (string) preg_replace(
            '/^(set-otherwise)-.*/',
            '$1',
            $finding->rule,
        );
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
        if ($key === '') {
            return (string) ($args['text'] ?? '');
        }
        [$file, $rest] = [...explode('.', $key, 2), ''];
        $found = $this->file($file);
        foreach (explode('.', $rest) as $step) {
            $found = is_array($found) ? $found[$step] ?? null : null;
        }
        if (!is_string($found)) {
            // What one kind calls as all others do stands there only once: "sheets.battery.mass_kg" is "sheets.mass_kg".
            $steps = explode('.', $rest);

            return count($steps) > 1 ? $this->wider($key, "$file." . end($steps), $args) : $key;
        }

        return $this->filled($found, $args);
    }

    /**
     * @param array<string, mixed> $args
     */
    private function wider(string $key, string $wider, array $args): string
    {
        $said = $this->word($wider, $args);

        return $said === $wider ? $key : $said;
    }

    /** Make and model, or "house battery 2". */
    public function part(Part $part): string
    {
        $kind = $part->is(Family::Battery) ? "kinds.roles.$part->role" : 'kinds.' . $part->kind->value;

        return $part->typedName() ?: $this->word($kind) . ($part->number > 0 ? ' ' . $part->number : '');
    }

    /** Its name where one of several alike is meant: "Kvellin Slate 200 no. 2". */
    public function onePart(Part $part): string
    {
        return $part->number > 0 && $part->typedName() !== '' ? $this->word(
            'units.of-several',
            ['name' => $part->typedName(), 'number' => (string) $part->number],
        ) : $this->part($part);
    }

    /**
     * @return array<string, string> the sides of a vehicle that a part may serve, by key
     */
    public function sides(): array
    {
        return array_combine(Part::ROLES, array_map(fn(string $role): string => $this->word("kinds.sides.$role"), Part::ROLES));
    }

    /** A case by its name: a kind, a fate, a stage's state. */
    public function name(BackedEnum $case): string
    {
        return $this->word(sprintf(self::ENUMS[$case::class] ?? '%s', $case->value));
    }

    /** A line of a data sheet. */
    public function field(PartKind $kind, string $key): string
    {
        return $this->word("sheets.$kind->value.$key");
    }

    /** One of the words that a line of a data sheet may hold. */
    public function choice(string $word): string
    {
        $said = $this->word("sheets.choices.$word");

        return $said === "sheets.choices.$word" ? str_replace('_', ' ', $word) : $said;
    }

    public function terminal(PartKind $kind, string $name): string
    {
        return $this->word("terminals.$kind->value.$name");
    }

    public function label(Figure $figure): string
    {
        return $this->keyed('labels', $figure->label);
    }

    public function formula(Figure $figure): string
    {
        return $figure->formula === '' ? '' : $this->keyed('formulas', $figure->formula);
    }

    public function source(Figure $figure): string
    {
        return $figure->source === '' ? '' : $this->keyed('sources', $figure->source);
    }

    /** Why a value is not taken. */
    public function refusal(InvalidValue $refused): string
    {
        // A word of another file is named whole.
        return $this->word(str_contains($refused->key, '.') ? $refused->key : "refusals.$refused->key", $refused->args);
    }

    /**
     * A month by its name.
     *
     * @param ?int $letters so many of it; null: all
     */
    public function month(int $month, ?int $letters = null): string
    {
        return mb_substr($this->word("months.$month"), 0, $letters);
    }

    /** The few words about a part that a technician wants in a list. */
    public function about(Part $part): string
    {
        return PartWords::of($part, $this->show, $this);
    }

    /** A line of a part's data sheet, where it is noted: "of 150 V". */
    public function line(Part $part, string $key, string $before = ''): string
    {
        $value = $part->data->number($key);

        return $value === null ? ($before === '' ? '–' : '') : $before . $this->show->text($value, $part->kind->fields()[$key]->unit);
    }

    /**
     * Figures that something rests on, as a list.
     *
     * @param list<Figure> $figures
     */
    public function inputs(array $figures): HtmlString
    {
        return HowTree::of($figures, $this->show, $this);
    }

    /** How a figure comes about, to be opened. */
    public function how(Figure $figure, bool $left = false): HtmlString
    {
        return HowTree::opened($figure, $this->show, $this, $left);
    }

    private function keyed(string $of, string|Word $word): string
    {
        return $word instanceof Word ? $this->said($word) : $this->word("figures.$of.$word");
    }

    /** Whether there are words for a key. */
    public function has(string $key): bool
    {
        return $this->word($key) !== $key;
    }

    /** Returns what stands in a sentence. */
    public function said(mixed $value): string
    {
        return match (true) {
            $value instanceof Amount => $this->show->text($value->value, $value->unit, $value->decimals),
            $value instanceof Named => match (true) {
                !isset($this->parts[$value->uid]) => $value->uid,
                $value->amongAlike => $this->onePart($this->parts[$value->uid]),
                default => $this->part($this->parts[$value->uid]),
            },
            $value instanceof Part => $this->part($value),
            $value instanceof BackedEnum => $this->name($value),
            $value instanceof InvalidValue => $this->refusal($value),
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
     * Fills a line by ICU: "{count, plural, one {# fix} other {# fixes}}". What a person typed is shown as typed, even where it looks like
     * a slot. `{Part}` begins with a capital letter where `{part}` does not.
     *
     * @param array<string, mixed> $args
     */
    private function filled(string $line, array $args): string
    {
        if (!str_contains($line, '{')) {
            return $line;
        }
        $values = [];
        foreach ($args as $key => $value) {
            if (is_int($value) && str_contains($line, "{{$key}, ")) {
                $values[$key] = $value;
                continue;
            }
            $said = $this->said($value);
            $values += [$key => $said, ucfirst($key) => mb_strtoupper(mb_substr($said, 0, 1)) . mb_substr($said, 1)];
        }
        $said = ($this->formats[$line] ??= new MessageFormatter($this->show->locale, $line))->format($values);

        return $said === false ? $line : $said;
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
