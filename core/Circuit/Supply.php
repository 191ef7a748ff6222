<?php

declare(strict_types=1);

namespace Pebblefell\Circuit;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Word;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\PvArray;

/** Tells what the sources of a plan bring together: which of them run at one time, and how many amps that is. */
final readonly class Supply
{
    /** Which kinds run at one time: sun with the engine, sun with the mains. Driven and hooked up at once nobody is. */
    private const TOGETHER = [
        [Family::SolarRegulator, Family::Dcdc],
        [Family::SolarRegulator, Family::MainsCharger],
    ];

    /**
     * @param array<string, float> $amps by uid
     * @param array<string, Part>  $parts
     */
    private function __construct(private array $amps, private array $parts)
    {
    }

    /**
     * @param list<Part>           $chargers
     * @param list<PvArray>        $arrays
     * @param float                $bankV   while charging
     * @param array<string, float> $limited A that a charger is set to, by uid
     */
    public static function of(array $chargers, array $arrays, float $bankV, array $limited): self
    {
        $amps = $parts = [];
        foreach ($chargers as $part) {
            $rated = $part->data->chargeCurrent()->value ?? 0.0;
            if ($part->is(Family::SolarRegulator)) {
                $watts = array_sum(array_map(
                    static fn(PvArray $a): float => $a->regulator?->uid === $part->uid ? $a->watts() : 0.0,
                    $arrays,
                ));
                $rated = min($rated, $watts / max(1.0, $bankV));
            }
            $amps[$part->uid] = min($rated, $limited[$part->uid] ?? INF);
            $parts[$part->uid] = $part;
        }

        return new self($amps, $parts);
    }

    public function amps(Part $part): float
    {
        return $this->amps[$part->uid] ?? 0.0;
    }

    /**
     * Inputs of one box that are shut while another one of it charges.
     *
     * @param array<string, Part> $among by uid
     *
     * @return array<string, list<Part>> by the uid of what is shut: those that shut it
     */
    public static function givingWay(array $among): array
    {
        $box = static fn(Part $p): string => $p->partOf === '' ? $p->uid : $p->partOf;
        $shut = [];
        foreach ($among as $uid => $part) {
            $others = $part->data->flag('gives_way') !== true ? [] : array_values(array_filter(
                $among,
                static fn(Part $p): bool => $p->uid !== $part->uid && $box($p) === $box($part) && $p->data->flag('gives_way') !== true,
            ));
            if ($others !== []) {
                $shut[$uid] = $others;
            }
        }

        return $shut;
    }

    /**
     * Returns what may run at one time of some that would: all of them, but for inputs that exclude one another, which come by turns.
     *
     * @param array<string, Part> $runs by uid
     *
     * @return list<array<string, Part>>
     */
    private static function ways(array $runs): array
    {
        $shut = self::givingWay($runs);
        $shutting = array_merge(...array_values($shut));

        return $shut === [] ? [$runs] : [
            array_diff_key($runs, $shut),
            array_filter($runs, static fn(Part $p): bool => !in_array($p, $shutting, true)),
        ];
    }

    /**
     * The most that comes in at one time, of some of the sources.
     *
     * @param ?array<string, Part> $among by uid; null: of all
     */
    public function most(?array $among = null): Figure
    {
        $best = new Figure('charge-together', 0.0, 'A', 'charge-together');
        foreach (self::TOGETHER as $families) {
            $runs = array_filter(
                $this->parts,
                fn(Part $p): bool => $p->is(...$families) && $this->amps[$p->uid] > 0.0
                    && ($among === null || isset($among[$p->uid])),
            );
            foreach (self::ways($runs) as $way) {
                $inputs = array_values(array_map(fn(Part $part): Figure => Figure::given(
                    Word::of('figures.labels.of-part', ['part' => Named::part($part->uid)]),
                    round($this->amps[$part->uid], 1),
                    'A',
                    Origin::DataSheet,
                ), $way));
                $sum = array_sum(array_map(static fn(Figure $f): float => $f->value, $inputs));
                if ($sum > $best->value) {
                    $best = new Figure('charge-together', $sum, 'A', 'charge-together', $inputs, 'first-principles');
                }
            }
        }

        return $best;
    }
}
