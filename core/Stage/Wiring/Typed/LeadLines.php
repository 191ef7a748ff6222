<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring\Typed;

use Pebblefell\Conductor\FuseFamily;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Change;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Quantity\Length;
use Pebblefell\Quantity\Temperature;
use Pebblefell\Study;
use Pebblefell\System\Change\Lead;
use Pebblefell\System\Change\Names;
use Pebblefell\System\Conductor;
use Pebblefell\System\Fate;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;

/**
 * Leads as they are typed, a line each:
 *
 *     p3.plus -> p9.in 35mm2 0.6m            a lead that comes in
 *     p3.plus -> fuse 60A sf30 -> p9.in 16   the same with a fuse that comes in; breaker, switch and bar likewise
 *     c5 16mm2 1.2m 90C                      size, length, insulation of one that is there
 *     c5 at 60C bundle 4                     warmth where it lies, loaded conductors in its bundle
 *     c5 fuse 60A                            a fuse that comes in, in the middle of it; its own size and length stay at the far end
 *     c5 out                                 it goes
 *
 * A part is named by its number or by its make and model. With parts dropped in, the size is that of every piece, the length that of the
 * last.
 */
final class LeadLines
{
    /** More lines than this nobody types at once. */
    public const MOST = 40;

    private const ARROW = '/\s*(?:-+>|→|–>)\s*/u';
    private const DROPPED = [
        'fuse' => PartKind::Fuse,
        'breaker' => PartKind::Breaker,
        'switch' => PartKind::Switch,
        'bar' => PartKind::Busbar,
    ];

    private readonly Names $names;

    private readonly Graph $graph;

    /** @var array<string, float> mm² that an earlier line gave a lead, by its uid */
    private array $sizes = [];

    private function __construct(private readonly Study $study)
    {
        $this->graph = $study->planned();
        $this->names = new Names();
    }

    /**
     * @return list<LeadLine> empty lines left out
     */
    public static function read(string $text, Study $study): array
    {
        $reader = new self($study);
        $lines = array_values(array_filter(
            array_map(trim(...), preg_split('/\R/u', $text) ?: []),
            static fn(string $l): bool => $l !== '',
        ));

        return array_map($reader->line(...), array_slice($lines, 0, self::MOST));
    }

    private function line(string $text): LeadLine
    {
        try {
            $pieces = preg_split(self::ARROW, $text) ?: [];

            return new LeadLine($text, count($pieces) > 1 ? $this->chain($pieces) : $this->existing($text), null);
        } catch (InvalidValue $e) {
            return new LeadLine($text, [], $e);
        }
    }

    /**
     * @param list<string> $pieces
     *
     * @return list<Change>
     */
    private function chain(array $pieces): array
    {
        [$last, $words] = $this->pointAndWords((string) array_pop($pieces));
        $specs = $this->specs($words);
        $parts = $ends = [];
        foreach ($pieces as $i => $piece) {
            $dropped = $i === 0 ? null : $this->dropped($piece);
            if ($dropped !== null) {
                $parts[] = Change::add('part', $dropped->toArray());
                $ends[] = $dropped->is(Family::Busbar)
                    ? [Point::of($dropped->uid, 'bar'), Point::of($dropped->uid, 'bar')]
                    : [Point::of($dropped->uid, 'in'), Point::of($dropped->uid, 'out')];
            } else {
                [$point, $rest] = $this->pointAndWords($piece);
                if ($rest !== '') {
                    throw InvalidValue::at('', 'lead-word', ['word' => $rest]);
                }
                $ends[] = [$point, $point];
            }
        }
        $ends[] = [$last, $last];
        $leads = [];
        for ($k = 1; $k < count($ends); ++$k) {
            [$from, $to] = [$ends[$k - 1][1], $ends[$k][0]];
            if ($from->is($to)) {
                throw InvalidValue::at('', 'lead-to-itself');
            }
            $lead = new Conductor(
                $this->names->next(),
                $from,
                $to,
                Fate::Add,
                $specs['size_mm2'] ?? null,
                $k === count($ends) - 1 ? $specs['length_m'] ?? null : null,
                $specs['insulation_c'] ?? null,
                ambientC: $specs['ambient_c'] ?? null,
                grouped: isset($specs['grouped']) ? (int) $specs['grouped'] : null,
            );
            $leads[] = Change::add('conductor', $lead->toArray());
        }

        return [...$parts, ...$leads];
    }

