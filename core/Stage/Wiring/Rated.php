<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Conductor\Ampacity;
use Pebblefell\Conductor\FuseChoice;
use Pebblefell\Conductor\FuseFamily;
use Pebblefell\Finding\Change;
use Pebblefell\Study;
use Pebblefell\System\Change\Plan;
use Pebblefell\System\Conductor;
use Pebblefell\System\Fate;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;

/** A layout with its ratings and sizes: laid on the plan without them first, to see what flows where. */
final class Rated
{
    /** Insulation that is proposed, °C. Chosen: the class that flexible cable is mostly sold in. */
    public const INSULATION_C = 90;

    /** A, by which a bar or a switch is rated where nothing else says it. Chosen. */
    private const LEAST_A = 100.0;

    /**
     * @param list<array{uid: string, kind: PartKind, as: ?string, leastA: float, piece: string}>      $parts that come in
     * @param list<array{uid: string, from: Point, to: Point, behind: ?string, piece: string}> $leads
     *
     * @return list<Change>
     */
    public static function changes(Study $study, array $parts, array $leads): array
    {
        if ($leads === []) {
            return [];
        }
        $bare = [
            ...array_map(static fn(array $p): Change => self::part($p['uid'], $p['kind'], ['rating_a' => self::LEAST_A]), $parts),
            ...array_map(static fn(array $l): Change => self::lead($l, null), $leads),
        ];
        $tried = Study::of(Plan::with($study->system, $bare));
        $real = self::real($tried, $parts);
        $ratings = [];
        foreach ($parts as $part) {
            $ratings[$part['uid']] = match (true) {
                $part['as'] !== null, !$part['kind']->is(Family::Fuse) => null,
                default => self::fuse($tried, $tried->planned()->parts[$real[$part['uid']]], $part['leastA']),
            };
        }
        $rating = static fn(?string $uid): ?float => $uid === null
            ? null
            : ($ratings[$uid]['rating_a'] ?? null) ?? ($study->planned()->parts[$uid] ?? null)?->data->number('rating_a');
        $changes = [];
        foreach ($parts as $part) {
            $data = $ratings[$part['uid']] ?? ['rating_a' => $rating($part['as']) ?? self::LEAST_A];
            $ratings[$part['uid']] = $data;
            $changes[] = self::part($part['uid'], $part['kind'], $data);
        }
        foreach ($leads as $lead) {
            $amps = max((float) $rating($lead['behind']), self::flows($tried, $real, $lead));
            $changes[] = self::lead($lead, $amps > 0.0 ? self::size($amps, $study->system->region->usesGauges()) : null);
        }

        return $changes;
    }

    /**
     * @param list<array{uid: string, kind: PartKind, as: ?string, leastA: float, piece: string}> $parts
     *
     * @return array<string, string> what a part is called in the tried system, by its name in the list
     */
    private static function real(Study $tried, array $parts): array
    {
        $uids = array_map(static fn(Part $p): string => $p->uid, array_values($tried->planned()->parts));

        return $parts === [] ? [] : array_combine(array_column($parts, 'uid'), array_slice($uids, -count($parts)));
    }

    /**
     * The smallest that is made for what flows, of the plainest family that breaks what the bank drives into a short at its place.
     *
     * @return array{rating_a: float, family?: string}
     */
    private static function fuse(Study $tried, Part $fuse, float $leastA): array
    {
        $branch = $tried->cables()->behind($fuse);
        $wanted = max(FuseChoice::CONTINUOUS * max($leastA, $branch->lastingA()->value), $branch->peakA()->value);
        $short = (float) $tried->circuit()->shortAt($fuse);
        foreach (FuseFamily::cases() as $family) {
            foreach ($family->ratings() as $rating) {
                if ($rating >= $wanted && $family->interruptA($tried->system->vehicle->systemV) >= max(1.0, $short)) {
                    return ['rating_a' => $rating, 'family' => $family->value];
                }
            }
        }

        return ['rating_a' => max([0.0, ...FuseFamily::standardRatings()])];
    }

    /**
     * @param array<string, string>                                            $real
     * @param array{uid: string, from: Point, to: Point, behind: ?string, piece: string} $lead
     */
    private static function flows(Study $tried, array $real, array $lead): float
    {
        $name = static fn(Point $p): Point => Point::of($real[$p->uid] ?? $p->uid, $p->terminal);
        foreach ($tried->cables()->runs()->runs as $run) {
            foreach ($run->conductors as $c) {
                if ($c->from->is($name($lead['from'])) && $c->to->is($name($lead['to']))) {
                    return $run->current()->value;
                }
            }
        }

        return 0.0;
    }

    /** The smallest standard size that carries so much; the largest where none does. */
    private static function size(float $amps, bool $gauges): float
    {
        $sizes = Ampacity::sizes($gauges);
        foreach ($sizes as $designation => $areaMm2) {
            if (Ampacity::of((string) $designation, self::INSULATION_C) >= $amps) {
                return $areaMm2;
            }
        }

        return max([0.0, ...array_values($sizes)]);
    }

    /**
     * @param array<string, string|float> $data
     */
    private static function part(string $uid, PartKind $kind, array $data): Change
    {
        return Change::add('part', (new Part($uid, $kind, DataSheet::of($kind, $data), Fate::Add))->toArray());
    }

    /**
     * @param array{uid: string, from: Point, to: Point, behind: ?string, piece: string} $lead
     */
    private static function lead(array $lead, ?float $mm2): Change
    {
        $conductor = new Conductor($lead['uid'], $lead['from'], $lead['to'], Fate::Add, $mm2, null, (float) self::INSULATION_C);

        return Change::add('conductor', $conductor->toArray());
    }
}
