<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Study;
use Pebblefell\System\Change\Names;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Kind\HangsAt;
use Pebblefell\System\Kind\Kind;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\PvArray;

/**
 * A sound circuit of the planned parts, as far as it is not drawn yet. Positive: battery, main fuse, isolating switch, bar, from it
 * through a fuse to each device; the inverter, which the main fuse protects, without one of its own. A regulator whose panels cannot be
 * switched off hangs before the isolating switch: open, it would leave the regulator without its battery. Negative: battery, shunt, bar,
 * from it to each device. Panels in their strings to their regulator, the inlet through its device to what takes mains. Common practice.
 *
 * What is drawn stays, and what comes in hangs on it; lengths are left to be measured, ratings and sizes follow from what flows (`Rated`).
 * It comes in pieces: the trunk, and a piece for each device; a piece brings those with it on which it hangs.
 */
final class SoundLayout
{
    private readonly Graph $graph;
    private readonly Names $names;

    /** @var list<array{uid: string, kind: PartKind, as: ?string, leastA: float,
    *     piece: string}> parts that come in; as: the part whose rating they take */
    private array $parts = [];

    /** @var list<array{uid: string, from: Point, to: Point, behind: ?string, piece: string}> leads; behind: the fuse that they must bear */
    private array $leads = [];

    private string $piece = SoundCircuit::TRUNK;

    /** @var array<string, Part> which switch opens the array of a regulator, by the regulator's uid */
    private array $switches = [];

    /** Where a regulator hangs that must not lose its battery; null: on the bar. */
    private ?Point $tap = null;

    /** @var array<string, string> planned parts that have got a place in it, and in which piece */
    private array $placed = [];

    private ?string $mainFuse = null;

    private function __construct(private readonly Study $study)
    {
        $this->graph = $study->planned();
        $this->names = new Names();
    }

    /** Empty without a bank, before its strings are joined, or where everything hangs already. */
    public static function of(Study $study): SoundCircuit
    {
        $drawing = $study->drawing();
        $layout = new self($study);
        if ($drawing === null || $drawing->problem !== null) {
            return new SoundCircuit($study, [], [], []);
        }
        $post = static fn(string $node): Point => Point::read(str_replace(['+', '-'], ['.plus', '.minus'], $node));
        $layout->house($post($drawing->positive), $post($drawing->negative));
        $layout->starter();
        $layout->arrays();
        $layout->mains();

        return new SoundCircuit($study, $layout->parts, $layout->leads, $layout->placed);
    }

    private function house(Point $positive, Point $negative): void
    {
        $this->mainFuse = ($this->study->circuit()->mainFuses()[0] ?? null)?->uid;
        $devices = $this->devices(0);
        $returns = $this->devices(1);
        if ($devices !== []) {
            $bar = $this->positiveBar($positive);
            foreach ($devices as [$part, $point]) {
                $this->piece = $part->uid;
                if ($part->kind->isInverter()) {
                    $this->lead($bar, $point, $this->mainFuse);
                    continue;
                }
                $from = $part->is(Family::SolarRegulator) && !$this->hasArraySwitch($part) ? $this->tap ?? $bar : $bar;
                $fuse = $this->fuse(null, $this->relayA($part));
                $this->lead($from, Point::of($fuse, 'in'), $this->mainFuse);
                $this->lead(Point::of($fuse, 'out'), $point, $fuse);
            }
        }
        if ($returns !== []) {
            $this->piece = SoundCircuit::RETURN;
            $bar = $this->negativeBar($negative);
            foreach ($returns as [$part, $point]) {
                $this->piece = $part->uid;
                // As thick as what feeds it.
                $this->lead($bar, $point, $this->fuseOf($part));
            }
        }
    }

