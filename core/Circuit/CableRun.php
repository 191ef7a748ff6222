<?php

declare(strict_types=1);

namespace Pebblefell\Circuit;

use Pebblefell\Conductor\Ampacity;
use Pebblefell\Conductor\ConductorChoice;
use Pebblefell\Conductor\Run;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Point;

/**
 * One run of the bank's positive side, or of its returns, cables side by side together: what flows in it, what it carries, what it loses.
 */
final readonly class CableRun
{
    /** Copper under load, °C: its resistance is that much higher than at 20 °C. Assumed: half way up for a 70 °C insulation. */
    public const LOADED_C = 50.0;

    /** More side by side nobody fits. Chosen. */
    private const MOST_BESIDE = 3;

    /** No bound: it is asked what carries, not what loses. */
    private const ANY_DROP_PCT = 99.0;

    /** So short that nothing is lost. */
    private const ANY_LENGTH_M = 0.001;

    /**
     * @param non-empty-list<Conductor> $conductors side by side
     * @param Figure                    $lasting    A for an hour and more
     * @param Figure                    $worst      A of the worst moment
     * @param bool                      $gauges     what it wants is named by gauge, not in mm²
     */
    public function __construct(
        public array $conductors,
        public Point $near,
        public Point $far,
        public Figure $lasting,
        public Figure $worst,
        public float $systemV,
        public bool $gauges,
    ) {
    }

    /** A that it must carry: of the hour, or of the worst moment. */
    public function current(): Figure
    {
        return $this->worst->value > $this->lasting->value ? $this->worst : $this->lasting;
    }

    /** mm² of all together; null while one is not measured. */
    public function areaMm2(): ?float
    {
        $areas = array_map(static fn(Conductor $c): ?float => $c->sizeMm2, $this->conductors);

        return in_array(null, $areas, true) ? null : array_sum($areas);
    }

    /** m one way, of the longest; null while one is not measured. */
    public function lengthM(): ?float
    {
        $lengths = array_map(static fn(Conductor $c): ?float => $c->lengthM, $this->conductors);

        return in_array(null, $lengths, true) ? null : max([0.0, ...$lengths]);
    }

    /** A that it carries: by the insulation that is noted, else at the hottest class there is; null while a size is not measured. */
    public function carriesA(): ?float
    {
        $each = array_map(Carries::most(...), $this->conductors);

        return in_array(null, $each, true) ? null : array_sum($each);
    }

    /**
     * mm² that carry what flows in it, and the fuse before it, whatever they lose: the length is not asked.
     *
     * @param ?float $fuseA that protects it; null: none is known
     *
     * @return ?float null: none does
     */
    public function carriesFromMm2(?float $fuseA = null): ?float
    {
        return $this->eachMm2(self::ANY_DROP_PCT, $fuseA, 1, self::ANY_LENGTH_M);
    }

    /** Its size is known and carries less than flows in it. */
    public function isTooThin(): bool
    {
        $carries = $this->carriesA();

        return $carries !== null && $carries < $this->current()->value;
    }

    /** Size and length are noted. */
    public function isMeasured(): bool
    {
        return $this->areaMm2() !== null && $this->lengthM() !== null;
    }

    /** V lost out and back at its current; null while size or length is not measured. */
    public function dropV(): ?float
    {
        [$area, $length] = [$this->areaMm2(), $this->lengthM()];

        return $area === null || $length === null || $length <= 0.0
            ? null
            : Run::of(ConductorSize::ofArea($area), $length)->dropV($this->current()->value, self::LOADED_C);
    }

    public function drop(): ?Figure
    {
        $drop = $this->dropV();

        return $drop === null ? null : new Figure('drop-in-the-run', $drop, 'V', 'drop-in-the-run', [
            $this->current(),
            Figure::given('length-one-way', $this->lengthM() ?? 0.0, 'm'),
            Figure::given('size', $this->areaMm2() ?? 0.0, 'mm²'),
            Figure::given('copper-at', self::LOADED_C, '°C', Origin::Assumed),
        ], 'joule');
    }

    /**
     * The standard size that carries its current, and the fuse before it, and loses no more than a share of the system's volts.
     *
     * @param ?float $fuseA that protects it; null: none is known
     *
     * @return ?float mm²; null while the length is not measured, or where none does
     */
    public function wantsMm2(float $maxDropPct, ?float $fuseA): ?float
    {
        return $this->eachMm2($maxDropPct, $fuseA, 1, $this->lengthM());
    }

    /**
     * As few conductors side by side, of one size, as do it; so thin that a terminal takes them.
     *
     * @param float $mostMm2 that the terminals at its ends take
     *
     * @return ?array{count: int, mm2: float} null while the length is not measured, or where not even three do
     */
    public function wants(float $maxDropPct, ?float $fuseA, float $mostMm2 = INF): ?array
    {
        for ($count = 1; $count <= self::MOST_BESIDE; ++$count) {
            $mm2 = $this->eachMm2($maxDropPct, $fuseA, $count, $this->lengthM());
            if ($mm2 !== null && $mm2 <= $mostMm2) {
                return ['count' => $count, 'mm2' => $mm2];
            }
        }

        return null;
    }

    /** mm² of each of so many side by side: current and drop are shared evenly, being of one length. */
    private function eachMm2(float $maxDropPct, ?float $fuseA, int $count, ?float $length): ?float
    {
        if ($length === null || $length <= 0.0 || $this->current()->value <= 0.0) {
            return null;
        }
        $class = Ampacity::classOf(min(array_map(static fn(Conductor $c): float => $c->insulationC ?? 90.0, $this->conductors)));
        $size = fn(float $amps, float $drop): float => ConductorChoice::of(
            $amps / $count,
            $length,
            $this->systemV,
            $drop,
            $class,
            max([Ampacity::TABLE_C, ...array_map(static fn(Conductor $c): float => (float) $c->ambientC, $this->conductors)]),
            max([1, ...array_map(static fn(Conductor $c): int => (int) $c->grouped, $this->conductors)]),
            self::LOADED_C,
            $this->gauges,
        )->run->size->areaMm2;
        try {
            // What the fuse lets through must not burn it, whatever is lost then.
            return max($size($this->current()->value, $maxDropPct), $fuseA === null ? 0.0 : $size($fuseA, self::ANY_DROP_PCT));
        } catch (InvalidValue) {
            return null;
        }
    }
}
