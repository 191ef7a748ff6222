<?php

declare(strict_types=1);

namespace Pebblefell\Conductor;

/**
 * How long a fuse of a family, or a breaker, takes to open, as a band between the quickest and the slowest that its standard lets through.
 *
 * Gates of ISO 8820-3 (blade), ISO 8820-5 (SF30, SF51), UL 248-15 (class T), IEC 60269-6 (gPV); strip and terminal fuses as usual in the
 * trade: 110 % holds, 135 % opens within 30 minutes, 200 % within 60 s; class T within 10 ms at ten times. From memory. Between the gates
 * straight on logarithmic scales; beyond the last the heat that melts the element is the same: time falls with the square of the current.
 */
final readonly class TimeCurrent
{
    /** Multiple of the rating that every fuse holds. UL 248, ISO 8820 (from memory). */
    public const HOLDS = 1.1;

    /** s that it holds so much at least. ISO 8820-5 (from memory): 4 h. */
    private const HOLDS_S = 14_400.0;

    /** Multiple of the rating, s at least, s at most. */
    private const GATES = [
        'blade' => [[1.35, 0.75, 600.0], [1.6, 0.25, 50.0], [2.0, 0.15, 5.0], [3.5, 0.08, 0.5], [6.0, 0.03, 0.1]],
        'sf30' => [[1.35, 60.0, 1800.0], [2.0, 2.0, 60.0], [3.5, 0.2, 7.0], [6.0, 0.04, 1.0]],
        'sf51' => [[1.35, 60.0, 1800.0], [2.0, 2.0, 60.0], [3.5, 0.3, 7.0], [6.0, 0.1, 1.0]],
        'strip' => [[1.35, 60.0, 1800.0], [2.0, 2.0, 60.0], [3.5, 0.3, 7.0], [6.0, 0.1, 1.0]],
        'terminal' => [[1.35, 60.0, 1800.0], [2.0, 2.0, 60.0], [3.5, 0.3, 5.0], [6.0, 0.1, 1.0]],
        'class_t' => [[1.35, 100.0, 1800.0], [2.0, 10.0, 60.0], [5.0, 0.05, 0.5], [10.0, 0.002, 0.01]],
        'gpv' => [[1.45, 60.0, 3600.0], [2.0, 10.0, 200.0], [5.0, 0.1, 2.0], [10.0, 0.01, 0.1]],
    ];

    /** Currents that are looked at, and how often the first clash is halved. Chosen: to a thousandth. */
    private const STEPS = 400;
    private const HALVINGS = 12;

    /**
     * @param non-empty-list<array{float, float, float}> $gates multiple of the rating, s at least, s at most
     * @param float                                      $holds multiple of the rating that holds
     * @param float                                      $power with which the time falls beyond the last gate
     */
    private function __construct(private array $gates, public float $ratingA, private float $holds, private float $power)
    {
    }

    public static function of(FuseFamily $family, float $ratingA): self
    {
        return new self(self::GATES[$family->value], $ratingA, self::HOLDS, 2.0);
    }

    /** A magnet takes the same time whatever the current. */
    public static function ofBreaker(BreakerCurve $curve, float $ratingA): self
    {
        return new self($curve->gates(), $ratingA, $curve->holds(), $curve === BreakerCurve::Thermal ? 2.0 : 0.0);
    }

    /** A from which it may open at all. */
    public function fromA(): float
    {
        return $this->holds * $this->ratingA;
    }

    /** A from which it certainly opens. */
    public function opensFromA(): float
    {
        return $this->gates[0][0] * $this->ratingA;
    }

    /** s after which it may have opened, at the earliest; INF where it holds. */
    public function earliestS(float $amps): float
    {
        return $amps <= $this->fromA() ? INF : $this->at($amps, 1);
    }

    /** s after which it has opened, at the latest; INF where it may hold. */
    public function latestS(float $amps): float
    {
        return $amps < $this->opensFromA() ? INF : $this->at($amps, 2);
    }

    /**
     * A from which both of two fuses in a line may open, the one further from the bank last or not alone; null: never, up to what a short
     * drives there.
     *
     * @param self $upstream towards the bank
     */
    public function clashesFromA(self $upstream, float $shortA): ?float
    {
        $clash = fn(float $amps): bool => $upstream->earliestS($amps) <= $this->latestS($amps) && $upstream->earliestS($amps) < INF;
        $low = min($this->fromA(), $upstream->fromA());
        if ($shortA <= $low) {
            return null;
        }
        $before = $low;
        for ($k = 0; $k <= self::STEPS; ++$k) {
            $amps = $low * ($shortA / $low) ** ($k / self::STEPS);
            if ($clash($amps)) {
                for ($n = 0; $n < self::HALVINGS; ++$n) {
                    $middle = sqrt($before * $amps);
                    $clash($middle) ? $amps = $middle : $before = $middle;
                }

                return $amps;
            }
            $before = $amps;
        }

        return null;
    }

    /**
     * The band's corners from the first gate up to so many amps: A, s at least, s at most.
     *
     * @return list<array{float, float, float}>
     */
    public function corners(float $toA): array
    {
        $corners = array_map(fn(array $g): array => [$g[0] * $this->ratingA, $g[1], $g[2]], $this->gates);
        $inside = array_values(array_filter($corners, static fn(array $c): bool => $c[0] < $toA));

        return $toA <= $corners[0][0] ? [] : [...$inside, [$toA, $this->at($toA, 1), $this->at($toA, 2)]];
    }

    /**
     * @param int $edge 1: the quickest, 2: the slowest
     */
    private function at(float $amps, int $edge): float
    {
        $gates = [...($edge === 1 ? [[$this->holds, self::HOLDS_S]] : []), ...$this->gates];
        $multiple = $amps / $this->ratingA;
        $last = $gates[count($gates) - 1];
        if ($multiple >= $last[0]) {
            return $last[$edge] * ($last[0] / $multiple) ** $this->power;
        }
        for ($k = 1; $k < count($gates); ++$k) {
            if ($multiple <= $gates[$k][0]) {
                [$a, $b] = [$gates[$k - 1], $gates[$k]];
                $share = log($multiple / $a[0]) / log($b[0] / $a[0]);

                return $a[$edge] * ($b[$edge] / $a[$edge]) ** $share;
            }
        }

        return $last[$edge];
    }
}
