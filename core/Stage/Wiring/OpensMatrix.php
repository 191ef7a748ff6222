<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** Each part that opens, in each state in which it may: what goes dark, and what is in danger. */
final readonly class OpensMatrix
{
    /**
     * @param list<string>                                                     $states rest, sun, engine, shore, generator
     * @param list<array{parts: non-empty-list<Part>, cells: list<array{dark: list<Part>,
     *     danger: list<Part>}>}> $rows   by state, in their order
     */
    private function __construct(public array $states, public array $rows)
    {
    }

    public static function of(Study $study): self
    {
        $graph = $study->planned();
        $states = self::statesOf($study);
        $bank = array_values(array_filter($study->banks()->planned->parts, $graph->isDrawn(...)));
        $own = array_values(array_filter(
            Opened::of($study, [], self::running(''))->mayOpen,
            static fn(Part $p): bool => !in_array($p, $bank, true),
        ));
        $whole = array_combine($states, array_map(static fn(string $s): Opened => Opened::of($study, [], self::running($s)), $states));
        $rows = [];
        foreach ([...($bank === [] ? [] : [$bank]), ...array_map(static fn(Part $p): array => [$p], $own)] as $parts) {
            $uids = array_map(static fn(Part $p): string => $p->uid, $parts);
            $rows[] = [
                'parts' => $parts,
                'cells' => array_map(static fn(string $state): array => $whole[$state]->changes($study, $uids), $states),
            ];
        }

        return new self($states, $rows);
    }

    /**
     * @return list<string> states that a vehicle can be in, by what it has
     */
    public static function statesOf(Study $study): array
    {
        $has = static fn(Family ...$families): bool => $study->planned()->of(...$families) !== [];

        return array_values(array_filter(['rest', 'sun', 'engine', 'shore', 'generator'], static fn(string $s): bool => match ($s) {
            'sun' => $has(Family::Panel),
            'engine' => $has(Family::Alternator),
            'shore' => $has(Family::ShoreInlet),
            'generator' => $has(Family::Generator),
            default => true,
        }));
    }

    /** Cells in which something is in danger. */
    public function dangers(): int
    {
        $count = 0;
        foreach ($this->rows as $row) {
            $count += count(array_filter($row['cells'], static fn(array $c): bool => $c['danger'] !== []));
        }

        return $count;
    }

    /**
     * @return array{sun: bool, engine: bool, shore: bool, generator: bool}
     */
    public static function running(string $state): array
    {
        return [
            'sun' => $state === 'sun'
                || $state === 'engine', 'engine' => $state === 'engine', 'shore' => $state === 'shore',
            'generator' => $state === 'generator',
        ];
    }
}
