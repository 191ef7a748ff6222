<?php

declare(strict_types=1);

namespace Pebblefell\Schedule;

/**
 * Jobs that want the same place, or more people or chargers than there are, in a better order: none earlier than it was planned, each in
 * its own place as long as that is free, and all together as little late as can be. Serial schedule generation (Kolisch 1996): one after
 * the other, each at the first moment at which it finds room; up to six that are free to move in every order, more by the usual priorities.
 * Shared are places in which a vehicle can stand ('' is none, and always free), people and chargers at one time; null: not counted.
 *
 * @phpstan-type Stay array{fromH: float, toH: float, people: int, place: string, begun: bool, charge: ?array{fromH: float, toH: float}}
 * @phpstan-type Shared array{places: list<string>, crew: ?int, chargers: ?int}
 */
final class Order
{
    /** Every order of so many is tried. */
    private const ALL_ORDERS = 6;

    /** Another place costs as much as so many hours of waiting. Chosen: rather another bay today than the own one tomorrow. */
    private const MOVED_H = 0.5;

    private const HAIR_H = 1e-6;

    /**
     * @param list<Stay> $stays  hours since a common beginning; begun: it stands there already, and stays; charge: when it wants a charger,
     *                           which moves with it
     * @param Shared     $shared
     *
     * @return array<int, array{fromH: float, place: string}> those that move, by which of the stays
     */
    public static function better(array $stays, array $shared, Calendar $calendar): array
    {
        $free = array_keys(array_filter($stays, static fn(array $s): bool => !$s['begun']));
        usort($free, static fn(int $a, int $b): int => $stays[$a]['fromH'] <=> $stays[$b]['fromH']);
        $best = null;
        foreach (self::orders($free, $stays) as $order) {
            // With the other places, and each waiting for its own.
            foreach ([$shared['places'], []] as $open) {
                $laid = self::laid($stays, $order, [...$shared, 'places' => $open], $calendar);
                $late = self::late($stays, $laid);
                $best = $best === null || $late < $best[0] - self::HAIR_H ? [$late, $laid] : $best;
            }
        }

        return array_filter($best[1] ?? [], static fn(array $at, int $k): bool => abs($at['fromH'] - $stays[$k]['fromH']) > self::HAIR_H
            || $at['place'] !== $stays[$k]['place'], ARRAY_FILTER_USE_BOTH);
    }

    /**
     * Hours of waiting in all, with what moving to another place costs.
     *
     * @param list<Stay>                                     $stays
     * @param array<int, array{fromH: float, place: string}> $laid
     */
    public static function late(array $stays, array $laid): float
    {
        $late = 0.0;
        foreach ($laid as $k => $at) {
            $late += $at['fromH'] - $stays[$k]['fromH'] + ($at['place'] === $stays[$k]['place'] ? 0.0 : self::MOVED_H);
        }

        return $late;
    }

    /**
     * @param list<Stay> $stays
     * @param list<int>  $order
     * @param Shared     $shared
     *
     * @return array<int, array{fromH: float, place: string}>
     */
    private static function laid(array $stays, array $order, array $shared, Calendar $calendar): array
    {
        $taken = array_values(array_filter($stays, static fn(array $s): bool => $s['begun']));
        $laid = [];
        foreach ($order as $k) {
            $laid[$k] = self::room($stays[$k], $taken, $shared, $calendar);
            $taken[] = [...self::at($stays[$k], $laid[$k]['fromH']), 'place' => $laid[$k]['place']];
        }

        return $laid;
    }

    /**
     * The same stay begun at another hour.
     *
     * @param Stay $stay
     *
     * @return Stay
     */
    private static function at(array $stay, float $fromH): array
    {
        $by = $fromH - $stay['fromH'];
        $charge = $stay['charge'];

        return [
            ...$stay,
            'fromH' => $fromH,
            'toH' => $stay['toH'] + $by,
            'charge' => $charge === null ? null : ['fromH' => $charge['fromH'] + $by, 'toH' => $charge['toH'] + $by],
        ];
    }

