<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Test;

use Closure;
use LogicException;
use Pebblefell\Bank\Network;
use Pebblefell\Bank\ShortCircuit;
use Pebblefell\Joint\Drop;
use Pebblefell\Joint\Segment;
use Pebblefell\Joint\Sight;
use Pebblefell\Load\LoadSide;
use Pebblefell\Stage\Ticks;
use Pebblefell\Study;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * The DC circuit as the ten-minute proof sees it: the bank's network, the ways to the loads that are switched on, everything of it that
 * has a resistance, and what each reading depends on. A link between two points of the bank is by nothing.
 *
 * A load's amps are what the main lead carries more once it is on; they flow along the way to the device that it hangs on.
 *
 * @phpstan-type Unknown array{segment: Segment, by: Conductor|Part|null, from: ?Point, to: ?Point}
 * @phpstan-type Load array{name: string, watts: float, amps: float, way: DeviceWay}
 * @phpstan-type Asked array{step: string, at: int, what: string, part: ?Part, value: ?float, amps: ?float, promised: ?float}
 */
final readonly class ProofCircuit
{
    /** Loads, one upon the other. Common practice: three. */
    private const LOADS = 3;

    /** A cell's own resistance is off its sheet by so much of it; a clamp by so much at its foot, A. Assumed. */
    private const CELL_SPREAD = 0.3;
    private const CLAMP_A = 0.3;

    /** A battery that is tired, against a lug: how readily it happens. Assumed. */
    private const TIRED_ODDS = 1.0;

    /**
     * @param list<Load>              $loads     in the order in which they are switched on
     * @param list<?Part>             $batteries of the network's sources
     * @param list<Unknown>           $pieces    batteries, links, then the pieces of the ways in use
     * @param array<string, int>      $places    among them, by piece of a way
     * @param array<string, list<int>> $outside  places along each way of what is not the bank's own, by the uid of its device
     */
    private function __construct(
        public array $loads,
        public Network $network,
        private array $batteries,
        public array $pieces,
        private array $places,
        private array $outside,
    ) {
    }

    /** Null as long as no load hangs on a way that is drawn. */
    public static function of(Study $study): ?self
    {
        $drawing = $study->drawing();
        $loads = self::loads($study);
        if ($drawing === null || $loads === []) {
            return null;
        }
        $batteries = array_map($drawing->part(...), array_column($drawing->network->sources, 'id'));
        $pieces = self::ofBank($drawing->network, $batteries);
        $places = $outside = [];
        foreach ($loads as ['way' => $way]) {
            $outside[$way->part->uid] ??= self::outside($way, $drawing->network);
            foreach ($outside[$way->part->uid] as $k) {
                $id = self::id($way, $k);
                if (!isset($places[$id])) {
                    $places[$id] = count($pieces);
                    $pieces[] = [
                        'segment' => $way->chain->segments[$k], 'by' => $way->pieces[$k],
                        'from' => $way->points[$k], 'to' => $way->points[$k + 1],
                    ];
                }
            }
        }

        return new self($loads, $drawing->network, $batteries, $pieces, $places, $outside);
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
        foreach (DeviceWay::all($study) as $way) {
            $ways[$way->part->is(Family::DistributionBox) ? 'dc' : ($way->part->kind->isInverter() ? 'ac' : '')] ??= $way;
        }
        $loads = [];
        foreach ($all as $load) {
            $way = $ways[$load->side === LoadSide::Ac ? 'ac' : 'dc'] ?? null;
            $amps = $study->loads()->atBatteryW($load) / $volts;
            if ($way !== null && $amps >= 1.0 && count($loads) < self::LOADS) {
                $loads[] = ['name' => $load->called(), 'watts' => $load->watts * $load->quantity, 'amps' => round($amps, 1), 'way' => $way];
            }
        }

        return array_reverse($loads);
    }

    /**
     * Returns what is to be read, in its order, with what is noted of it.
     *
     * @return list<Asked>
     */
    public function asks(Ticks $ticks): array
    {
        $asks = [];
        $ask = static function (int $at, string $what, ?Part $part) use (&$asks, $ticks): void {
            $tick = $ticks->on("proof.$at $what");
            $asks[] = [
                'step' => "proof.$at $what", 'at' => $at, 'what' => $what, 'part' => $part,
                'value' => $tick?->value, 'amps' => $tick?->amps, 'promised' => null,
            ];
        };
        $ask(0, Proof::BANK, null);
        $used = [];
        foreach ($this->loads as $k => ['way' => $way]) {
            $used[$way->part->uid] = $way->part;
            $ask($k + 1, Proof::BANK, null);
            foreach ($used as $part) {
                $ask($k + 1, $part->uid, $part);
            }
        }
        // A battery's amps say that its line is bad; its own posts' volts, whether that is a link or the battery itself.
        foreach (count($this->network->sources) > 1 ? ['', Proof::POSTS] : [] as $of) {
            foreach ($this->network->sources as $i => $source) {
                $ask(count($this->loads), $source->id . $of, $this->batteries[$i]);
            }
        }

        return $asks;
    }

    /**
     * Returns what a meter without error reads where the pieces have other resistances.
     *
     * @param list<float> $ohm   of the pieces, in their order
     * @param float       $openV of the bank before any load
     *
     * @return array<string, array{value: float, amps: float}> by step
     */
    public function readings(array $ohm, float $openV): array
    {
        $readings = $bank = [];
        $amps = [0.0];
        foreach ($this->loads as $k => $load) {
            $amps[] = $amps[$k] + $load['amps'];
        }
        foreach ($this->asks(Ticks::none()) as $ask) {
            $seen = $this->sight($ask, $bank, $amps);
            $is = $seen === null ? $openV : ($seen['sight']->predicts)($ohm);
            $value = $seen === null || $seen['from'] === null ? $is : $seen['from'] - $is;
            if ($ask['what'] === Proof::BANK) {
                $bank[$ask['at']] = $value;
            }
            $readings[$ask['step']] = ['value' => $value, 'amps' => $amps[$ask['at']]];
        }

        return $readings;
    }

    /**
     * Returns what a reading depends on. A difference of volts is read from: the bank's before any load, or the bank's at that step.
     *
     * @param Asked             $ask
     * @param array<int, float> $bank V of the bank, by step
     * @param array<int, float> $amps A in the main lead, by step
     *
     * @return ?array{sight: Sight, from: ?float} from: the V that it is a difference from; null as long as a step before it was not read
     */
    public function sight(array $ask, array $bank, array $amps): ?array
    {
        [$at, $what, $value] = [$ask['at'], $ask['what'], (float) $ask['value']];
        if (!isset($amps[$at], $amps[0])) {
            return null;
        }
        $i = array_search(str_replace(Proof::POSTS, '', $what), array_column($this->network->sources, 'id'), true);

        return match (true) {
            $i !== false && str_ends_with($what, Proof::POSTS) => isset($bank[$at])
                ? self::lost($this->atPosts($i, $amps[$at]), $this->ofTheBank(), $bank[$at], $value)
                : null,
            $i !== false => ['sight' => $this->share($i, $amps[$at], $value), 'from' => null],
            $what === Proof::BANK => $at > 0 && isset($bank[0])
                ? self::lost($this->sag($amps[$at] - $amps[0]), $this->ofTheBank(), $bank[0], $value)
                : null,
            default => $this->alongTheWay($at, $what, $value, $bank, $amps),
        };
    }

    /**
     * @param Closure(list<float>): float $predicts
     * @param list<int>                    $touches
     *
     * @return array{sight: Sight, from: float}
     */
    private static function lost(Closure $predicts, array $touches, float $from, float $value): array
    {
        return ['sight' => Sight::of($predicts, $touches, $from - $value, self::sigma($from - $value)), 'from' => $from];
    }

    /** Amps of one battery. */
    private function share(int $i, float $flows, float $value): Sight
    {
        $network = $this->network;

        return Sight::of(
            static fn(array $ohm): float => $network->withOhms(array_values($ohm))->share($flows)->amps[$i],
            $this->ofTheBank(),
            $value,
            hypot(self::CLAMP_A, Drop::SHARE * $value),
        );
    }

    /**
     * Returns what lies between a battery's own posts and the place where the bank is taken off, V.
     *
     * @return Closure(list<float>): float
     */
    private function atPosts(int $i, float $flows): Closure
    {
        $network = $this->network;

        return static function (array $ohm) use ($network, $flows, $i): float {
            $share = $network->withOhms(array_values($ohm))->share($flows);

            return $share->bankV - $network->sources[$i]->ocvV + $share->amps[$i] * $ohm[$i];
        };
    }

    /**
     * How far the bank sinks, V.
     *
     * @return Closure(list<float>): float
     */
    private function sag(float $amps): Closure
    {
        $network = $this->network;

        return static fn(array $ohm): float => ShortCircuit::of($network->withOhms(array_values($ohm)))->bankOhm * $amps;
    }

    /**
     * @param array<int, float> $bank
     * @param array<int, float> $amps
     *
     * @return ?array{sight: Sight, from: float}
     */
    private function alongTheWay(int $at, string $device, float $value, array $bank, array $amps): ?array
    {
        $weights = $this->carried($amps, $at, $device);

        return $weights === [] || !isset($bank[$at])
            ? null
            : ['sight' => Sight::sum($weights, $bank[$at] - $value, self::sigma($bank[$at] - $value)), 'from' => $bank[$at]];
    }

    /**
     * A that each piece of the way to a device carries at a step: of every load that is on, whose way has that piece.
     *
     * @param array<int, float> $amps in the main lead, by step
     *
     * @return array<int, float> by place; none as long as a step before was not read
     */
    private function carried(array $amps, int $at, string $device): array
    {
        $weights = [];
        foreach ($this->loads as ['way' => $way]) {
            foreach ($way->part->uid === $device ? $this->outside[$device] : [] as $k) {
                $weights[$this->places[self::id($way, $k)]] = 0.0;
            }
        }
        for ($j = 1; $j <= $at; ++$j) {
            if (!isset($amps[$j], $amps[$j - 1])) {
                return [];
            }
            $way = $this->loads[$j - 1]['way'];
            foreach ($this->outside[$way->part->uid] as $k) {
                $place = $this->places[self::id($way, $k)];
                if (isset($weights[$place])) {
                    $weights[$place] += $amps[$j] - $amps[$j - 1];
                }
            }
        }

        return $weights;
    }

    /**
     * @return list<int> places of batteries and links
     */
    private function ofTheBank(): array
    {
        return range(0, count($this->network->sources) + count($this->network->links) - 1);
    }

    /**
     * @param list<?Part> $batteries
     *
     * @return list<Unknown>
     */
    private static function ofBank(Network $network, array $batteries): array
    {
        $pieces = [];
        foreach ($network->sources as $i => $source) {
            $pieces[] = [
                'segment' => Segment::of("battery $source->id", $source->ohm, self::CELL_SPREAD * $source->ohm, self::TIRED_ODDS),
                'by' => $batteries[$i] ?? throw new LogicException("no-battery: $source->id"), 'from' => null, 'to' => null,
            ];
        }
        foreach ($network->links as $link) {
            $pieces[] = [
                'segment' => Segment::joint("$link->from $link->to", $link->ohm), 'by' => null,
                'from' => self::point($link->from), 'to' => self::point($link->to),
            ];
        }

        return $pieces;
    }

    /** A node of the bank's network as a point of the circuit: "p1+" is the plus of p1. */
    private static function point(string $node): Point
    {
        return Point::read((string) preg_replace(['/\+$/', '/-$/'], ['.plus', '.minus'], $node));
    }

    private static function id(DeviceWay $way, int $k): string
    {
        return $way->pieces[$k]->uid . ($k === $way->device ? ' device' : '');
    }

    /**
     * Places of the pieces of a way that are not the bank's own, and not the device.
     *
     * @return list<int>
     */
    private static function outside(DeviceWay $way, Network $network): array
    {
        $own = [];
        foreach ($network->links as $link) {
            $own[(string) self::point($link->from) . ' ' . self::point($link->to)] = true;
            $own[(string) self::point($link->to) . ' ' . self::point($link->from)] = true;
        }

        return array_values(array_filter(
            array_keys($way->pieces),
            static fn(int $k): bool => !($way->hasBack() && $k === $way->device) && !isset(
                $own["{$way->points[$k]} {$way->points[$k + 1]}"],
            ),
        ));
    }

    /** Of a difference of two readings of one meter, V. */
    private static function sigma(float $volts): float
    {
        return hypot(sqrt(2.0) * Drop::VOLTS, Drop::SHARE * $volts);
    }
}
