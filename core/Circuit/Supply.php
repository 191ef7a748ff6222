<?php

declare(strict_types=1);

namespace Pebblefell\Circuit;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Word;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\PvArray;

/** What the sources of a plan bring together: which of them run at one time, and how many amps that is. */
final readonly class Supply
{
    /** Which kinds run at one time: sun with the engine, sun with the mains. Driven and hooked up at once nobody is. */
    private const TOGETHER = [
        [PartKind::Regulator, PartKind::Dcdc],
        [PartKind::Regulator, PartKind::MainsCharger, PartKind::Converter, PartKind::InverterCharger],
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
            if ($part->kind === PartKind::Regulator) {
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
     * The most that comes in at one time, of some of the sources.
     *
     * @param ?array<string, Part> $among by uid; null: of all
     */
    public function most(?array $among = null): Figure
    {
        $best = new Figure('charge-together', 0.0, 'A', 'charge-together');
        foreach (self::TOGETHER as $kinds) {
            $inputs = [];
            foreach ($this->parts as $uid => $part) {
                if (in_array($part->kind, $kinds, true) && $this->amps[$uid] > 0.0 && ($among === null || isset($among[$uid]))) {
                    $inputs[] = Figure::given(
                        Word::of('figures.labels.of-part', ['part' => Named::part((string) $uid)]),
                        round($this->amps[$uid], 1),
                        'A',
                        Origin::DataSheet,
                    );
                }
            }
            $sum = array_sum(array_map(static fn(Figure $f): float => $f->value, $inputs));
            if ($sum > $best->value) {
                $best = new Figure('charge-together', $sum, 'A', 'charge-together', $inputs, 'first-principles');
            }
        }

        return $best;
    }
}
