<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Finding\Change;
use Pebblefell\Study;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\PartKind;

/** A circuit that is proposed, in its pieces: the trunk, the way back, and one for each device. */
final readonly class SoundCircuit
{
    /** The pieces that are no device's. */
    public const TRUNK = 'trunk';
    public const RETURN = 'return';

    /**
     * @param list<array{uid: string, kind: PartKind, as: ?string, leastA: float, piece: string}>    $parts  that come in
     * @param list<array{uid: string, from: Point, to: Point, behind: ?string, piece: string}>       $leads
     * @param array<string,
     *     string>                                                                  $placed planned parts that have got a place, and in
     * which piece
     */
    public function __construct(private Study $study, private array $parts, private array $leads, private array $placed)
    {
    }

    public function isEmpty(): bool
    {
        return $this->leads === [];
    }

    /**
     * @return array<string, array{leads: int, parts: int}> by piece: trunk, return, or the uid of the device that it joins
     */
    public function pieces(): array
    {
        $pieces = [];
        foreach (['leads', 'parts'] as $what) {
            foreach ($this->$what as $row) {
                $pieces[$row['piece']] ??= ['leads' => 0, 'parts' => 0];
                ++$pieces[$row['piece']][$what];
            }
        }

        return $pieces;
    }

    /**
     * @param ?list<string> $chosen pieces; null: all of them
     *
     * @return list<Change>
     */
    public function changes(?array $chosen = null): array
    {
        $changes = Rated::changes($this->study, $this->parts, $this->leads);
        if ($chosen === null) {
            return $changes;
        }
        $kept = $this->withWhatTheyHangOn($chosen);
        $of = array_column([...$this->parts, ...$this->leads], 'piece', 'uid');

        return array_values(array_filter($changes, static fn(Change $c): bool => isset($kept[$of[$c->uid]])));
    }

    /**
     * @param list<string> $pieces
     *
     * @return array<string, true>
     */
    private function withWhatTheyHangOn(array $pieces): array
    {
        $of = array_column($this->parts, 'piece', 'uid');
        $kept = array_fill_keys($pieces, true);
        for ($before = -1; $before !== count($kept);) {
            $before = count($kept);
            foreach ($this->leads as $lead) {
                foreach (isset($kept[$lead['piece']]) ? [$lead['from'], $lead['to']] : [] as $end) {
                    // A switch of the plan that the trunk places brings the trunk as well.
                    $piece = $of[$end->uid] ?? $this->placed[$end->uid] ?? null;
                    if ($piece !== null) {
                        $kept[$piece] = true;
                    }
                }
            }
        }

        return $kept;
    }
}
