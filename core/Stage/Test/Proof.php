<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Test;

use Pebblefell\Bank\Network;
use Pebblefell\Bank\ShortCircuit;
use Pebblefell\Bank\Source;
use Pebblefell\Joint\Drop;
use Pebblefell\Joint\Inverse;
use Pebblefell\Joint\Segment;
use Pebblefell\Joint\Sight;
use Pebblefell\Load\Side;
use Pebblefell\Stage\Ticks;
use Pebblefell\Study;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;

/**
 * The ten-minute proof: three loads switched on one after the other, one clamp about the main lead, one meter at named points. From that the
 * resistance of each run with its doubt, the bad joint or the tired battery by name, and each battery's share, by least squares over the
 * whole DC circuit: bank, links and ways together.
 *
 * A link between two points of the bank is by nothing. A load's amps are what the main lead carries more once it is on; they flow along the way to the device that it hangs on.
 *
 * @phpstan-type Unknown array{segment: Segment, by: Conductor|Part|null, from: ?Point, to: ?Point}
 * @phpstan-type Load array{name: string, watts: float, amps: float, way: Way}
 * @phpstan-type Asked array{step: string, at: int, what: string, part: ?Part, value: ?float, amps: ?float, promised: ?float}
 */
final readonly class Proof
{
    /** Loads, one upon the other. Common practice: three. */
    public const LOADS = 3;

    public const BANK = 'bank';

    /** Volts at a battery's own posts. */
    public const POSTS = '.posts';

    /** A cell's own resistance is off its sheet by so much of it; a clamp by so much at its foot, A. Assumed. */
    private const CELL_SPREAD = 0.3;
    private const CLAMP_A = 0.3;

    /** A battery that is tired, against a lug: how readily it happens. Assumed. */
    private const TIRED_ODDS = 1.0;

    /**
     * @param list<Load> $loads in the order in which they are switched on
     * @param list<Asked> $asks readings, in their order; value and amps as far as noted
     * @param list<list<array{unknown: Unknown, chance: float, ohm: float, sigmaOhm: float}>> $faults what is bad, first what explains most:
     *     each as the pieces that it can be, likeliest first; those of one line cannot be told apart by what was read
     * @param list<array{unknown: Unknown, chance: float}> $suspects besides, likeliest first
     * @param list<array{unknown: Unknown, ohm: float, sigmaOhm: float}> $runs every piece on which a reading says something
     * @param float $sound how likely nothing (more) is bad
     */
    private function __construct(
        public array $loads,
        public array $asks,
        public array $faults,
        public array $suspects,
        public array $runs,
        public float $sound,
    ) {
    }

    /** Null as long as no load hangs on a way that is drawn. */
    public static function of(Study $study, Ticks $ticks): ?self
    {
        $drawing = $study->drawing();
        $loads = self::loads($study);
        if ($drawing === null || $loads === []) {
            return null;
        }
        $batteries = array_map($drawing->part(...), array_column($drawing->network->sources, 'id'));
        $asks = self::asks($loads, $drawing->network->sources, $batteries, $ticks);
        [$unknown, $places] = self::unknown($drawing->network, $batteries, $loads);
        $bank = $amps = $planned = [];
        foreach ($asks as $ask) {
            if ($ask['what'] === self::BANK && $ask['value'] !== null && $ask['amps'] !== null) {
                [$bank[$ask['at']], $amps[$ask['at']]] = [$ask['value'], $ask['amps']];
            }
            // What is not read yet is thought to flow as planned.
            $planned[$ask['at']] ??= $amps[$ask['at']] ?? ($planned[$ask['at'] - 1] ?? 0.0) + ($loads[$ask['at'] - 1]['amps'] ?? 0.0);
        }
        $sound = array_map(static fn(array $u): float => $u['segment']->ohm, $unknown);
        $sights = [];
        foreach ($asks as $i => $ask) {
            $seen = $ask['value'] === null ? null : self::sight($loads, $ask, $bank, $amps, $drawing->network, $places);
            if ($seen !== null) {
                $sights[] = $seen['sight'];
            }
            $thought = self::sight($loads, $ask, $bank, $planned, $drawing->network, $places);
            $promised = $thought === null ? null : ($thought['sight']->predicts)($sound);
            $asks[$i]['promised'] = $promised === null ? null : ($thought['from'] === null ? $promised : $thought['from'] - $promised);
        }
        if ($sights === []) {
            return new self($loads, $asks, [], [], [], 0.0);
        }
        $inverse = new Inverse(array_column($unknown, 'segment'), $sights);
        ['faults' => $faults, 'sound' => $sound, 'bad' => $bad] = $inverse->faults();
        $known = array_column($faults, 'k');
        $estimates = $inverse->estimates($known);
        arsort($bad);
        $seen = array_unique(array_merge(...array_map(static fn(Sight $s): array => $s->touches, $sights)));
        sort($seen);

        return new self(
            $loads,
            $asks,
            array_map(static fn(array $f): array => self::line($unknown, $f['bad'], $inverse->estimates([...$known, $f['k']])), $faults),
            self::besides($unknown, $bad, $known),
            array_map(static fn(int $k): array => ['unknown' => $unknown[$k], ...$estimates[$k]], $seen),
            $sound,
        );
    }

    /**
     * Everything of the circuit that has a resistance and that the proof can speak of.
     *
     * @return list<Unknown>
     */
    public static function pieces(Study $study): array
    {
        $drawing = $study->drawing();
        $loads = self::loads($study);

        return $drawing === null || $loads === [] ? [] : self::unknown(
            $drawing->network,
            array_map($drawing->part(...), array_column($drawing->network->sources, 'id')),
            $loads,
        )[0];
    }

    /**
     * What a meter without error reads on a vehicle whose pieces have other resistances.
     *
     * @param list<float> $ohm   of pieces(), in their order
     * @param float       $openV of the bank before any load
     *
     * @return array<string, array{value: float, amps: float}> by step
     */
    public static function readings(Study $study, array $ohm, float $openV): array
    {
        $drawing = $study->drawing();
        $loads = self::loads($study);
        $readings = $bank = [];
        if ($drawing === null || $loads === []) {
            return [];
        }
        $batteries = array_map($drawing->part(...), array_column($drawing->network->sources, 'id'));
        $places = self::unknown($drawing->network, $batteries, $loads)[1];
        $amps = [0.0];
        foreach ($loads as $k => $load) {
            $amps[] = $amps[$k] + $load['amps'];
        }
        foreach (self::asks($loads, $drawing->network->sources, $batteries, Ticks::none()) as $ask) {
            $seen = self::sight($loads, $ask, $bank, $amps, $drawing->network, $places);
            $is = $seen === null ? $openV : ($seen['sight']->predicts)($ohm);
            $value = $seen === null || $seen['from'] === null ? $is : $seen['from'] - $is;
            if ($ask['what'] === self::BANK) {
                $bank[$ask['at']] = $value;
            }
            $readings[$ask['step']] = ['value' => $value, 'amps' => $amps[$ask['at']]];
        }

        return $readings;
    }

    /** What is to be read next; null: all is. */
    public function next(): ?int
    {
        foreach ($this->asks as $i => $ask) {
            if ($ask['value'] === null) {
                return $i;
            }
        }

        return null;
    }

    public function isDone(): bool
    {
        return $this->next() === null;
    }

    /**
     * The largest loads whose way is drawn, in the order in which they are switched on: the largest last, where a doubt costs least.
     *
     * @return list<Load>
     */
    private static function loads(Study $study): array
    {
        $budget = $study->loads()->budget;
        $volts = $study->banks()->planned->bank?->nominalV() ?? $budget->systemV;
        $all = $budget->appliances;
        usort($all, static fn($a, $b): int => $b->watts * $b->quantity <=> $a->watts * $a->quantity);
        $ways = [];
        foreach (Way::all($study) as $way) {
            $ways[$way->part->kind === PartKind::DistributionBox ? 'dc' : ($way->part->kind->isInverter() ? 'ac' : '')] ??= $way;
        }
        $loads = [];
        foreach ($all as $load) {
            $way = $ways[$load->side === Side::Ac ? 'ac' : 'dc'] ?? null;
            $amps = $study->loads()->atBatteryW($load) / $volts;
            if ($way !== null && $amps >= 1.0 && count($loads) < self::LOADS) {
                $loads[] = ['name' => $load->called(), 'watts' => $load->watts * $load->quantity, 'amps' => round($amps, 1), 'way' => $way];
            }
        }

        return array_reverse($loads);
    }

    /**
     * @param list<Load> $loads
     * @param list<Source>                                     $sources
     * @param list<?Part>                                      $batteries
     *
     * @return list<Asked>
     */
    private static function asks(array $loads, array $sources, array $batteries, Ticks $ticks): array
    {
        $asks = [];
        $ask = static function (int $at, string $what, ?Part $part) use (&$asks, $ticks): void {
            $tick = $ticks->on("proof.$at $what");
            $asks[] = ['step' => "proof.$at $what", 'at' => $at, 'what' => $what, 'part' => $part, 'value' => $tick?->value, 'amps' => $tick?->amps, 'promised' => null];
        };
        $ask(0, self::BANK, null);
        $used = [];
        foreach ($loads as $k => ['way' => $way]) {
            $used[$way->part->uid] = $way->part;
            $ask($k + 1, self::BANK, null);
            foreach ($used as $part) {
                $ask($k + 1, $part->uid, $part);
            }
        }
        // A battery's amps say that its line is bad; its own posts' volts, whether that is a link or the battery itself.
        foreach (count($sources) > 1 ? ['', self::POSTS] : [] as $of) {
            foreach ($sources as $i => $source) {
                $ask(count($loads), $source->id . $of, $batteries[$i]);
            }
        }

        return $asks;
    }

    /**
     * Everything that has a resistance, once: batteries, links, then the pieces of the ways in use.
     *
     * @param list<?Part>           $batteries
     * @param list<Load> $loads
     *
     * @return array{non-empty-list<Unknown>, array<string, int>} and their places: by piece of a way
     */
    private static function unknown(Network $network, array $batteries, array $loads): array
    {
        $unknown = $places = [];
        foreach ($network->sources as $i => $source) {
            $segment = Segment::of("battery $source->id", $source->ohm, self::CELL_SPREAD * $source->ohm, self::TIRED_ODDS);
            $unknown[] = ['segment' => $segment, 'by' => $batteries[$i] ?? throw new \LogicException('a source is a battery'), 'from' => null, 'to' => null];
        }
        foreach ($network->links as $link) {
            $unknown[] = ['segment' => Segment::joint("$link->from $link->to", $link->ohm), 'by' => null, 'from' => self::point($link->from), 'to' => self::point($link->to)];
        }
        foreach ($loads as ['way' => $way]) {
            foreach (self::outside($way, $network) as $k) {
                $id = self::id($way, $k);
                if (!isset($places[$id])) {
                    $places[$id] = count($unknown);
                    $unknown[] = ['segment' => $way->chain->segments[$k], 'by' => $way->pieces[$k], 'from' => $way->points[$k], 'to' => $way->points[$k + 1]];
                }
            }
        }

        return [$unknown, $places];
    }

    /** A node of the bank's network as a point of the circuit: "p1+" is the plus of p1. */
    private static function point(string $node): Point
    {
        return Point::read((string) preg_replace(['/\+$/', '/-$/'], ['.plus', '.minus'], $node));
    }

    private static function id(Way $way, int $k): string
    {
        return $way->pieces[$k]->uid . ($k === $way->device ? ' device' : '');
    }

    /**
     * Places of the pieces of a way that are not the bank's own, and not the device.
     *
     * @return list<int>
     */
    private static function outside(Way $way, Network $network): array
    {
        $own = [];
        foreach ($network->links as $link) {
            $own[(string) self::point($link->from) . ' ' . self::point($link->to)] = true;
            $own[(string) self::point($link->to) . ' ' . self::point($link->from)] = true;
        }

        return array_values(array_filter(
            array_keys($way->pieces),
            static fn(int $k): bool => !($way->hasBack() && $k === $way->device) && !isset($own["{$way->points[$k]} {$way->points[$k + 1]}"]),
        ));
    }

    /**
     * What a reading depends on. A difference of volts is read from: the bank's before any load, or the bank's at that step.
     *
     * @param list<Load>         $loads
     * @param Asked              $ask
     * @param array<int, float>  $bank   V of the bank, by step
     * @param array<int, float>  $amps   A in the main lead, by step
     * @param array<string, int> $places
     *
     * @return ?array{sight: Sight, from: ?float} from: the V that it is a difference from; null as long as a step before it was not read
     */
    private static function sight(array $loads, array $ask, array $bank, array $amps, Network $network, array $places): ?array
    {
        [$at, $what, $value] = [$ask['at'], $ask['what'], (float) $ask['value']];
        $own = range(0, count($network->sources) + count($network->links) - 1);
        $battery = array_search(str_replace(self::POSTS, '', $what), array_column($network->sources, 'id'), true);
        if (!isset($amps[$at], $amps[0])) {
            return null;
        }
        $flows = $amps[$at];
        if ($battery !== false && str_ends_with($what, self::POSTS)) {
            $predicts = static function (array $ohm) use ($network, $flows, $battery): float {
                $share = $network->withOhms(array_values($ohm))->share($flows);

                return $share->bankV - $network->sources[$battery]->ocvV + $share->amps[$battery] * $ohm[$battery];
            };

            return isset($bank[$at])
                ? ['sight' => Sight::of($predicts, $own, $bank[$at] - $value, self::sigma($bank[$at] - $value)), 'from' => $bank[$at]]
                : null;
        }
        if ($battery !== false) {
            $predicts = static fn(array $ohm): float => $network->withOhms(array_values($ohm))->share($flows)->amps[$battery];

            return ['sight' => Sight::of($predicts, $own, $value, hypot(self::CLAMP_A, Drop::SHARE * $value)), 'from' => null];
        }
        if ($what === self::BANK) {
            $more = $flows - $amps[0];
            $predicts = static fn(array $ohm): float => ShortCircuit::of($network->withOhms(array_values($ohm)))->bankOhm * $more;

            return $at === 0 || !isset($bank[0]) ? null : ['sight' => Sight::of($predicts, $own, $bank[0] - $value, self::sigma($bank[0] - $value)), 'from' => $bank[0]];
        }
        $weights = self::carried($loads, $amps, $at, $what, $network, $places);

        return $weights === [] || !isset($bank[$at])
            ? null
            : ['sight' => Sight::sum($weights, $bank[$at] - $value, self::sigma($bank[$at] - $value)), 'from' => $bank[$at]];
    }

    /**
     * A that each piece of the way to a device carries at a step: of every load that is on, whose way has that piece.
     *
     * @param list<Load>         $loads
     * @param array<int, float>  $amps   in the main lead, by step
     * @param array<string, int> $places
     *
     * @return array<int, float> by place; none as long as a step before was not read
     */
    private static function carried(array $loads, array $amps, int $at, string $device, Network $network, array $places): array
    {
        $weights = [];
        foreach ($loads as ['way' => $way]) {
            foreach ($way->part->uid === $device ? self::outside($way, $network) : [] as $k) {
                $weights[$places[self::id($way, $k)]] = 0.0;
            }
        }
        for ($j = 1; $j <= $at; ++$j) {
            if (!isset($amps[$j], $amps[$j - 1])) {
                return [];
            }
            $way = $loads[$j - 1]['way'];
            foreach (self::outside($way, $network) as $k) {
                $place = $places[self::id($way, $k)];
                if (isset($weights[$place])) {
                    $weights[$place] += $amps[$j] - $amps[$j - 1];
                }
            }
        }

        return $weights;
    }

    /** Of a difference of two readings of one meter, V. */
    private static function sigma(float $volts): float
    {
        return hypot(sqrt(2.0) * Drop::VOLTS, Drop::SHARE * $volts);
    }

    /**
     * What one fault can be, with what each would have then.
     *
     * @param list<Unknown>                              $unknown
     * @param list<float>                                $bad       chances by place, when it was taken
     * @param list<array{ohm: float, sigmaOhm: float}>   $estimates
     *
     * @return list<array{unknown: Unknown, chance: float, ohm: float, sigmaOhm: float}>
     */
    private static function line(array $unknown, array $bad, array $estimates): array
    {
        arsort($bad);
        $line = [];
        foreach ($bad as $k => $chance) {
            if ($line === [] || $chance >= Hunt::NAMED) {
                $line[] = ['unknown' => $unknown[$k], 'chance' => $chance, ...$estimates[$k]];
            }
        }

        return $line;
    }

    /**
     * @param list<Unknown>     $unknown
     * @param array<int, float> $bad     chances by place, likeliest first
     * @param list<int>         $known
     *
     * @return list<array{unknown: Unknown, chance: float}>
     */
    private static function besides(array $unknown, array $bad, array $known): array
    {
        $besides = [];
        foreach ($bad as $k => $chance) {
            if ($chance >= Hunt::NAMED && !in_array($k, $known, true)) {
                $besides[] = ['unknown' => $unknown[$k], 'chance' => $chance];
            }
        }

        return $besides;
    }
}