    /** Its panels can be switched off: by a switch that is drawn, or that this layout will place there. */
    private function hasArraySwitch(Part $regulator): bool
    {
        $opens = static fn(Part $p): bool => $p->is(Family::HandSwitch);
        $drawn = $this->graph->node(Point::of($regulator->uid, 'pv_plus'))->parts();
        if (array_filter($drawn, $opens) !== []) {
            return true;
        }
        foreach ($this->study->arrays() as $array) {
            if ($array->regulator?->uid === $regulator->uid && $drawn === [$regulator->uid => $regulator]) {
                return $this->arraySwitch($array, $regulator) !== null;
            }
        }

        return false;
    }

    /** One of the plan that is not placed yet and opens the array's volts. It is kept for this regulator. */
    private function arraySwitch(PvArray $array, Part $regulator): ?Part
    {
        if (isset($this->switches[$regulator->uid])) {
            return $this->switches[$regulator->uid];
        }
        foreach ($this->graph->of(Family::Switch) as $switch) {
            $opensIt = (float) $switch->data->number('max_v') >= (float) $array->openV($this->study->coldestMorningC());
            if ($opensIt && !$this->graph->isDrawn($switch) && !isset($this->placed[$switch->uid]) && !in_array(
                $switch,
                $this->switches,
                true,
            )) {
                return $this->switches[$regulator->uid] = $switch;
            }
        }

        return null;
    }

    /**
     * @param int $pole 0: positive, 1: negative
     *
     * @return list<array{Part, Point}> terminals on which nothing hangs yet
     */
    private function devices(int $pole): array
    {
        $found = [];
        foreach ($this->hanging(static fn(Kind $kind): ?HangsAt => $kind->hangsAt()) as [$part, $at]) {
            $terminal = $pole === 0 ? $at->plus : $at->minus;
            if ($terminal !== '' && $this->isFree($point = Point::of($part->uid, $terminal))) {
                $found[] = [$part, $point];
            }
        }

        return $found;
    }

    /** The bar that is drawn; else one behind what is drawn; else the whole trunk. */
    private function positiveBar(Point $post): Point
    {
        $circuit = $this->study->circuit();
        // A bar behind a branch's fuse or a relay is that branch's own.
        $trunk = $this->graph->reach([$post], Passage::closed(static fn(Part $p): bool => $p->is(Family::LowVoltageDisconnect)
            || ($p->is(Family::OvercurrentDevice) && !$circuit->isMain($p))));
        $bar = $this->barIn($trunk->points(), $post);
        foreach ($circuit->mainFuses() as $fuse) {
            $this->tap ??= $circuit->ends($fuse)[1] ?? null;
        }
        if ($bar !== null) {
            return $bar;
        }
        $from = $post;
        if ($circuit->isDrawn()) {
            // Along what is passed, fuse and switch, to the end that feeds the rest.
            foreach ([...$circuit->mainFuses(), ...$this->graph->of(Family::Switch)] as $part) {
                $ends = $circuit->ends($part);
                if ($ends !== null && $this->graph->node($from)->has($ends[0])) {
                    $from = $ends[1];
                }
            }
        }
        foreach ([Family::Fuse, Family::Switch] as $family) {
            $isThere = $family === Family::Fuse ? $this->mainFuse !== null : $circuit->isDrawn() && $circuit->opensByHand();
            if (!$isThere) {
                $uid = $family === Family::Fuse ? $this->fuse($this->strongest(Family::OvercurrentDevice)) : $this->switch();
                $this->mainFuse ??= $uid;
                $this->lead($from, Point::of($uid, 'in'), $this->mainFuse);
                $from = Point::of($uid, 'out');
                $this->tap ??= $family === Family::Fuse ? $from : null;
            }
        }

        return $this->barBehind($from);
    }

    /** Behind the shunt, where there is one. */
    private function negativeBar(Point $post): Point
    {
        $reach = $this->graph->reach([$post], Passage::conductors());
        $monitor = $this->graph->of(Family::Monitor)[0] ?? null;
        $from = $post;
        if ($monitor !== null) {
            $from = Point::of($monitor->uid, 'system_minus');
            if ($this->isFree(Point::of($monitor->uid, 'battery_minus')) && $this->isFree($from)) {
                $this->lead($post, Point::of($monitor->uid, 'battery_minus'), $this->mainFuse);
            }
            $reach = $this->graph->reach([$from], Passage::conductors());
        }

        return $this->barIn($reach->points(), $post) ?? $this->barBehind($from);
    }

