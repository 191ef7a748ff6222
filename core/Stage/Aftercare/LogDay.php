<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Aftercare;

/** Tells what a monitor's log says of one day. Null: it logs nothing of that. */
final readonly class LogDay
{
    /**
     * @param string $day   Y-m-d, local
     * @param float  $hours of it that were logged
     * @param float  $topH  h at the top of the charge
     * @param ?float $restV lowest volts while hardly anything flowed and the monitor showed LogJudge::SHRUNK_FROM_PCT or more
     */
    public function __construct(
        public string $day,
        public float $hours,
        public ?float $inWh,
        public ?float $outWh,
        public ?float $sunWh,
        public ?float $lowPct,
        public ?float $highPct,
        public float $topH,
        public ?float $nightW,
        public ?float $restV = null,
    ) {
    }

    /**
     * @param array<string, mixed> $a
     */
    public static function fromArray(array $a): self
    {
        $number = static fn(string $key): ?float => isset($a[$key]) ? (float) $a[$key] : null;

        return new self(
            (string) $a['day'],
            (float) $a['hours'],
            $number('in_wh'),
            $number('out_wh'),
            $number('sun_wh'),
            $number('low_pct'),
            $number('high_pct'),
            (float) ($a['top_h'] ?? 0.0),
            $number('night_w'),
            $number('rest_v'),
        );
    }

    /** Wh that loads took: the sun feeds them before the battery does. Null where the sun was not logged. */
    public function usedWh(): ?float
    {
        return $this->sunWh === null || $this->inWh === null || $this->outWh === null ? null : $this->outWh - $this->inWh + $this->sunWh;
    }

    public function month(): int
    {
        return (int) substr($this->day, 5, 2);
    }
}
