<?php

declare(strict_types=1);

namespace Pebblefell\System\Change;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Change;
use Pebblefell\System\Fate;

/** The rows of a job file, while changes are laid on them one after the other. */
final class Rows
{
    /** @var array<string, int> places of batteries in the bank's order, by uid */
    private array $positions = [];

    /** @var array<string, string> real names of rows that came in, by those of the list */
    private array $given = [];

    /**
     * @param array<string, mixed> $tree
     */
    public function __construct(private array $tree)
    {
    }

    /**
     * @throws InvalidValue where the row is not there
     */
    public function change(Change $change): void
    {
        match (true) {
            $change->kind === 'setting' => $this->setting($change),
            $change->do === Change::ADD => $this->add($change),
            $change->do === Change::REMOVE => $this->remove($change->kind, $this->name($change)),
            $change->field === 'position' => $this->positions[$this->name($change)] = (int) $change->value,
            default => $this->set($change),
        };
    }

    /**
     * @return array<string, mixed>
     */
    public function tree(): array
    {
        $slots = array_keys(array_filter($this->tree['parts'], fn(array $p): bool => isset($this->positions[$p['uid']])));
        $moved = array_map(fn(int $slot): array => $this->tree['parts'][$slot], $slots);
        usort($moved, fn(array $a, array $b): int => $this->positions[$a['uid']] <=> $this->positions[$b['uid']]);
        foreach ($slots as $i => $slot) {
            $this->tree['parts'][$slot] = $moved[$i];
        }

        return $this->tree;
    }

    private function add(Change $change): void
    {
        $row = array_map(fn(mixed $v): mixed => Names::real($v, $this->given), $change->row);
        if (str_starts_with($change->uid, Names::MARK)) {
            $row['uid'] = $this->given[$change->uid] = Names::LETTERS[$change->kind] . $this->free();
        }
        $this->tree[$change->kind . 's'][] = $row;
    }

    /** A number that no row has. */
    private function free(): int
    {
        $numbers = [0];
        foreach (array_keys(Names::LETTERS) as $kind) {
            foreach ($this->tree[$kind . 's'] as $row) {
                $numbers[] = (int) preg_replace('/\D/', '', $row['uid']);
            }
        }

        return 1 + max($numbers);
    }

    private function name(Change $change): string
    {
        return $this->given[$change->uid] ?? $change->uid;
    }

    private function set(Change $change): void
    {
        $at = $this->find($change->kind, $this->name($change));
        $this->tree[$change->kind . 's'][$at][$change->field] = Names::real($change->value, $this->given);
    }

    private function setting(Change $change): void
    {
        foreach ($this->tree['settings'] as &$row) {
            if ($row['part'] === $change->uid && $row['parameter'] === $change->field) {
                $row['planned'] = $change->value === null ? null : $change->text();

                return;
            }
        }
        unset($row);
        $this->tree['settings'][] = [
            'part' => $change->uid,
            'parameter' => $change->field,
            'planned' => $change->value === null ? null : $change->text(),
        ];
    }

    private function remove(string $kind, string $uid): void
    {
        $at = $this->find($kind, $uid);
        if ($this->tree[$kind . 's'][$at]['fate'] !== Fate::Add->value) {
            $this->tree[$kind . 's'][$at]['fate'] = Fate::Remove->value;

            return;
        }
        array_splice($this->tree[$kind . 's'], $at, 1);
        if ($kind === 'part') {
            $this->letGo($uid);
        }
    }

    /** Lets go what hung on a part that is no more. */
    private function letGo(string $uid): void
    {
        $on = static fn(?string $point): bool => $point !== null && explode('.', $point, 2)[0] === $uid;
        $keep = fn(string $rows, callable $stays) => $this->tree[$rows] = array_values(array_filter($this->tree[$rows], $stays));
        $keep('conductors', static fn(array $c): bool => !$on($c['from']) && !$on($c['to']));
        $keep('signals', static fn(array $s): bool => $s['from'] !== $uid && $s['to'] !== $uid);
        $keep('settings', static fn(array $s): bool => $s['part'] !== $uid);
        $keep('measurements', static fn(array $m): bool => $m['part'] !== $uid);
        foreach ($this->tree['conductors'] as &$row) {
            $row['protected_by'] = $row['protected_by'] === $uid ? '' : $row['protected_by'];
            foreach (['planned_from', 'planned_to'] as $end) {
                $row[$end] = $on($row[$end] ?? null) ? null : $row[$end] ?? null;
            }
        }
        unset($row);
        foreach ($this->tree['parts'] as &$row) {
            $row['replaces'] = $row['replaces'] === $uid ? '' : $row['replaces'];
            $row['part_of'] = ($row['part_of'] ?? '') === $uid ? '' : $row['part_of'] ?? '';
        }
        unset($row);
    }

    private function find(string $kind, string $uid): int
    {
        foreach (isset(Names::LETTERS[$kind]) ? $this->tree[$kind . 's'] : [] as $at => $row) {
            if ($row['uid'] === $uid) {
                return $at;
            }
        }
        throw InvalidValue::at('', 'not-in-job', ['name' => $uid]);
    }
}