    /**
     * @param list<Point> $points
     * @param Point       $post  on which the bank hangs: a bar there is the bank's own
     */
    private function barIn(array $points, Point $post): ?Point
    {
        foreach ($points as $point) {
            if ($this->graph->parts[$point->uid]->is(Family::Busbar) && !$point->is($post)) {
                return $point;
            }
        }

        return null;
    }

    private function barBehind(Point $from): Point
    {
        $uid = $this->unplaced(Family::Busbar)->uid ?? $this->comes(PartKind::Busbar, $this->mainFuse);
        $this->placed[$uid] = $this->piece;
        $bar = Point::of($uid, 'bar');
        $this->lead($from, $bar, $this->mainFuse);

        return $bar;
    }

    /** A DC-DC charger takes from the starter battery, through a fuse there. */
    private function starter(): void
    {
        $starter = array_values(array_filter(
            $this->graph->of(Family::Battery),
            static fn(Part $p): bool => $p->role === 'starter',
        ))[0] ?? null;
        if ($starter === null) {
            return;
        }
        foreach ($this->hanging(static fn(Kind $kind): ?HangsAt => $kind->hangsOnStarter()) as [$part, $at]) {
            if (!$this->isFree(Point::of($part->uid, $at->plus))) {
                continue;
            }
            $this->piece = $part->uid;
            $fuse = $this->comes(PartKind::Fuse, $this->fuseOf($part));
            $this->lead(Point::of($starter->uid, 'plus'), Point::of($fuse, 'in'), $fuse);
            $this->lead(Point::of($fuse, 'out'), Point::of($part->uid, $at->plus), $fuse);
            if ($at->minus !== '' && $this->isFree(Point::of($part->uid, $at->minus))) {
                $this->lead(Point::of($starter->uid, 'minus'), Point::of($part->uid, $at->minus), $fuse);
            }
        }
    }

    /**
     * Lists what hangs on a battery by itself, not as a function of another's box, in the order in which it leaves the bar.
     *
     * @param callable(Kind): ?HangsAt $at
     *
     * @return list<array{Part, HangsAt}>
     */
    private function hanging(callable $at): array
    {
        $found = [];
        foreach ($this->graph->parts as $part) {
            $where = $at($part->kind->kind());
            if ($where !== null && $part->partOf === '') {
                $found[] = [$part, $where];
            }
        }
        usort($found, static fn(array $a, array $b): int => $a[1]->order <=> $b[1]->order);

        return $found;
    }

    private function arrays(): void
    {
        foreach ($this->study->arrays() as $array) {
            $regulator = $array->regulator;
            $drawn = array_filter($array->panels, $this->graph->isDrawn(...)) !== [];
            // What is carried out is plugged in, not wired.
            if ($array->panels[0]->data->flag('portable') === true) {
                continue;
            }
            $this->piece = $regulator->uid ?? SoundCircuit::TRUNK;
            if ($regulator !== null && !$drawn && $this->isFree(Point::of($regulator->uid, 'pv_plus'))) {
                $this->array($array, $regulator);
            }
        }
    }

    private function array(PvArray $array, Part $regulator): void
    {
        $at = Point::of($regulator->uid, 'pv_plus');
        $switch = $this->arraySwitch($array, $regulator);
        if ($switch !== null) {
            $this->placed[$switch->uid] = $this->piece;
            $this->lead(Point::of($switch->uid, 'out'), $at, null);
            $at = Point::of($switch->uid, 'in');
        }
        foreach ($array->strings() as $string) {
            foreach ($string as $i => $panel) {
                $next = $string[$i + 1] ?? null;
                $this->lead(
                    Point::of($panel->uid, 'minus'),
                    $next === null ? Point::of($regulator->uid, 'pv_minus') : Point::of($next->uid, 'plus'),
                    null,
                );
            }
            $this->lead(Point::of($string[0]->uid, 'plus'), $at, null);
        }
    }