    /**
     * The first moment from its own on at which one finds room beside those that are there, and the place, its own before others; where it
     * never does, as it was.
     *
     * @param Stay       $stay
     * @param list<Stay> $taken
     * @param Shared     $shared
     *
     * @return array{fromH: float, place: string}
     */
    public static function room(array $stay, array $taken, array $shared, Calendar $calendar): array
    {
        // Room comes only where something ends; work begins only when somebody works.
        $ends = array_column($taken, 'toH');
        if ($stay['charge'] !== null) {
            $after = $stay['charge']['fromH'] - $stay['fromH'];
            foreach (array_filter(array_column($taken, 'charge')) as $charge) {
                $ends[] = $charge['toH'] - $after;
            }
        }
        $later = array_filter($ends, static fn(float $h): bool => $h > $stay['fromH']);
        $moments = [$stay['fromH'], ...array_map($calendar->next(...), $later)];
        sort($moments);
        foreach ($moments as $from) {
            $there = self::at($stay, $from);
            $beside = array_values(array_filter(
                $taken,
                static fn(array $t): bool => $t['fromH'] < $there['toH'] - self::HAIR_H && $t['toH'] > $from + self::HAIR_H,
            ));
            if (!self::areEnough($there, $beside, $shared['crew']) || !self::canCharge($there, $taken, $shared['chargers'])) {
                continue;
            }
            $full = array_column($beside, 'place');
            foreach ([$stay['place'], ...$shared['places']] as $place) {
                if ($place === '' || !in_array($place, $full, true)) {
                    return ['fromH' => $from, 'place' => $place];
                }
            }
        }

        return ['fromH' => $stay['fromH'], 'place' => $stay['place']];
    }

    /**
     * The first hour after its own charge was to begin at which a charger is free for as long as it charges; null where it does not charge,
     * or none comes free.
     *
     * @param Stay       $stay
     * @param list<Stay> $taken
     */
    public static function chargerFree(array $stay, array $taken, int $chargers): ?float
    {
        $own = $stay['charge'];
        if ($own === null) {
            return null;
        }
        $ends = array_filter(
            array_column(array_filter(array_column($taken, 'charge')), 'toH'),
            static fn(float $h): bool => $h > $own['fromH'],
        );
        sort($ends);
        foreach ($ends as $end) {
            $later = ['fromH' => $end, 'toH' => $end + $own['toH'] - $own['fromH']];
            if (self::canCharge([...$stay, 'charge' => $later], $taken, $chargers)) {
                return $end;
            }
        }

        return null;
    }

    /**
     * There are people enough; more than there ever are must be found, whenever it is.
     *
     * @param Stay       $stay
     * @param list<Stay> $beside
     */
    private static function areEnough(array $stay, array $beside, ?int $crew): bool
    {
        return $crew === null || $stay['people'] > $crew
            || Crew::wanted($beside, $stay['fromH'], $stay['toH']) + $stay['people'] <= $crew;
    }

    /**
     * A charger is free for as long as it charges.
     *
     * @param Stay       $stay
     * @param list<Stay> $taken
     */
    private static function canCharge(array $stay, array $taken, ?int $chargers): bool
    {
        if ($stay['charge'] === null || $chargers === null || $chargers < 1) {
            return true;
        }
        // Hours that were added up differ by a hair where one takes the charger from the other.
        $charges = array_map(
            static fn(array $c): array => ['fromH' => $c['fromH'], 'toH' => $c['toH'] - self::HAIR_H, 'people' => 1],
            array_values(array_filter(array_column($taken, 'charge'))),
        );

        return Crew::wanted($charges, $stay['charge']['fromH'], $stay['charge']['toH'] - self::HAIR_H) < $chargers;
    }

    /**
     * @param list<int>  $free
     * @param list<Stay> $stays
     *
     * @return list<list<int>>
     */
    private static function orders(array $free, array $stays): array
    {
        if (count($free) <= self::ALL_ORDERS) {
            return self::permutations($free);
        }
        $orders = [$free];
        foreach ([
            static fn(array $s): float => $s['toH'],
            static fn(array $s): float => $s['toH'] - $s['fromH'],
            static fn(array $s): float => (float) -$s['people'],
        ] as $by) {
            $order = $free;
            usort(
                $order,
                static fn(int $a, int $b): int => [$by($stays[$a]), $stays[$a]['fromH']] <=> [$by($stays[$b]), $stays[$b]['fromH']],
            );
            $orders[] = $order;
        }

        return $orders;
    }

    /**
     * @param list<int> $of
     *
     * @return list<list<int>>
     */
    private static function permutations(array $of): array
    {
        if (count($of) < 2) {
            return [$of];
        }
        $all = [];
        foreach ($of as $i => $first) {
            $rest = $of;
            unset($rest[$i]);
            foreach (self::permutations(array_values($rest)) as $then) {
                $all[] = [$first, ...$then];
            }
        }

        return $all;
    }
}
