<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

/** Computes what each battery of a bank carries at one load. */
final readonly class Share
{
    /**
     * @param float $loadA positive: discharge
     * @param float       $bankV   between the take-offs
     * @param list<float> $amps    out of each battery; below 0 it is charged
     * @param list<float> $resting the same at no load: what flows between them
     * @param list<float> $slope   share of the load that each battery takes, 0 to 1
     * @param list<float> $linkA   in each link, from → to
     */
    public function __construct(
        private Network $network,
        public float $loadA,
        public float $bankV,
        public array $amps,
        private array $resting,
        public array $slope,
        public array $linkA,
    ) {
    }

    /**
     * @return list<?float> % of the load; null at no load
     */
    public function percent(): array
    {
        return array_map(fn(float $a): ?float => $this->loadA === 0.0 ? null : 100.0 * $a / $this->loadA, $this->amps);
    }

    /** Largest less smallest current over their mean, %; null where nothing flows on the whole. */
    public function spreadPct(): ?float
    {
        $mean = array_sum($this->amps) / count($this->amps);

        return abs($mean) < 1e-12 ? null : 100.0 * (max([-INF, ...$this->amps]) - min([INF, ...$this->amps])) / abs($mean);
    }

    /**
     * The largest whole current before the first battery's limit, and which battery that is.
     *
     * @return ?array{float, string} A above 0; null: no limit is known
     */
    public function most(bool $discharging): ?array
    {
        $best = null;
        foreach ($this->network->sources as $i => $source) {
            $limit = $discharging ? $source->dischargeLimitA : $source->chargeLimitA;
            if ($limit === null || $this->slope[$i] <= 1e-12) {
                continue;
            }
            $whole = max(0.0, ($discharging ? $limit - $this->resting[$i] : $limit + $this->resting[$i]) / $this->slope[$i]);
            if ($best === null || $whole < $best[0]) {
                $best = [$whole, $source->id];
            }
        }

        return $best;
    }

    /** Heat in all links, W. */
    public function heatW(): float
    {
        return array_sum($this->linkW());
    }

    /** V that the links lose between batteries and take-offs, by their heat; null at no load. */
    public function lostV(): ?float
    {
        return $this->loadA === 0.0 ? null : abs($this->heatW() / $this->loadA);
    }

    /**
     * Heat in each link, W.
     *
     * @return list<float>
     */
    public function linkW(): array
    {
        return array_map(fn(float $a, Link $l): float => $a * $a * $l->ohm, $this->linkA, $this->network->links);
    }
}