    /**
     * @return list<Change>
     */
    private function existing(string $text): array
    {
        [$uid, $words] = [...explode(' ', $text, 2), ''];
        $conductor = $this->graph->conductors[$uid] ?? null;
        if ($conductor === null) {
            throw InvalidValue::at('', preg_match('/^c\d+$/', $uid) === 1 ? 'lead-unknown' : 'lead-no-arrow', ['name' => $uid]);
        }
        if (trim($words) === 'out') {
            return [Change::remove('conductor', $uid)];
        }
        $dropped = $this->dropped(trim($words));
        if ($dropped !== null) {
            return $this->split($conductor, $dropped);
        }
        $specs = $this->specs($words);
        if ($specs === []) {
            throw InvalidValue::at('', 'lead-says-nothing', ['name' => $uid]);
        }

        if (isset($specs['size_mm2'])) {
            $this->sizes[$uid] = $specs['size_mm2'];
        }

        return array_map(
            static fn(string $field, float|int $value): Change => Change::set('conductor', $uid, $field, $value),
            array_keys($specs),
            array_values($specs),
        );
    }

    /**
     * A part set into a run: what is there stays at its far end, a new piece of the same size leads to it from the bank's side.
     *
     * @return list<Change>
     */
    private function split(Conductor $conductor, Part $part): array
    {
        $whole = $this->study->circuit()->whole();
        $near = $whole->has($conductor->to) && count($whole->wayTo($conductor->to) ?? []) < count($whole->wayTo($conductor->from) ?? [])
            ? 'to'
            : 'from';
        $end = $near === 'to' ? $conductor->to : $conductor->from;
        [$in, $out] = $part->is(Family::Busbar) ? ['bar', 'bar'] : ['in', 'out'];
        $piece = new Conductor(
            $this->names->next(),
            $end,
            Point::of($part->uid, $in),
            Fate::Add,
            $this->sizes[$conductor->uid] ?? $conductor->sizeMm2,
            null,
            $conductor->insulationC,
        );

        return [
            Change::add('part', $part->toArray()),
            Change::add('conductor', $piece->toArray()),
            Lead::end($this->study->system, $this->study->system->conductors[$conductor->uid], $near, Point::of($part->uid, $out)),
        ];
    }

    /** "fuse 60A class_t", "switch 275 A", "bar 250"; null for anything else. */
    private function dropped(string $text): ?Part
    {
        if (preg_match('/^(fuse|breaker|switch|bar)\b\s*(?:(\d+(?:[.,]\d+)?)\s*A?\b)?\s*(\w*)$/i', $text, $m) !== 1) {
            return null;
        }
        $kind = self::DROPPED[strtolower($m[1])];
        if ($m[2] === '') {
            throw InvalidValue::at('', 'lead-rating', ['what' => strtolower($m[1])]);
        }
        $data = ['rating_a' => (float) str_replace(',', '.', $m[2])];
        if ($m[3] !== '') {
            if (!$kind->is(Family::Fuse) || FuseFamily::tryFrom(strtolower($m[3])) === null) {
                throw InvalidValue::at('', 'lead-word', ['word' => $m[3]]);
            }
            $data['family'] = strtolower($m[3]);
        }

        return new Part($this->names->next(), $kind, DataSheet::of($kind, $data), Fate::Add);
    }

