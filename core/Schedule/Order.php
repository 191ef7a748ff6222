<?php

declare(strict_types=1);

namespace Pebblefell\Schedule;

/**
 * Jobs that want the same place, or more people than there are, in a better order: none earlier than it was planned, each in its own place
 * as long as that is free, and all together as little late as can be. Serial schedule generation (Kolisch 1996): one after the other, each
 * at the first moment at which it finds room; up to six that are free to move in every order, more by the usual priorities.
 *
 * @phpstan-type Stay array{fromH: float, toH: float, people: int, place: string, begun: bool}
 */
final class Order
{
    /** Every order of so many is tried. */
    private const ALL_ORDERS = 6;

    /** Another place costs as much as so many hours of waiting. Chosen: rather another bay today than the own one tomorrow. */
    private const MOVED_H = 0.5;

    private const HAIR_H = 1e-6;

    /**
     * @param list<Stay>   $stays  hours since a common beginning; begun: it stands there already, and stays
     * @param list<string> $places in which a vehicle can stand; '' is none, and always free
     * @param ?int         $crew   people at one time; null: not counted
     *
     * @return array<int, array{fromH: float, place: string}> those that move, by which of the stays
     */
    public static function better(array $stays, array $places, ?int $crew, Calendar $calendar): array
    {
        $free = array_keys(array_filter($stays, static fn(array $s): bool => !$s['begun']));
        usort($free, static fn(int $a, int $b): int => $stays[$a]['fromH'] <=> $stays[$b]['fromH']);
        $best = null;
        foreach (self::orders($free, $stays) as $order) {
            // With the other places, and each waiting for its own.
            foreach ([$places, []] as $open) {
                $laid = self::laid($stays, $order, $open, $crew, $calendar);
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
     * @param list<Stay>   $stays
     * @param list<int>    $order
     * @param list<string> $places
     *
     * @return array<int, array{fromH: float, place: string}>
     */
    private static function laid(array $stays, array $order, array $places, ?int $crew, Calendar $calendar): array
    {
        $taken = array_values(array_filter($stays, static fn(array $s): bool => $s['begun']));
        $laid = [];
        foreach ($order as $k) {
            $laid[$k] = self::place($stays[$k], $taken, $places, $crew, $calendar);
            $taken[] = [...$stays[$k], ...$laid[$k], 'toH' => $laid[$k]['fromH'] + $stays[$k]['toH'] - $stays[$k]['fromH']];
        }

        return $laid;
    }

    /**
     * The first moment, and there the own place before others.
     *
     * @param Stay         $stay
     * @param list<Stay>   $taken
     * @param list<string> $places
     *
     * @return array{fromH: float, place: string}
     */
    private static function place(array $stay, array $taken, array $places, ?int $crew, Calendar $calendar): array
    {
        $length = $stay['toH'] - $stay['fromH'];
        // Room comes only where something ends; work begins only when somebody works.
        $moments = [$stay['fromH'], ...array_map(
            $calendar->next(...),
            array_filter(array_column($taken, 'toH'), static fn(float $h): bool => $h > $stay['fromH']),
        )];
        sort($moments);
        foreach ($moments as $from) {
            $beside = array_filter(
                $taken,
                static fn(array $t): bool => $t['fromH'] < $from + $length - self::HAIR_H && $t['toH'] > $from + self::HAIR_H,
            );
            // More than there ever are must be found, whenever it is.
            if ($crew !== null && $stay['people'] <= $crew
                && Crew::wanted(array_values($beside), $from, $from + $length) + $stay['people'] > $crew) {
                continue;
            }
            $full = array_column($beside, 'place');
            foreach ([$stay['place'], ...$places] as $place) {
                if ($place === '' || !in_array($place, $full, true)) {
                    return ['fromH' => $from, 'place' => $place];
                }
            }
        }

        return ['fromH' => $stay['fromH'], 'place' => $stay['place']];
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
