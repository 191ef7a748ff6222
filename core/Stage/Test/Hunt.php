<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Test;

use Pebblefell\Joint\Drop;
use Pebblefell\Stage\Ticks;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Part;

/** The hunt for a bad joint on one way: what was measured, what that says of each piece, and where to hold the meter next. */
final readonly class Hunt
{
    /** A piece that is less likely the bad one is not named. Chosen. */
    public const NAMED = 0.05;

    /** It is called found, or sound, from here. Chosen. */
    public const SURE = 0.9;

    /**
     * @param list<array{from: Point, to: Point, drop: Drop, expectedV: float}>                       $read     what was measured
     * @param list<array{piece: Conductor|Part, from: Point, to: Point, chance: float, ohm: float, sigmaOhm: float,
     *     expectedOhm: float}> $suspects likeliest first
     * @param ?array{Point, Point}                                                                    $next     where to measure now
     */
    private function __construct(
        public DeviceWay $way,
        public array $read,
        public array $suspects,
        public float $sound,
        public ?array $next,
    ) {
    }

    public static function of(DeviceWay $way, Ticks $ticks): self
    {
        $at = array_flip(array_map(strval(...), $way->points));
        $read = $drops = [];
        // What the whole way lost, out and back, is known from its line of the sheet.
        $whole = $ticks->on("way.{$way->part->uid}");
        if ($whole?->value !== null && $whole->amps !== null && $whole->amps > 0.0) {
            $drops[] = Drop::of(0, count($way->pieces), $whole->value, $whole->amps);
        }
        foreach ($ticks->standing() as $tick) {
            [$from, $to] = self::points($way, $tick->step);
            [$a, $b] = [$at[$from] ?? null, $at[$to] ?? null];
            if ($a === null || $b === null || $tick->value === null || $tick->amps === null || $tick->amps <= 0.0) {
                continue;
            }
            // No meter spans the device itself.
            if ($a >= $b || ($way->hasBack() && $a <= $way->device && $b > $way->device)) {
                continue;
            }
            $drops[] = $drop = Drop::of($a, $b, $tick->value, $tick->amps);
            $read[] = [
                'from' => $way->points[$a],
                'to' => $way->points[$b],
                'drop' => $drop,
                'expectedV' => $way->chain->expectedOhm($a, $b) * $tick->amps,
            ];
        }
        ['sound' => $sound, 'bad' => $bad] = $way->chain->suspects($drops);
        $next = $way->chain->next($drops, $way->hasBack() ? $way->device : null);

        return new self(
            $way,
            $read,
            $drops === [] ? [] : self::suspects($way, $drops, $bad),
            $drops === [] ? 0.0 : $sound,
            $next === null ? null : [$way->points[$next[0]], $way->points[$next[1]]],
        );
    }

    /** Under what step a drop between two points is noted. */
    public static function step(DeviceWay $way, Point $from, Point $to): string
    {
        return "drop.{$way->part->uid} $from $to";
    }

    /**
     * @return array{string, string} points as they are noted in a step; '' where it is none of this way
     */
    public static function points(DeviceWay $way, string $step): array
    {
        $words = explode(' ', $step);

        return count($words) === 3 && $words[0] === "drop.{$way->part->uid}" ? [$words[1], $words[2]] : ['', ''];
    }

    public function isFound(): bool
    {
        return ($this->suspects[0]['chance'] ?? 0.0) > self::SURE;
    }

    public function isSound(): bool
    {
        return $this->sound > self::SURE;
    }

    /**
     * @param list<Drop>  $drops
     * @param list<float> $bad
     *
     * @return list<array{piece: Conductor|Part, from: Point, to: Point, chance: float, ohm: float, sigmaOhm: float, expectedOhm: float}>
     */
    private static function suspects(DeviceWay $way, array $drops, array $bad): array
    {
        $estimates = $way->chain->estimates($drops);
        $suspects = [];
        foreach ($bad as $k => $chance) {
            if ($chance >= self::NAMED) {
                $suspects[] = [
                    'piece' => $way->pieces[$k],
                    'from' => $way->points[$k],
                    'to' => $way->points[$k + 1],
                    'chance' => $chance,
                    'ohm' => $estimates[$k]['ohm'],
                    'sigmaOhm' => $estimates[$k]['sigmaOhm'],
                    'expectedOhm' => $way->chain->segments[$k]->ohm,
                ];
            }
        }
        usort($suspects, static fn(array $a, array $b): int => $b['chance'] <=> $a['chance']);

        return $suspects;
    }
}