    /** From the inlet through its earth-leakage device to what takes mains; sizes and devices are for licensed people. */
    private function mains(): void
    {
        $inlet = $this->graph->of(Family::ShoreInlet)[0] ?? null;
        $takers = array_values(array_filter(
            $this->graph->of(Family::MainsCharger),
            fn(Part $p): bool => $this->isFree(Point::of($p->uid, 'ac_in')),
        ));
        if ($inlet === null || $takers === [] || !$this->isFree(Point::of($inlet->uid, 'ac_out'))) {
            return;
        }
        $this->piece = $inlet->uid;
        $from = Point::of($inlet->uid, 'ac_out');
        $device = $this->unplaced(Family::EarthLeakage);
        if ($device !== null) {
            $this->lead($from, Point::of($device->uid, 'line'), null);
            $from = Point::of($device->uid, 'load');
        }
        foreach ($takers as $part) {
            $this->lead($from, Point::of($part->uid, 'ac_in'), null);
        }
    }

    private function isFree(Point $point): bool
    {
        return $this->graph->at($point) === [];
    }

    private function unplaced(Family ...$families): ?Part
    {
        foreach ($this->graph->of(...$families) as $part) {
            if (!$this->graph->isDrawn($part) && !isset($this->placed[$part->uid])) {
                return $part;
            }
        }

        return null;
    }

    /** Of those planned and not drawn yet the one of the highest rating. */
    private function strongest(Family ...$families): ?Part
    {
        $parts = array_values(array_filter(
            $this->graph->of(...$families),
            fn(Part $p): bool => !$this->graph->isDrawn($p) && !isset($this->placed[$p->uid]) && $p->data->number('rating_a') !== null,
        ));
        usort($parts, static fn(Part $a, Part $b): int => $b->data->number('rating_a') <=> $a->data->number('rating_a'));

        return $parts[0] ?? null;
    }

    /** The uid of a fuse that is there, or of one that comes in. */
    private function fuse(?Part $planned, float $leastA = 0.0): string
    {
        $uid = $planned->uid ?? $this->comes(PartKind::Fuse, null, $leastA);
        $this->placed[$uid] = $this->piece;

        return $uid;
    }

    private function switch(): string
    {
        $uid = $this->strongest(Family::Switch)->uid ?? $this->comes(PartKind::Switch, $this->mainFuse);
        $this->placed[$uid] = $this->piece;

        return $uid;
    }

    /** Returns what an isolator lets through for long, A: what the alternator drives through it, else what it is made for. */
    private function relayA(Part $part): float
    {
        if (!$part->is(Family::SplitRelay)) {
            return 0.0;
        }

        return $this->study->relayCurrent($part)->value ?? (float) $part->data->number('rating_a');
    }

    private function comes(PartKind $kind, ?string $as, float $leastA = 0.0): string
    {
        $uid = $this->names->next();
        $this->parts[] = ['uid' => $uid, 'kind' => $kind, 'as' => $as, 'leastA' => $leastA, 'piece' => $this->piece];

        return $uid;
    }

    /** The fuse behind which a device hangs, in this layout or as it is drawn; else the main one. */
    private function fuseOf(Part $part): ?string
    {
        foreach ($this->leads as $lead) {
            if ($lead['to']->uid === $part->uid && $lead['behind'] !== null) {
                return $lead['behind'];
            }
        }

        foreach ($this->study->cables()->runs()->runs as $run) {
            if ($run->far->uid === $part->uid) {
                return $this->study->cables()->runs()->fuseBefore($run)->uid ?? $this->mainFuse;
            }
        }

        return $this->mainFuse;
    }

    private function lead(Point $from, Point $to, ?string $behind): void
    {
        $this->leads[] = ['uid' => $this->names->next(), 'from' => $from, 'to' => $to, 'behind' => $behind, 'piece' => $this->piece];
    }
}
