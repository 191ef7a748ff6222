<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Study;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Conductor;
use Pebblefell\System\Fate;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** Tells what is bought or picked for the new runs, to the last lug: read off the plan, and what of it cannot be said yet. */
final readonly class PartsList
{
    /** Added to a measured run, for waste and the way round a corner: of its length, and m at each of its ends. Chosen. */
    public const WASTE = 0.1;
    public const END_M = 0.05;

    /** From this size on an end wears a ring lug, below it a ferrule, mm². Common practice. */
    public const LUG_FROM_MM2 = 6.0;

    private const FITTED = [Family::OvercurrentDevice, Family::Switch, Family::Busbar, Family::EarthLeakage];

    /**
     * @param list<array{side: string, mm2: ?float, metres: float, runs: int,
     *     open: int}> $cables side: plus, minus, array or mains; open: runs of it without a length
     * @param list<array{what: string, mm2: float, studMm: ?float,
     *     count: int}>           $ends   what: lug or ferrule; studMm: null where it is not noted
     * @param list<array{part: Part, count: int, spare: int}>                             $parts  that come in
     */
    private function __construct(public array $cables, public array $ends, public array $parts, public int $covers, public int $labels)
    {
    }

    public static function of(Study $study): self
    {
        $graph = $study->planned();
        $new = array_values(array_filter(
            $graph->conductors,
            static fn(Conductor $c): bool => $study->system->fateOf($study->system->conductors[$c->uid]) === Fate::Add,
        ));
        $parts = self::parts($graph);
        $count = static fn(Family ...$families): int => array_sum(array_map(
            static fn(array $p): int => $p['part']->is(...$families) ? $p['count'] : 0,
            $parts,
        ));

        return new self(
            self::cables($graph, $new),
            self::ends($graph, $new),
            $parts,
            $count(Family::Busbar),
            // A run says at both ends where it goes; what opens says what it opens.
            2 * count($new) + $count(Family::OvercurrentDevice, Family::Switch, Family::EarthLeakage),
        );
    }

    public function runs(): int
    {
        return array_sum(array_column($this->cables, 'runs'));
    }

    /** Lugs whose stud nobody has noted. */
    public function openLugs(): int
    {
        return array_sum(array_map(
            static fn(array $e): int => $e['what'] === 'lug' && $e['studMm'] === null ? $e['count'] : 0,
            $this->ends,
        ));
    }

    /**
     * @return list<array{mm2: float, count: int}> pieces of shrink, one a lug
     */
    public function shrink(): array
    {
        $pieces = [];
        foreach ($this->ends as $end) {
            if ($end['what'] === 'lug') {
                $pieces[(string) $end['mm2']] = ($pieces[(string) $end['mm2']] ?? 0) + $end['count'];
            }
        }

        return array_map(
            static fn(string|int $mm2, int $count): array => ['mm2' => (float) $mm2, 'count' => $count],
            array_keys($pieces),
            array_values($pieces),
        );
    }

    /** Runs that are not measured, or have no size. */
    public function openRuns(): int
    {
        return array_sum(array_map(static fn(array $c): int => $c['mm2'] === null ? $c['runs'] : $c['open'], $this->cables));
    }

    /**
     * @param list<Conductor> $new
     *
     * @return list<array{side: string, mm2: ?float, metres: float, runs: int, open: int}> thickest first
     */
    private static function cables(Graph $graph, array $new): array
    {
        $cables = [];
        foreach ($new as $c) {
            $side = self::side($graph, $c);
            $key = "$side $c->sizeMm2";
            $cables[$key] ??= ['side' => $side, 'mm2' => $c->sizeMm2, 'metres' => 0.0, 'runs' => 0, 'open' => 0];
            ++$cables[$key]['runs'];
            $cables[$key]['open'] += $c->lengthM === null ? 1 : 0;
            $cables[$key]['metres'] += $c->lengthM === null ? 0.0 : $c->lengthM * (1.0 + self::WASTE) + 2.0 * self::END_M;
        }
        usort($cables, static fn(array $a, array $b): int => [$b['mm2'], $a['side']] <=> [$a['mm2'], $b['side']]);

        return $cables;
    }

    /**
     * Ends on the bank's side of the house: panels bring their plugs, mains are for licensed people.
     *
     * @param list<Conductor> $new
     *
     * @return list<array{what: string, mm2: float, studMm: ?float, count: int}>
     */
    private static function ends(Graph $graph, array $new): array
    {
        $ends = [];
        foreach ($new as $c) {
            if ($c->sizeMm2 === null || !in_array(self::side($graph, $c), ['plus', 'minus'], true)) {
                continue;
            }
            foreach ([$c->from, $c->to] as $point) {
                $what = $c->sizeMm2 >= self::LUG_FROM_MM2 ? 'lug' : 'ferrule';
                $stud = $what === 'lug' ? self::stud($graph->parts[$point->uid]) : null;
                $key = "$what $c->sizeMm2 $stud";
                $ends[$key] ??= ['what' => $what, 'mm2' => $c->sizeMm2, 'studMm' => $stud, 'count' => 0];
                ++$ends[$key]['count'];
            }
        }
        usort($ends, static fn(array $a, array $b): int => [$b['mm2'], $b['studMm']] <=> [$a['mm2'], $a['studMm']]);

        return $ends;
    }

    private static function stud(Part $part): ?float
    {
        return isset($part->kind->kind()->fields()['stud_mm']) ? $part->data->number('stud_mm') : null;
    }

    /**
     * @return list<array{part: Part, count: int, spare: int}>
     */
    private static function parts(Graph $graph): array
    {
        $parts = [];
        foreach ($graph->of(...self::FITTED) as $part) {
            if ($part->fate !== Fate::Add) {
                continue;
            }
            $alike = implode('|', [
                $part->kind->value, $part->make, $part->model, (string) $part->data->number('rating_a'),
                (string) $part->data->text('family'),
            ]);
            $parts[$alike] ??= ['part' => $part, 'count' => 0, 'spare' => $part->is(Family::Fuse) ? 1 : 0];
            ++$parts[$alike]['count'];
        }

        return array_values($parts);
    }

    private static function side(Graph $graph, Conductor $c): string
    {
        $side = $graph->side($c->from);

        return match ($side->circuit) {
            CircuitKind::Pv => 'array',
            CircuitKind::ShoreAc, CircuitKind::InverterAc => 'mains',
            default => $side->isReturn ? 'minus' : 'plus',
        };
    }
}