    /**
     * A point at the beginning of a text, and what is left behind it. The name of a part may hold blanks.
     *
     * @return array{Point, string}
     */
    private function pointAndWords(string $text): array
    {
        $text = trim($text);
        foreach ($this->byName() as $name => $parts) {
            $name = (string) $name;
            if (strncasecmp($text, $name, strlen($name)) !== 0 || preg_match('/^[\s.]|^$/', substr($text, strlen($name))) !== 1) {
                continue;
            }
            if (count($parts) > 1) {
                throw InvalidValue::at('', 'lead-two-parts', [
                    'name' => $name, 'uids' => implode(', ', array_map(static fn(Part $p): string => $p->uid, $parts)),
                ]);
            }
            preg_match('/^(?:\.([a-z_]+))?\s*(.*)$/su', substr($text, strlen($name)), $m);

            return [$this->terminal($parts[0], $m[1] ?? ''), $m[2] ?? ''];
        }
        throw InvalidValue::at('', 'lead-no-part', ['name' => explode(' ', $text)[0]]);
    }

    private function terminal(Part $part, string $name): Point
    {
        $terminals = array_map(strval(...), array_keys($part->kind->terminals()));
        if ($name === '' && count($terminals) === 1) {
            $name = $terminals[0];
        }
        if (!in_array($name, $terminals, true)) {
            throw InvalidValue::at('', 'lead-no-terminal', ['name' => $part->uid, 'terminals' => implode(', ', $terminals)]);
        }

        return Point::of($part->uid, $name);
    }

    /**
     * @return array<string, list<Part>> longest names first
     */
    private function byName(): array
    {
        $named = [];
        foreach ($this->graph->parts as $part) {
            $named[$part->uid][] = $part;
            if ($part->typedName() !== '') {
                $named[$part->typedName()][] = $part;
            }
        }
        uksort($named, static fn(string|int $a, string|int $b): int => strlen((string) $b) <=> strlen((string) $a));

        return $named;
    }

    /**
     * @return array<string, float> of a conductor's row: size_mm2, length_m, insulation_c, ambient_c, grouped
     */
    private function specs(string $text): array
    {
        $number = '(\d+(?:[.,]\d+)?)';
        $forms = [
            'ambient_c' => "at\s+$number\s*°?C\b",
            'ambient_f' => "at\s+$number\s*°?F\b",
            'grouped' => 'bundle\s+(\d{1,3})\b',
            'insulation_c' => '(70|90|105)\s*°?C\b',
            'gauge' => '([1-4]/0|\d{1,2}\s*awg)(?:\s*awg)?(?=\s|$)',
            'area' => "$number\s*(?:mm²|mm2|mm)(?=\s|$)",
            'cm' => "$number\s*cm\b",
            'length_m' => "$number\s*m\b",
            'feet' => "$number\s*(?:ft|')(?=\s|$)",
            'bare' => '(\d+(?:[.,]\d+)?)(?=\s|$)',
        ];
        $specs = [];
        $text = trim($text);
        while ($text !== '') {
            $read = null;
            foreach ($forms as $form => $pattern) {
                if (preg_match("~^$pattern~iu", $text, $m) === 1) {
                    $read = [$form, $m[0], $m[1]];
                    break;
                }
            }
            if ($read === null) {
                throw InvalidValue::at('', 'lead-word', ['word' => explode(' ', $text)[0]]);
            }
            [$key, $whole, $figure] = $read;
            $value = (float) str_replace(',', '.', $figure);
            [$field, $value] = match ($key) {
                'gauge' => ['size_mm2', round(ConductorSize::read($figure)->areaMm2, 3)],
                // A bare number is a size: that is what stands on a reel.
                'area', 'bare' => ['size_mm2', ConductorSize::ofArea($value)->areaMm2],
                'ambient_f' => ['ambient_c', round(Temperature::ofFahrenheit($value)->celsius, 1)],
                'cm' => ['length_m', $value / 100.0],
                'feet' => ['length_m', round(Length::ofFeet($value)->metres, 3)],
                default => [$key, $value],
            };
            if (isset($specs[$field])) {
                throw InvalidValue::at('', 'lead-twice', ['word' => trim($whole)]);
            }
            $specs[$field] = $value;
            $text = trim(substr($text, strlen($whole)));
        }

        return $specs;
    }
}
