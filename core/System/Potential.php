<?php

declare(strict_types=1);

namespace Pebblefell\System;

/**
 * What stands at potential while parts are open: the positive, or line, side, followed from the sources.
 *
 * Conductors and closed switching parts join both ways; chargers, regulators and inverters carry one way. A part that is open carries nothing
 * through; a battery that is open is no source, and opens its series string.
 */
final readonly class Potential
{
    /** Terminals that a closed part joins. */
    private const JOINS = ['fuse' => ['in', 'out'], 'breaker' => ['in', 'out'], 'switch' => ['in', 'out'], 'low_voltage_disconnect' => ['supply', 'load'], 'earth_leakage' => ['line', 'load']];

    /** From where to where a part carries, by kind. */
    private const CARRIES = [
        'regulator' => [['pv_plus', 'battery_plus'], ['pv_plus', 'load_plus']],
        'mains_charger' => [['ac_in', 'output_plus']],
        'converter' => [['ac_in', 'output_plus']],
        'inverter' => [['battery_plus', 'ac_out']],
        // From the battery only while its mains is dead; with the mains alive its outlets are live from there.
        'inverter_charger' => [['ac_in', 'ac_out'], ['ac_in', 'battery_plus'], ['battery_plus', 'ac_out']],
    ];

    /**
     * @param array<string, true> $open   uids, batteries of opened strings among them
     * @param array<string, true> $points terminals at potential
     */
    private function __construct(private Graph $graph, private bool $engine, private array $open, private array $points)
    {
    }

    /**
     * @param list<string> $open uids
     */
    public static function of(Graph $graph, array $open, bool $sun, bool $engine, bool $shore, bool $generator): self
    {
        $opened = self::withStrings($graph, array_fill_keys($open, true));
        $queue = [];
        foreach ($graph->parts as $uid => $part) {
            $source = match ($part->kind) {
                PartKind::Battery => 'plus',
                PartKind::Panel => $sun ? 'plus' : null,
                PartKind::Alternator => $engine ? 'plus' : null,
                PartKind::ShoreInlet => $shore || $generator ? 'ac_out' : null,
                default => null,
            };
            if ($source !== null && !isset($opened[$uid])) {
                $queue[] = "$uid.$source";
            }
        }
        $self = new self($graph, $engine, $opened, []);

        return new self($graph, $engine, $opened, $self->reached($queue, true));
    }

    /**
     * @return list<string> uids of parts with a terminal at potential, sorted as bytes
     */
    public function live(): array
    {
        $live = [];
        foreach (array_keys($this->points) as $point) {
            $live[explode('.', $point, 2)[0]] = true;
        }
        $uids = array_map(strval(...), array_keys($live));
        sort($uids, SORT_STRING);

        return $uids;
    }

    /**
     * @return list<array{uid: string, rule: string}> regulators and alternators that run with no battery to hold them, by uid
     */
    public function endangered(): array
    {
        $found = [];
        foreach ($this->graph->parts as $uid => $part) {
            if ($part->kind === PartKind::Regulator && isset($this->points["$uid.pv_plus"]) && !$this->joinsBattery("$uid.battery_plus")) {
                $found[] = ['uid' => (string) $uid, 'rule' => 'regulator-loses-battery'];
            } elseif ($part->kind === PartKind::Alternator && $this->engine && !isset($this->open[$uid]) && !$this->joinsBattery("$uid.plus")) {
                $found[] = ['uid' => (string) $uid, 'rule' => 'alternator-loses-load'];
            }
        }
        usort($found, static fn(array $a, array $b): int => strcmp($a['uid'], $b['uid']));

        return $found;
    }

    private function joinsBattery(string $point): bool
    {
        foreach (array_keys($this->reached([$point], false)) as $joined) {
            [$uid, $terminal] = explode('.', $joined, 2);
            if ($terminal === 'plus' && $this->graph->parts[$uid]->kind === PartKind::Battery && !isset($this->open[$uid])) {
                return true;
            }
        }

        return false;
    }

    /**
     * Every terminal that potential spreads to.
     *
     * @param list<string> $queue    terminals to begin at
     * @param bool         $carried  also one way, through what charges and inverts
     *
     * @return array<string, true>
     */
    private function reached(array $queue, bool $carried): array
    {
        $to = $this->ways($carried);
        $reached = [];
        while ($queue !== []) {
            $point = array_pop($queue);
            if (!isset($reached[$point])) {
                $reached[$point] = true;
                array_push($queue, ...$to[$point] ?? []);
            }
        }

        return $reached;
    }

    /**
     * @return array<string, list<string>> by terminal, where potential goes from it
     */
    private function ways(bool $carried): array
    {
        $to = [];
        $both = static function (string $a, string $b) use (&$to): void {
            $to[$a][] = $b;
            $to[$b][] = $a;
        };
        foreach ($this->graph->conductors as $conductor) {
            $both($conductor->from, $conductor->to);
        }
        foreach ($this->graph->parts as $uid => $part) {
            if (isset($this->open[$uid])) {
                continue;
            }
            if (isset(self::JOINS[$part->kind->value])) {
                [$a, $b] = self::JOINS[$part->kind->value];
                $both("$uid.$a", "$uid.$b");
            } elseif ($part->kind === PartKind::Isolator && $this->engine) {
                $both("$uid.starter", "$uid.house");
            }
            $carries = $part->kind === PartKind::Dcdc && $this->engine ? [['input_plus', 'output_plus']] : self::CARRIES[$part->kind->value] ?? [];
            foreach ($carried ? $carries : [] as [$a, $b]) {
                $to["$uid.$a"][] = "$uid.$b";
            }
        }

        return $to;
    }

    /**
     * A battery that is open takes with it those in its string: joined from one's plus to the other's minus.
     *
     * @param array<string, true> $open
     *
     * @return array<string, true>
     */
    private static function withStrings(Graph $graph, array $open): array
    {
        $next = [];
        foreach ($graph->joined() as $group) {
            $poles = ['plus' => [], 'minus' => []];
            foreach ($group as $point) {
                [$uid, $terminal] = explode('.', $point, 2);
                if (isset($poles[$terminal]) && $graph->parts[$uid]->kind === PartKind::Battery) {
                    $poles[$terminal][] = $uid;
                }
            }
            foreach ($poles['plus'] as $below) {
                foreach ($poles['minus'] as $above) {
                    $next[$below][] = $above;
                    $next[$above][] = $below;
                }
            }
        }
        $queue = array_values(array_filter(array_map(strval(...), array_keys($open)), static fn(string $uid): bool => ($graph->parts[$uid] ?? null)?->kind === PartKind::Battery));
        while ($queue !== []) {
            $uid = array_pop($queue);
            foreach ($next[$uid] ?? [] as $other) {
                if (!isset($open[$other])) {
                    $open[$other] = true;
                    $queue[] = $other;
                }
            }
        }

        return $open;
    }
}
