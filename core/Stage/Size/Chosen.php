<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Bank\Arrangement;
use Pebblefell\Bank\Bank;
use Pebblefell\Finding\Change;
use Pebblefell\System\Change\BankEnds;
use Pebblefell\System\Change\Names;
use Pebblefell\System\Conductor;
use Pebblefell\System\Fate;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\System;

/** A bank and an array of one's choice, as changes of the plan: what is right already stays. */
final class Chosen
{
    /**
     * So many of one battery are the house bank: what was planned before goes, what was found is taken out, and what hung on it hangs on
     * the new one. A bank that only grows keeps what it has.
     *
     * @param Part $battery as the library describes it
     *
     * @return list<Change>
     */
    public static function bank(System $system, Part $battery, int $count): array
    {
        return self::bankOf($system, $battery, $count, new Names());
    }

    /**
     * A point of the endurance map: so many batteries of one kind, so many panels of one kind.
     *
     * @return list<Change>
     */
    public static function plan(System $system, Part $battery, int $batteries, Part $panel, int $panels): array
    {
        $names = new Names();
        $planned = $system->planned()->houseBatteries();
        $alike = array_filter($planned, static fn(Part $p): bool => self::isOf($p, $battery));
        $isThere = count($planned) === $batteries && count($alike) === $batteries;

        return [
            ...($isThere ? [] : self::bankOf($system, $battery, $batteries, $names)),
            ...self::panels($system, $panel, $panels, $names),
        ];
    }

    /**
     * Stay with what is there: what was planned goes, what was found is kept.
     *
     * @return list<Change>
     */
    public static function found(System $system): array
    {
        $changes = [];
        foreach (self::house($system) as $part) {
            if ($part->fate === Fate::Add) {
                $changes[] = Change::remove('part', $part->uid);
            } elseif (!$part->fate->isPlanned()) {
                $changes[] = Change::ofPart($part->uid, Fate::Keep->value);
            }
        }

        return $changes;
    }

    /**
     * @return list<Change>
     */
    private static function bankOf(System $system, Part $battery, int $count, Names $names): array
    {
        $graph = $system->planned();
        $before = $graph->houseBatteries();
        $ends = BankEnds::of($system, $graph, $before);
        $alike = array_filter($before, static fn(Part $p): bool => self::isOf($p, $battery));
        // A bank that only grows keeps what it has: serials, links and leads.
        $kept = $before !== [] && count($alike) === count($before) && $count >= count($before) ? $before : [];
        $rows = self::rows($battery, $count - count($kept), self::placeOf($system), $names);
        $uids = [...array_map(static fn(Part $p): string => $p->uid, $kept), ...array_map(static fn(Change $c): string => $c->uid, $rows)];
        $strings = array_chunk($uids, max(1, Bank::seriesFor($battery->data->known('nominal_v'), $system->vehicle->systemV)));
        $links = self::links(
            $strings,
            array_map(static fn(Part $p): string => $p->uid, $kept),
            $kept === [] ? [] : $ends->posts,
            $ends,
            $names,
        );
        [$first, $last] = [$strings[0], $strings[count($strings) - 1]];
        $led = $kept !== [] && $ends->posts !== [] ? [] : $ends->ledTo([
            'plus' => Point::of($first[count($first) - 1], 'plus'),
            'minus' => Point::of($last[0], 'minus'),
        ]);
        $gone = $kept === [] ? array_map(static fn(string $uid): Change => Change::remove('part', $uid), [
            ...array_map(static fn(Part $p): string => $p->uid, $before),
            ...array_map(strval(...), array_keys($ends->posts)),
        ]) : [];

        return [...$rows, ...$links, ...$led, ...$gone];
    }

    /**
     * Returns what joins new batteries to one another and to those that stay; as thick and as long as the links that are there.
     *
     * @param list<list<string>> $strings
     * @param list<string>       $kept
     * @param array<string, string> $posts that new strings go to, uid => pole; none: each is joined to the one before
     *
     * @return list<Change>
     */
    private static function links(array $strings, array $kept, array $posts, BankEnds $ends, Names $names): array
    {
        $like = $kept === [] ? null : $ends->inside[0] ?? null;
        $pairs = [];
        if ($posts === []) {
            $pairs = Arrangement::links(array_merge(...$strings), count($strings[0]));
        } else {
            foreach ($strings as $string) {
                array_push($pairs, ...Arrangement::links($string, count($string)));
                foreach ($posts as $post => $pole) {
                    $pairs[] = [$pole === 'plus' ? $string[count($string) - 1] . '.plus' : $string[0] . '.minus', "$post.bar"];
                }
            }
        }
        $links = [];
        foreach ($pairs as [$from, $to]) {
            [$a, $b] = [Point::read($from), Point::read($to)];
            if (!in_array($a->uid, $kept, true) || !in_array($b->uid, [...$kept, ...array_keys($posts)], true)) {
                $links[] = Change::add(
                    'conductor',
                    (new Conductor($names->next(), $a, $b, Fate::Add, $like?->sizeMm2, $like?->lengthM))->toArray(),
                );
            }
        }

        return $links;
    }

    private static function placeOf(System $system): string
    {
        $place = '';
        foreach (self::house($system) as $part) {
            $place = $part->asPlanned()->place !== '' ? $part->asPlanned()->place : $place;
        }

        return $place;
    }

    /**
     * @return list<Change>
     */
    private static function panels(System $system, Part $panel, int $count, Names $names): array
    {
        $place = '';
        $kept = 0;
        $changes = [];
        $planned = $system->planned()->of(Family::Panel);
        // They lie as those lie that are planned: so the map has counted them.
        $lies = array_intersect_key($planned[0]->data->values ?? [], ['tilt_deg' => 0, 'azimuth_deg' => 0]);
        $panel = new Part(
            $panel->uid,
            $panel->kind,
            DataSheet::of($panel->kind, [...$panel->data->values, ...$lies]),
            $panel->fate,
            make: $panel->make,
            model: $panel->model,
        );
        foreach ($planned as $part) {
            $place = $part->place !== '' ? $part->place : $place;
            if (self::isOf($part, $panel) && $kept < $count) {
                ++$kept;
            } else {
                $changes[] = Change::remove('part', $part->uid);
            }
        }

        return [...$changes, ...self::rows($panel, $count - $kept, $place, $names)];
    }

    /**
     * @return list<Change>
     */
    private static function rows(Part $part, int $count, string $place, Names $names): array
    {
        $rows = [];
        for ($i = 0; $i < $count; ++$i) {
            $new = new Part($names->next(), $part->kind, $part->data, Fate::Add, make: $part->make, model: $part->model, place: $place);
            $rows[] = Change::add('part', $new->toArray());
        }

        return $rows;
    }

    /**
     * @return list<Part> house batteries, found and planned
     */
    private static function house(System $system): array
    {
        return array_values(array_filter(
            $system->parts,
            static fn(Part $p): bool => $p->is(Family::Battery) && $p->role === 'house',
        ));
    }

    private static function isOf(Part $part, Part $library): bool
    {
        return $part->make === $library->make && $part->model === $library->model;
    }
}
