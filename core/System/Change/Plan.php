<?php

declare(strict_types=1);

namespace Pebblefell\System\Change;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Change;
use Pebblefell\System\Fate;
use Pebblefell\System\JobFile;
use Pebblefell\System\Photo;
use Pebblefell\System\System;

/**
 * The plan: what is done with the system that was found, as a list of changes. It is read off a system in one place, and laid on one in one
 * place, so that a proposal, a remedy, a choice and what is stored are the same thing.
 */
final class Plan
{
    /** Rows of the job file that a plan changes, and by which of their fields; what else stands in a row was found. */
    private const FIELDS = [
        'part' => ['fate', 'planned_place'],
        'conductor' => ['fate', 'planned_from', 'planned_to'],
        'signal' => ['fate'],
    ];

    /**
     * @return list<Change> that make without($system) what $system is
     */
    public static function of(System $system): array
    {
        $tree = self::tree($system);
        $changes = [];
        foreach (self::FIELDS as $kind => $fields) {
            foreach ($tree[$kind . 's'] as $row) {
                array_push($changes, ...self::row($kind, $row, $fields));
            }
        }
        foreach ($tree['settings'] as $row) {
            if ($row['planned'] !== null) {
                $changes[] = Change::ofSetting($row['part'], $row['parameter'], $row['planned']);
            }
        }

        return $changes;
    }

    /** The system as it was found: nothing planned. */
    public static function without(System $system): System
    {
        $tree = self::tree($system);
        $stays = static fn(array $row): bool => Fate::from($row['fate'])->isFound();
        $tree['parts'] = array_values(array_filter($tree['parts'], $stays));
        $there = array_column($tree['parts'], 'uid', 'uid');
        $on = static fn(string $point): bool => isset($there[explode('.', $point, 2)[0]]);
        $tree['conductors'] = array_values(array_filter(
            $tree['conductors'],
            static fn(array $c): bool => $stays($c) && $on($c['from']) && $on($c['to']),
        ));
        $tree['signals'] = array_values(array_filter(
            $tree['signals'],
            static fn(array $s): bool => $stays($s) && $on($s['from']) && $on($s['to']),
        ));
        $tree['measurements'] = array_values(array_filter($tree['measurements'], static fn(array $m): bool => isset($there[$m['part']])));
        $tree['settings'] = array_values(array_filter($tree['settings'], static fn(array $s): bool => isset($there[$s['part']])));
        foreach (array_keys(self::FIELDS) as $kind) {
            foreach ($tree[$kind . 's'] as &$row) {
                $row['fate'] = Fate::Keep->value;
                unset($row['planned_place'], $row['planned_from'], $row['planned_to']);
            }
            unset($row);
        }
        foreach ($tree['conductors'] as &$row) {
            $row['protected_by'] = isset($there[$row['protected_by']]) ? $row['protected_by'] : '';
        }
        unset($row);
        foreach ($tree['parts'] as &$row) {
            $row['replaces'] = isset($there[$row['replaces']]) ? $row['replaces'] : '';
            $row['part_of'] = isset($there[$row['part_of'] ?? '']) ? $row['part_of'] : '';
        }
        unset($row);
        foreach ($tree['settings'] as &$row) {
            $row['planned'] = null;
        }
        unset($row);
        $tree['settings'] = array_values(array_filter(
            $tree['settings'],
            static fn(array $s): bool => isset($s['found']) || isset($s['as_set']) || isset($s['read_back']),
        ));
        $tree['choices'] = [];

        return JobFile::fromArray($tree);
    }

    /**
     * The system with so many changes more.
     *
     * @param list<Change> $changes
     *
     * @throws InvalidValue at /changes/N where a row is not there, or in the job file's terms where what comes of it is no system
     */
    public static function with(System $system, array $changes): System
    {
        $tree = new Rows(self::tree($system));
        foreach ($changes as $i => $change) {
            try {
                $tree->change($change);
            } catch (InvalidValue $e) {
                throw $e->under("/changes/$i");
            }
        }

        return JobFile::fromArray($tree->tree());
    }

    /**
     * @param array<string, mixed> $row
     * @param list<string>         $fields
     *
     * @return list<Change>
     */
    private static function row(string $kind, array $row, array $fields): array
    {
        $fate = Fate::from($row['fate']);
        if ($fate === Fate::Add) {
            return [Change::add($kind, $row)];
        }
        if ($fate === Fate::Remove) {
            return [Change::set($kind, $row['uid'], 'fate', $fate->value)];
        }
        $changes = [];
        foreach ($fields as $field) {
            $value = $row[$field] ?? null;
            if ($value !== null && $value !== Fate::Keep->value) {
                $changes[] = Change::set($kind, $row['uid'], $field, $value);
            }
        }

        return $changes;
    }

    /**
     * @return array<string, mixed> the job file's tree, pictures by name
     */
    private static function tree(System $system): array
    {
        return JobFile::toArray($system, static fn(Photo $p): array => ['sha256' => $p->sha256, 'caption' => $p->caption]);
    }
}
