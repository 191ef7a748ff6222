<?php

declare(strict_types=1);

namespace Pebblefell\Load;

use Pebblefell\Quantity\DayHours;
use Pebblefell\Quantity\Guard;

/** Something that uses energy, with when it does. */
final readonly class Appliance
{
    private function __construct(
        public string $name,
        public float $watts,
        public DayHours $hours,
        public LoadSide $side,
        public float $quantity,
        public float $dutyPct,
        public float $standbyW,
        public ?float $surgeW,
        public Does $does,
    ) {
    }

    /**
     * @param float  $watts    of one, running
     * @param float $quantity how many, at least one
     * @param float  $dutyPct  share of its hours that it really runs, 0 to 100
     * @param float  $standbyW of one, in every hour that it is not on
     * @param ?float $surgeW   of one at the start
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(
        string $name,
        float $watts,
        DayHours $hours,
        LoadSide $side = LoadSide::Dc,
        float $quantity = 1.0,
        float $dutyPct = 100.0,
        float $standbyW = 0.0,
        ?float $surgeW = null,
        Does $does = Does::Other,
    ): self {
        return new self(
            $name,
            Guard::notNegative($watts, '/watts'),
            $hours,
            $side,
            Guard::positive($quantity, '/quantity'),
            Guard::between($dutyPct, 0.0, 100.0, '/duty_pct'),
            Guard::notNegative($standbyW, '/standby_w'),
            $surgeW === null ? null : Guard::notNegative($surgeW, '/surge_w'),
            $does,
        );
    }

    /** Its name, and how many: "Laptop ×2". */
    public function called(): string
    {
        return $this->name . ($this->quantity > 1.0 ? ' ×' . (int) $this->quantity : '');
    }

    /** Watts of all of them at an hour, duty ignored: what the cable and the inverter must stand. */
    public function peakWattsAt(float $hour): float
    {
        return $this->quantity * ($this->hours->contains($hour) ? $this->watts : $this->standbyW);
    }

    /** Mean watts of all of them at an hour, by duty: what the battery loses. */
    public function meanWattsAt(float $hour): float
    {
        return $this->quantity * ($this->hours->contains($hour) ? $this->watts * $this->dutyPct / 100 : $this->standbyW);
    }

    /**
     * Wh a day at its own terminals: [running, standing by].
     *
     * @return array{float, float}
     */
    public function energyWh(): array
    {
        $onH = $this->hours->totalH();

        return [
            $this->quantity * $this->watts * $this->dutyPct / 100 * $onH,
            $this->quantity * $this->standbyW * (24.0 - $onH),
        ];
    }
}
