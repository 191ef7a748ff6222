<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Region\Region;

/**
 * The open form of a job: a tree of plain arrays, one to one with the JSON of docs/format.md.
 *
 * Keys stand in a fixed order and numbers are given as short as they are exact, so that one job has one text.
 */
final class JobFile
{
    public const FORMAT = 'pebblefell-job';
    public const VERSION = 2;

    /** Holds what version 1 called the families of fuses, and the names of their standards. */
    private const FAMILIES_OF_1 = ['bolt_midi' => 'sf30', 'bolt_mega' => 'sf51'];

    /**
     * The file's text, UTF-8, ending in a line feed.
     *
     * @param callable(Photo): ?array<string, mixed> $photo what the file holds of a picture (its bytes); null leaves it out
     * @param array<string, list<array<string, mixed>>> $beside what stands beside the model, by the file's key: ticks, signatures, packs
     */
    public static function encode(System $system, ?callable $photo = null, array $beside = []): string
    {
        $tree = self::toArray($system, $photo) + array_filter($beside, static fn(array $rows): bool => $rows !== []);
        foreach ($tree['parts'] as &$part) {
            $part['data'] = (object) $part['data'];
            $part['origins'] = (object) $part['origins'];
        }
        unset($part);
        foreach ($tree['appliances'] as &$appliance) {
            $appliance['hours'] = (object) $appliance['hours'];
        }
        unset($appliance);
        foreach ($tree['choices'] as &$choice) {
            foreach ($choice['changes'] as &$change) {
                foreach (array_intersect_key($change['row'] ?? [], ['data' => 1, 'origins' => 1]) as $key => $map) {
                    $change['row'][$key] = (object) $map;
                }
            }
            unset($change);
        }
        unset($choice);

        return json_encode($tree, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR) . "\n";
    }

    /**
     * @param callable(Photo): ?array<string, mixed> $photo as for encode()
     *
     * @return array<string, mixed>
     */
    public static function toArray(System $system, ?callable $photo = null): array
    {
        $rows = static fn(array $list): array => array_map(static fn($row): array => $row->toArray(), array_values($list));

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'title' => $system->title,
            'region' => $system->region->value,
            'target_chemistry' => $system->target->value,
            'client' => $system->client->toArray(),
            'vehicle' => $system->vehicle->toArray(),
            'travel' => $system->travel->toArray(),
            'place' => $system->place?->toArray(),
            'parts' => array_map(static fn(Part $part): array => [
                ...$part->toArray(),
                'photos' => $photo === null ? [] : array_values(array_filter(array_map($photo, $part->photos))),
            ], array_values($system->parts)),
            'conductors' => $rows($system->conductors),
            'signals' => $rows($system->signals),
            'scenarios' => $rows($system->scenarios),
            'appliances' => $rows($system->appliances),
            'settings' => $rows($system->settings),
            'measurements' => $rows($system->measurements),
            'answers' => $rows($system->answers),
            'choices' => $rows($system->choices),
        ];
    }

    /**
     * @param array<string, mixed> $a as toArray() gives it, already checked against the schema
     *
     * @throws InvalidValue with the path of what the schema cannot see: bounds of the trade, names that point nowhere
     */
    public static function fromArray(array $a): System
    {
        $a = self::upgrade($a);

        return System::of(
            $a['title'],
            Region::from($a['region']),
            Client::fromArray($a['client']),
            self::at('/vehicle', static fn(): Vehicle => Vehicle::fromArray($a['vehicle'])),
            self::at('/travel', static fn(): Travel => Travel::fromArray($a['travel'])),
            isset($a['place']) ? self::at('/place', static fn(): Place => Place::fromArray($a['place'])) : null,
            Chemistry::from($a['target_chemistry'] ?? 'lfp'),
            self::each($a, 'parts', static fn(array $row): Part => Part::fromArray($row, array_values(array_map(
                static fn(array $p): Photo => new Photo($p['sha256'], $p['caption'] ?? '', $p['shows'] ?? ''),
                $row['photos'] ?? [],
            )))),
            self::each($a, 'conductors', Conductor::fromArray(...)),
            self::each($a, 'signals', Signal::fromArray(...)),
            self::each($a, 'scenarios', Scenario::fromArray(...)),
            self::each($a, 'appliances', static function (array $row): ApplianceUse {
                $use = ApplianceUse::fromArray($row);
                foreach (array_keys($use->hours) as $scenario) {
                    $use->in($scenario);
                }

                return $use;
            }),
            self::each($a, 'settings', SettingEntry::fromArray(...)),
            self::each($a, 'measurements', Measurement::fromArray(...)),
            self::each($a, 'answers', Answer::fromArray(...)),
            self::each($a, 'choices', Choice::fromArray(...)),
        );
    }

    /**
     * A file of any version that was ever written, in today's terms.
     *
     * @param array<string, mixed> $a
     *
     * @return array<string, mixed>
     */
    public static function upgrade(array $a): array
    {
        if (($a['version'] ?? self::VERSION) < 2) {
            $a['parts'] = array_map(self::partOf1(...), $a['parts']);
        }

        return [...$a, 'version' => self::VERSION];
    }

    /**
     * @param array<string, mixed> $part as version 1 writes it
     *
     * @return array<string, mixed>
     */
    private static function partOf1(array $part): array
    {
        $family = $part['data']['family'] ?? null;
        if (isset(self::FAMILIES_OF_1[$family])) {
            $part['data']['family'] = self::FAMILIES_OF_1[$family];
        }

        return $part;
    }

    /**
     * @template T
     *
     * @param array<string, mixed>              $a
     * @param callable(array<string, mixed>): T $read
     *
     * @return list<T>
     */
    private static function each(array $a, string $key, callable $read): array
    {
        $rows = [];
        foreach (array_values($a[$key] ?? []) as $i => $row) {
            $rows[] = self::at("/$key/$i", static fn() => $read($row));
        }

        return $rows;
    }

    /**
     * @template T
     *
     * @param callable(): T $read
     *
     * @return T
     */
    private static function at(string $path, callable $read): mixed
    {
        try {
            return $read();
        } catch (InvalidValue $e) {
            throw $e->under($path);
        }
    }
}
