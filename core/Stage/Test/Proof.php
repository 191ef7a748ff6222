<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Test;

use Pebblefell\Joint\Inverse;
use Pebblefell\Joint\Sight;
use Pebblefell\Stage\Ticks;
use Pebblefell\Study;

/**
 * The ten-minute proof: three loads switched on one after the other, one clamp about the main lead, one meter at named points. From that
 * the resistance of each run with its doubt, the bad joint or the tired battery by name, and each battery's share, by least squares over
 * the whole DC circuit: bank, links and ways together.
 *
 * @phpstan-import-type Unknown from ProofCircuit
 * @phpstan-import-type Load from ProofCircuit
 * @phpstan-import-type Asked from ProofCircuit
 */
final readonly class Proof
{
    public const BANK = 'bank';

    /** Volts at a battery's own posts. */
    public const POSTS = '.posts';

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
        $circuit = ProofCircuit::of($study);
        if ($circuit === null) {
            return null;
        }
        $asks = $circuit->asks($ticks);
        $bank = $amps = $planned = [];
        foreach ($asks as $ask) {
            if ($ask['what'] === self::BANK && $ask['value'] !== null && $ask['amps'] !== null) {
                [$bank[$ask['at']], $amps[$ask['at']]] = [$ask['value'], $ask['amps']];
            }
            // What is not read yet is thought to flow as planned.
            $planned[$ask['at']] ??= $amps[$ask['at']]
                ?? ($planned[$ask['at'] - 1] ?? 0.0) + ($circuit->loads[$ask['at'] - 1]['amps'] ?? 0.0);
        }
        $sound = array_map(static fn(array $u): float => $u['segment']->ohm, $circuit->pieces);
        $sights = [];
        foreach ($asks as $i => $ask) {
            $seen = $ask['value'] === null ? null : $circuit->sight($ask, $bank, $amps);
            if ($seen !== null) {
                $sights[] = $seen['sight'];
            }
            $thought = $circuit->sight($ask, $bank, $planned);
            $promised = $thought === null ? null : ($thought['sight']->predicts)($sound);
            $asks[$i]['promised'] = $promised === null || $thought['from'] === null ? $promised : $thought['from'] - $promised;
        }

        return self::told($circuit, $asks, $sights);
    }

    /**
     * @param list<Asked> $asks
     * @param list<Sight> $sights
     */
    private static function told(ProofCircuit $circuit, array $asks, array $sights): self
    {
        $segments = array_column($circuit->pieces, 'segment');
        if ($sights === [] || $segments === []) {
            return new self($circuit->loads, $asks, [], [], [], 0.0);
        }
        $inverse = new Inverse($segments, $sights);
        ['faults' => $faults, 'sound' => $sound, 'bad' => $bad] = $inverse->faults();
        $known = array_column($faults, 'k');
        $estimates = $inverse->estimates($known);
        arsort($bad);
        $seen = array_unique(array_merge(...array_map(static fn(Sight $s): array => $s->touches, $sights)));
        sort($seen);

        return new self(
            $circuit->loads,
            $asks,
            array_map(
                static fn(array $f): array => self::line($circuit->pieces, $f['bad'], $inverse->estimates([...$known, $f['k']])),
                $faults,
            ),
            self::besides($circuit->pieces, $bad, $known),
            array_map(static fn(int $k): array => ['unknown' => $circuit->pieces[$k], ...$estimates[$k]], $seen),
            $sound,
        );
    }

    /** Returns what is to be read next; null: all is. */
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
     * Returns what one fault can be, with what each would have then.
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
