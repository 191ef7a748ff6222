<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank;

use Pebblefell\Study;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Graph\Potential;
use Pebblefell\System\Graph\Reach;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * Will it wake? Each way in which the planned bank goes dark, against each source of the plan.
 *
 * A BMS that has opened comes back by itself, by charge or by a button, as its sheet says; one that waits for charge is woken only by a
 * source that puts out volts of its own. Behind a disconnect or a breaker that has opened the bank is awake: what still reaches it goes on
 * charging.
 */
final readonly class Waking
{
    /** Ways that open the BMS. */
    public const BMS = ['cold', 'empty', 'overload', 'fault'];

    /** Holds what a source does about it. */
    public const ITSELF = 'itself';
    public const WAKES = 'wakes';
    public const BUTTON = 'button';
    public const CANNOT = 'cannot';
    public const GOES_ON = 'goes-on';
    public const UNKNOWN = 'unknown';

    /**
     * @param list<Part>                                                                               $sources
     * @param list<array{way: string, opens: list<Part>, by: array<string, string>,
     *     dark: list<Part>}> $rows by: what each source does, by uid
     */
    private function __construct(public array $sources, public array $rows)
    {
    }

    /** Null without a bank. */
    public static function of(Study $study): ?self
    {
        $batteries = $study->banks()->planned->parts;
        if ($study->banks()->planned->bank === null) {
            return null;
        }
        $graph = $study->planned();
        $sources = [...$graph->chargers(), ...$graph->of(Family::SplitRelay)];
        $rows = [];
        if (self::hasBms($batteries[0])) {
            $dark = self::dark($study, array_map(static fn(Part $p): string => $p->uid, $batteries));
            $by = self::each($sources, static fn(Part $source): string => self::onOpenBms($batteries[0], $source));
            foreach (self::BMS as $way) {
                $rows[] = ['way' => $way, 'opens' => $batteries, 'by' => $by, 'dark' => $dark];
            }
        }
        foreach ([
            'disconnect' => $graph->of(Family::LowVoltageDisconnect),
            'breaker' => $study->circuit()->mainFuses(),
        ] as $way => $parts) {
            if ($parts !== []) {
                $uids = array_map(static fn(Part $p): string => $p->uid, $parts);
                $held = self::held($study, $uids);
                $rows[] = [
                    'way' => $way,
                    'opens' => $parts,
                    'by' => self::each($sources, static fn(Part $source): string => self::reaches($study, $source, $held)),
                    'dark' => self::dark($study, $uids),
                ];
            }
        }

        return new self($sources, $rows);
    }

    /**
     * Returns what brings it back once its BMS has opened.
     *
     * @return ?array{how: string, parts: list<Part>} how: wakes (parts: the sources that do), button or itself (parts: the batteries),
     *     cannot;
     *     null: it has no BMS that opens
     */
    public function broughtBack(): ?array
    {
        $row = $this->ofBms();
        if ($row === null) {
            return null;
        }
        $waking = $this->wakers();

        return match (true) {
            in_array(self::ITSELF, $row['by'], true) => ['how' => self::ITSELF, 'parts' => $row['opens']],
            in_array(self::BUTTON, $row['by'], true) => ['how' => self::BUTTON, 'parts' => $row['opens']],
            $waking !== [] => ['how' => self::WAKES, 'parts' => $waking],
            default => ['how' => self::CANNOT, 'parts' => []],
        };
    }

    /**
     * Sources that wake an open BMS.
     *
     * @return list<Part>
     */
    public function wakers(): array
    {
        return $this->thatDo(self::WAKES);
    }

    /**
     * Sources of which nobody has noted whether they do.
     *
     * @return list<Part>
     */
    public function unknown(): array
    {
        return $this->thatDo(self::UNKNOWN);
    }

    /**
     * Returns what opens by itself or by hand before the bank, and what goes dark with it.
     *
     * @return list<array{way: string, opens: list<Part>, dark: list<Part>}>
     */
    public function openings(): array
    {
        return array_values(array_filter($this->rows, static fn(array $r): bool => !in_array($r['way'], self::BMS, true)));
    }

    /**
     * @return ?array{way: string, opens: list<Part>, by: array<string, string>, dark: list<Part>} any of those that open it: all are alike
     */
    private function ofBms(): ?array
    {
        return array_values(array_filter($this->rows, static fn(array $r): bool => in_array($r['way'], self::BMS, true)))[0] ?? null;
    }

    /**
     * @return list<Part>
     */
    private function thatDo(string $does): array
    {
        $row = $this->ofBms();

        return array_values(array_filter($this->sources, static fn(Part $p): bool => ($row['by'][$p->uid] ?? '') === $does));
    }

    /** Once the BMS has opened, nothing of the plan brings it back: true; nobody has noted whether something does: null. */
    public function isStuck(): ?bool
    {
        foreach ($this->rows as $row) {
            if (in_array($row['way'], self::BMS, true)) {
                return match (true) {
                    array_intersect([self::ITSELF, self::WAKES, self::BUTTON], $row['by']) !== [] => false,
                    in_array(self::UNKNOWN, $row['by'], true) => null,
                    default => true,
                };
            }
        }

        return false;
    }

    private static function onOpenBms(Part $battery, Part $source): string
    {
        // A relay joins the alternator's own volts to the bank.
        $gives = $source->is(Family::SplitRelay) ? true : $source->data->flag('gives_dead_volts');

        return match ($battery->data->text('wakes_by')) {
            'itself' => self::ITSELF,
            'button' => self::BUTTON,
            'charge' => match ($gives) {
                true => self::WAKES,
                false => self::CANNOT,
                null => self::UNKNOWN,
            },
            default => $gives === true ? self::WAKES : self::UNKNOWN,
        };
    }

    /**
     * Returns what is joined to the bank while parts are open: closed parts join both ways, so one walk from the batteries tells it of
     * every source.
     *
     * @param list<string> $open uids
     */
    private static function held(Study $study, array $open): Reach
    {
        return $study->planned()->reach(
            array_map(static fn(Part $p): Point => Point::of($p->uid, 'plus'), $study->banks()->planned->parts),
            Passage::closed(static fn(Part $p): bool => in_array($p->uid, $open, true)),
        );
    }

    private static function reaches(Study $study, Part $source, Reach $held): string
    {
        $output = $source->kind->kind()->hangsAt()->plus ?? 'plus';
        if ($held->has(Point::of($source->uid, $output))) {
            return self::GOES_ON;
        }

        return $study->planned()->isDrawn($source) ? self::CANNOT : self::UNKNOWN;
    }

    /**
     * Returns what the bank no longer feeds.
     *
     * @param list<string> $open uids
     *
     * @return list<Part>
     */
    private static function dark(Study $study, array $open): array
    {
        $graph = $study->planned();
        $live = static fn(array $opened): array => Potential::of($graph, array_values($opened), false, false, false, false)->live();
        $dark = array_diff($live([]), $live($open), $open);
        $users = [
            Family::Inverter,
            Family::DistributionBox,
            Family::Monitor,
            Family::HeatingPad,
            Family::Gauge,
        ];

        return array_values(array_filter(
            array_map(static fn(string $uid): Part => $graph->parts[$uid], array_values($dark)),
            static fn(Part $p): bool => $p->is(...$users),
        ));
    }

    /** A lithium block has one unless its sheet says otherwise; lead has none. */
    private static function hasBms(Part $battery): bool
    {
        return match ($battery->data->flag('bms')) {
            null => $battery->data->chemistry()->isLithium(),
            true => true,
            false => false,
        };
    }

    /**
     * @param list<Part>             $sources
     * @param callable(Part): string $does
     *
     * @return array<string, string> by uid
     */
    private static function each(array $sources, callable $does): array
    {
        return array_combine(array_map(static fn(Part $p): string => $p->uid, $sources), array_map($does, $sources));
    }
}
