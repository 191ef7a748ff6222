<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Handover;

use Pebblefell\Finding\Amount;
use Pebblefell\Study;
use Pebblefell\System\Fate;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * The walk through the vehicle at the hand-over: what is shown and said, in the order of the places that one walks past. From the inlet
 * outside by the places, front to rear where their distance is noted; then what has no place: what runs together, papers, the night.
 */
final readonly class WalkThrough
{
    /**
     * @param list<array{key: string, does: string, args: array<string, mixed>, parts: list<Part>, place: string}> $points
     */
    private function __construct(public array $points)
    {
    }

    public static function of(Study $study): self
    {
        $points = [];
        foreach ($study->planned()->parts as $part) {
            $does = self::does($study, $part);
            if ($does !== null) {
                $points[] = self::point($does, [$part], self::args($study, $part));
            }
        }
        foreach ($study->system->parts as $part) {
            if ($part->fate === Fate::Disconnect || $part->fate === Fate::Relabel) {
                $points[] = self::point('left-in', [$part]);
            }
        }
        $points = self::merged($points);
        $order = array_flip(self::places($study));
        usort($points, static fn(array $a, array $b): int => [self::rank($a, $order), $a['key']] <=> [self::rank($b, $order), $b['key']]);
        $together = $study->together();
        if ($together !== null) {
            $points[] = self::point('together', [], ['watts' => Amount::of($together->limitW, 'W')]);
        }
        if (array_filter($study->planned()->parts, static fn(Part $p): bool => $p->is(Family::Alternator)) !== []) {
            $points[] = self::point('emergency', []);
        }

        return new self([...$points, self::point('storage', []), self::point('later', []), self::point('papers', [])]);
    }

    public function has(string $key): bool
    {
        return in_array($key, array_column($this->points, 'key'), true);
    }

    /** Returns what is shown at a part; null where there is nothing for a customer to see. */
    private static function does(Study $study, Part $part): ?string
    {
        return match (true) {
            !$part->is(Family::Battery) => $part->kind->kind()->shownAs(),
            $part->role !== 'house' => null,
            default => $study->banks()->lithium() !== null ? 'lithium' : 'lead',
        };
    }

    /**
     * @return array<string, mixed>
     */
    private static function args(Study $study, Part $part): array
    {
        return match (true) {
            $part->kind->isInverter() => [
                'idle' => Amount::of($study->loads()->idleW->value, 'W'),
                'watts' => Amount::of($part->data->known('continuous_w'), 'W'),
            ],
            $part->is(Family::Battery) && $study->banks()->lithium() !== null => [
                'celsius' => Amount::of($part->data->orUsual('charge_min_c'), '°C'),
            ],
            $part->is(Family::ShoreInlet) => ['amps' => Amount::of($study->system->region->hookUpsA()[0], 'A', 0)],
            default => [],
        };
    }

    /**
     * Merges what is alike at one place.
     *
     * @param list<array{key: string, does: string, args: array<string, mixed>, parts: list<Part>, place: string}> $points
     *
     * @return list<array{key: string, does: string, args: array<string, mixed>, parts: list<Part>, place: string}>
     */
    private static function merged(array $points): array
    {
        $by = [];
        foreach ($points as $point) {
            $at = "$point[does]|$point[place]";
            if (isset($by[$at])) {
                $by[$at]['parts'] = [...$by[$at]['parts'], ...$point['parts']];
            } else {
                $by[$at] = $point;
            }
        }

        return array_values($by);
    }

    /**
     * @return list<string> places front to rear as far as that is noted, the others as they were listed
     */
    private static function places(Study $study): array
    {
        $along = [];
        foreach (array_values($study->planned()->parts) as $i => $part) {
            $m = $part->data->number('along_m');
            $along[$part->place] = min($along[$part->place] ?? INF, $m ?? 1000.0 + $i);
        }
        asort($along);

        return array_map(strval(...), array_keys($along));
    }

    /**
     * The inlet first: one comes from outside. The roof is told last: nobody climbs it.
     *
     * @param array{does: string, place: string} $point
     * @param array<string, int>                 $order
     */
    private static function rank(array $point, array $order): int
    {
        return match ($point['does']) {
            'inlet' => -1,
            'panels' => PHP_INT_MAX,
            default => $order[$point['place']] ?? PHP_INT_MAX - 1,
        };
    }

    /**
     * @param list<Part>           $parts
     * @param array<string, mixed> $args
     *
     * @return array{key: string, does: string, args: array<string, mixed>, parts: list<Part>, place: string}
     */
    private static function point(string $does, array $parts, array $args = []): array
    {
        return [
            'key' => $does . ($parts === [] ? '' : '.' . $parts[0]->uid),
            'does' => $does,
            'args' => $args,
            'parts' => $parts,
            'place' => $parts[0]->place ?? '',
        ];
    }
}
