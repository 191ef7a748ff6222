<?php

declare(strict_types=1);

namespace Pebblefell\Load;

use Pebblefell\Quantity\Guard;

/**
 * Which AC loads run at the same time on one inverter: every combination that fits and to which nothing can be added, and every
 * pair that does not.
 *
 * The limit is the smaller of what the inverter gives continuously and what the bank's current allows behind it. A combination also
 * fits only if the last of it can start: its surge on top of the others.
 */
final readonly class Together
{
    /** More loads than this give more combinations than anyone reads; the largest are looked at. Chosen. */
    private const MOST = 14;

    /**
     * @param list<list<Appliance>>              $largest combinations that fit and are not part of a larger one, most watts first
     * @param list<array{Appliance, Appliance}>  $never   pairs that do not fit together
     * @param list<Appliance>                    $alone   loads that do not even fit alone
     */
    private function __construct(public float $limitW, public array $largest, public array $never, public array $alone)
    {
    }

    /**
     * @param list<Appliance> $appliances    AC loads; others are passed over
     * @param float           $continuousW   of the inverter
     * @param ?float          $surgeW        of the inverter; null: not known, starts are not judged
     * @param ?float          $bankA         what the bank gives, if known
     * @param float           $bankV         volts of the bank under load
     * @param float           $efficiencyPct of the inverter
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(
        array $appliances,
        float $continuousW,
        ?float $surgeW = null,
        ?float $bankA = null,
        float $bankV = 12.0,
        float $efficiencyPct = 90.0,
    ): self {
        Guard::positive($continuousW, '/continuous_w');
        $limit = min($continuousW, $bankA === null ? INF : $bankA * $bankV * $efficiencyPct / 100);
        $loads = array_values(array_filter($appliances, static fn(Appliance $a): bool => $a->side === LoadSide::Ac && $a->watts > 0.0));
        usort($loads, static fn(Appliance $a, Appliance $b): int => $b->watts * $b->quantity <=> $a->watts * $a->quantity);
        $alone = array_values(array_filter($loads, static fn(Appliance $a): bool => !self::fits([$a], $limit, $surgeW)));
        $loads = array_slice(
            array_values(array_filter($loads, static fn(Appliance $a): bool => self::fits([$a], $limit, $surgeW))),
            0,
            self::MOST,
        );

        $never = [];
        foreach ($loads as $i => $one) {
            foreach (array_slice($loads, $i + 1) as $other) {
                if (!self::fits([$one, $other], $limit, $surgeW)) {
                    $never[] = [$one, $other];
                }
            }
        }

        return new self($limit, self::maximal($loads, $limit, $surgeW), $never, $alone);
    }

    /** Returns what is left of the limit when these run, W. */
    public function roomBeside(Appliance ...$running): float
    {
        return $this->limitW - self::watts(array_values($running));
    }

    /**
     * @param list<Appliance> $loads
     *
     * @return list<list<Appliance>>
     */
    private static function maximal(array $loads, float $limitW, ?float $surgeW): array
    {
        $count = count($loads);
        $fitting = [];
        for ($bits = 1; $bits < 1 << $count; ++$bits) {
            $set = self::chosen($loads, $bits);
            if (self::fits($set, $limitW, $surgeW)) {
                $fitting[$bits] = $set;
            }
        }
        $maximal = array_filter($fitting, static function (int $bits) use ($fitting, $count): bool {
            for ($i = 0; $i < $count; ++$i) {
                if (($bits & 1 << $i) === 0 && isset($fitting[$bits | 1 << $i])) {
                    return false;
                }
            }

            return true;
        }, ARRAY_FILTER_USE_KEY);
        usort($maximal, static fn(array $a, array $b): int => self::watts($b) <=> self::watts($a));

        return $maximal;
    }

    /**
     * @param list<Appliance> $loads
     *
     * @return list<Appliance>
     */
    private static function chosen(array $loads, int $bits): array
    {
        return array_values(array_filter($loads, static fn(int $i): bool => ($bits & 1 << $i) !== 0, ARRAY_FILTER_USE_KEY));
    }

    /** @param array<Appliance> $set */
    private static function fits(array $set, float $limitW, ?float $surgeW): bool
    {
        $running = self::watts($set);
        if ($running > $limitW + 1e-9) {
            return false;
        }
        foreach ($surgeW === null ? [] : $set as $starting) {
            if ($starting->surgeW !== null && $running - $starting->watts + $starting->surgeW > $surgeW + 1e-9) {
                return false;
            }
        }

        return true;
    }

    /** @param array<Appliance> $set */
    private static function watts(array $set): float
    {
        return array_sum(array_map(static fn(Appliance $a): float => $a->watts * $a->quantity, $set));
    }
}
