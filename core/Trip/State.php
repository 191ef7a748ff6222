<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

/** Where a simulation stands between two days, and what it has noted so far. Lives inside Trip only. */
final class State
{
    public float $hour = 0.0;

    public bool $heating = false;

    public bool $blocked = false;

    public bool $cutOff = false;

    /** @var list<DaySum> */
    public array $days = [];

    /** @var list<float> */
    private array $celsiusNoted = [];

    /** @var list<float> */
    private array $voltsNoted = [];

    public ?float $emptyAtH = null;

    /** @var array{float, float, float, float, float, float} */
    private array $lost = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0];

    /**
     * @param list<float> $socNoted
     */
    private function __construct(public float $q1, public float $q2, public float $celsius, public float $volts, private array $socNoted)
    {
    }

    public static function at(Store $store, Pace $pace, float $socPct, float $celsius): self
    {
        $q = $store->capacityAh * $socPct / 100.0;

        return new self($pace->c * $q, (1.0 - $pace->c) * $q, $celsius, $pace->rest[(int) round($socPct * 10)], [$socPct]);
    }

    public function note(float $socPct, float $celsius, float $volts): void
    {
        $this->socNoted[] = $socPct;
        $this->celsiusNoted[] = $celsius;
        $this->voltsNoted[] = $volts;
    }

    /** The first time that something was not served. */
    public function empty(float $atH): void
    {
        $this->emptyAtH ??= $atH;
    }

    public function lost(
        float $storedWh,
        float $resistanceWh,
        float $chargeLossWh,
        float $wellWh,
        float $inverterWh,
        float $acDirectWh,
    ): void {
        $this->lost[0] += $storedWh;
        $this->lost[1] += $resistanceWh;
        $this->lost[2] += $chargeLossWh;
        $this->lost[3] += $wellWh;
        $this->lost[4] += $inverterWh;
        $this->lost[5] += $acDirectWh;
    }

    public function outcome(float $stepH): Outcome
    {
        return new Outcome($stepH, $this->socNoted, $this->celsiusNoted, $this->voltsNoted, $this->days, $this->emptyAtH, ...$this->lost);
    }
}
