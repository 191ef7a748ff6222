<?php

declare(strict_types=1);

namespace Pebblefell\Conductor;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Quantity\Guard;

/** The smallest standard size that carries a current and loses no more than it may. */
final readonly class ConductorChoice
{
    private function __construct(
        public string $designation,
        public Run $run,
        public float $currentA,
        public float $systemV,
        public float $conductorC,
        public float $ampacityA,
        public bool $byDrop,
    ) {
    }

    /**
     * @param float $maxDropPct of the system's volts, out and back
     * @param int   $grouped    loaded conductors in the bundle
     * @param float $conductorC at which its resistance is reckoned
     *
     * @throws InvalidValue at the key that asks too much
     */
    public static function of(
        float $currentA,
        float $lengthM,
        float $systemV,
        float $maxDropPct,
        int $insulationC,
        float $ambientC = 30.0,
        int $grouped = 1,
        float $conductorC = 20.0,
        bool $gauges = false,
    ): self {
        Guard::positive($currentA, '/current_a');
        $dropV = Guard::positive($systemV, '/system_v') * Guard::positive($maxDropPct, '/max_drop_pct') / 100.0;
        $carried = false;
        foreach (Ampacity::sizes($gauges) as $designation => $areaMm2) {
            $ampacity = Ampacity::of($designation, $insulationC, $ambientC, $grouped);
            if ($ampacity < $currentA) {
                continue;
            }
            $run = Run::of(ConductorSize::ofArea($areaMm2), $lengthM);
            if ($run->dropV($currentA, $conductorC) <= $dropV) {
                return new self($designation, $run, $currentA, $systemV, $conductorC, $ampacity, $carried);
            }
            $carried = true;
        }
        throw $carried
            ? InvalidValue::at('/max_drop_pct', 'drop-too-small')
            : InvalidValue::at('/current_a', 'no-size-carries');
    }

    public function dropV(): float
    {
        return $this->run->dropV($this->currentA, $this->conductorC);
    }

    public function dropPct(): float
    {
        return 100.0 * $this->dropV() / $this->systemV;
    }
}
