<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

/**
 * The two wells of a lead-acid battery: one gives at once, the other refills it slowly. It explains both why a large current gets
 * less out, and why a rested battery comes back.
 *
 * c is the share of the first well, k′ the rate between them. Both are fitted to the battery's own Peukert curve at 1, 2, 5 and
 * 10 hours against 20. Reference: Manwell & McGowan 1993, equations of the kinetic battery model (from memory).
 */
final readonly class Kinetic
{
    private const FIT_HOURS = [1.0, 2.0, 5.0, 10.0];

    private function __construct(public float $c, public float $kPerH)
    {
    }

    /**
     * @param float $exponent Peukert, 1 to 2
     */
    public static function fittedTo(float $exponent): self
    {
        // A coarse look over the plane, then twice a finer one about the best.
        [$best, $c, $logK] = [INF, 0.5, 0.0];
        [$cStep, $kStep] = [0.06, 0.3];
        [$cFrom, $cTo, $kFrom, $kTo] = [0.06, 0.96, -3.0, 3.0];
        for ($pass = 0; $pass < 3; ++$pass) {
            for ($x = $cFrom; $x <= $cTo; $x += $cStep) {
                for ($y = $kFrom; $y <= $kTo; $y += $kStep) {
                    $error = self::error($x, exp($y), $exponent);
                    if ($error < $best) {
                        [$best, $c, $logK] = [$error, $x, $y];
                    }
                }
            }
            [$cFrom, $cTo, $kFrom, $kTo] = [max(0.02, $c - $cStep), min(0.99, $c + $cStep), $logK - $kStep, $logK + $kStep];
            [$cStep, $kStep] = [$cStep / 5, $kStep / 5];
        }

        return new self($c, exp($logK));
    }

    /** Share of all the charge that a steady current gets out when it empties the battery in $hours. */
    public function share(float $hours): float
    {
        return self::shareFor($this->c, $this->kPerH, $hours);
    }

    private static function shareFor(float $c, float $k, float $hours): float
    {
        $e = exp(-$k * $hours);

        return $k * $c * $hours / (1.0 - $e + $c * ($k * $hours - 1.0 + $e));
    }

    private static function error(float $c, float $k, float $exponent): float
    {
        $full = self::shareFor($c, $k, 20.0);
        $sum = 0.0;
        foreach (self::FIT_HOURS as $hours) {
            $sum += (self::shareFor($c, $k, $hours) / $full - ($hours / 20.0) ** (1.0 - 1.0 / $exponent)) ** 2;
        }

        return $sum;
    }
}
