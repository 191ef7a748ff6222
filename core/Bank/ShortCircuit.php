<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Conductor\Run;

/** Computes what a bank drives into a bolted short: Thévenin's theorem on its network. */
final readonly class ShortCircuit
{
    private function __construct(public float $openV, public float $bankOhm)
    {
    }

    /** The network is linear: two loads give its open volts and its resistance. */
    public static function of(Network $network): self
    {
        [$open, $loaded] = [$network->share(0.0)->bankV, $network->share(1.0)->bankV];

        return new self($open, max(0.0, $open - $loaded));
    }

    /**
     * A at the end of a path.
     *
     * @param list<Run> $path copper out and back, from the take-off on
     */
    public function currentA(array $path = []): float
    {
        return $this->openV / ($this->bankOhm + array_sum(array_map(static fn(Run $r): float => $r->resistanceOhm(), $path)));
    }
}
