<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

use Pebblefell\Bank\Levelling;
use Pebblefell\Exception\InvalidValue;

/**
 * Computes what flows at the moment at which batteries are joined at one bar, and what follows.
 *
 * The bar stands where the currents sum to nothing: each battery's volts against it, over its resistance and its two leads; first
 * principles.
 */
final class Rush
{
    /** Where nothing tells a charge, it is taken as, %. Chosen: the middle. */
    private const UNTOLD_PCT = 50.0;

    /** So little between two counts as even, A. Chosen. */
    private const EVEN_A = 0.5;

    private ?Levelling $levelling = null;

    private bool $isLevelled = false;

    /**
     * @param list<Candidate> $candidates
     * @param array<string, float> $amps out of each, by id
     * @param list<array{float, float}> $charges %, and by how much it may be off, in their order
     */
    private function __construct(
        private readonly array $candidates,
        private readonly float $linkOhm,
        public readonly array $amps,
        public readonly array $charges,
    ) {
    }

    /**
     * @param list<Candidate> $candidates all with a reading
     * @param float           $linkOhm    each battery's two leads to the bar
     */
    public static function of(array $candidates, float $linkOhm): self
    {
        $siemens = $weighted = 0.0;
        $charges = $amps = [];
        foreach ($candidates as $c) {
            $ohm = $c->subject->ohm + $linkOhm;
            $siemens += 1.0 / $ohm;
            $weighted += ($c->last()->volts ?? 0.0) / $ohm;
            [$soc, $vague] = Forecast::charge($c->subject, $c->readings);
            $charges[] = [$soc ?? self::UNTOLD_PCT, $vague];
        }
        foreach ($candidates as $c) {
            $amps[$c->subject->id] = (($c->last()->volts ?? 0.0) - $weighted / $siemens) / ($c->subject->ohm + $linkOhm);
        }

        return new self($candidates, $linkOhm, $amps, $charges);
    }

    public function mostA(): float
    {
        return max([0.0, ...array_map(abs(...), $this->amps)]);
    }

    /** How they level once joined; null where it cannot be told. Worked out when it is asked for: it is a course over hours. */
    public function levelling(): ?Levelling
    {
        if (!$this->isLevelled) {
            $this->isLevelled = true;
            $subject = $this->candidates[0]->subject;
            try {
                $this->levelling = Levelling::of($this->rows(), $subject->chemistry, $this->linkOhm, self::EVEN_A, $subject->cells);
            } catch (InvalidValue) {
                // They do not level.
            }
        }

        return $this->levelling;
    }

    /**
     * @return list<array{id: string, capacity_ah: float, r_ohm: float, soc_pct: float}>
     */
    private function rows(): array
    {
        return array_map(static fn(Candidate $c, array $charge): array => [
            'id' => $c->subject->id,
            'capacity_ah' => $c->subject->capacityAh,
            'r_ohm' => $c->subject->ohm,
            'soc_pct' => $charge[0],
        ], $this->candidates, $this->charges);
    }
}
