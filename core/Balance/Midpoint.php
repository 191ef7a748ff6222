<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;

/**
 * The blocks of one series string, read one after the other at the same moment: which stands apart, and what that says.
 *
 * All carry one current, so that blocks of one sort read alike. At rest a difference is charge; under load the lower one, under charge the
 * higher one, is weak or worn, or its joint is bad.
 */
final readonly class Midpoint
{
    /** V per 12 V that rested blocks may lie apart from the string's mean. Common practice: 0.1 V LFP, 0.15 V lead. */
    private const REST_LFP = 0.1;
    private const REST_LEAD = 0.15;

    /** Share of a block's volts that one may lie apart from the mean while current flows, %. Common practice: 1 to 2 %. */
    private const FLOWING_PCT = 2.0;

    /** Less than this share of the capacity an hour is rest. Chosen. */
    private const STILL_SHARE = 0.02;

    public const EVEN = 'even';
    public const REST_LOW = 'rest-low';
    public const REST_HIGH = 'rest-high';
    public const CHARGE_HIGH = 'charge-high';
    public const CHARGE_LOW = 'charge-low';
    public const LOAD_LOW = 'load-low';
    public const LOAD_HIGH = 'load-high';

    /**
     * @param int    $block   that stands furthest apart, from 0
     * @param float  $apartV  of it from the mean of the string, with its sign
     * @param float  $limitV  that it may
     * @param string $verdict one of the above
     */
    private function __construct(
        public float $stringV,
        public float $meanV,
        public int $block,
        public float $apartV,
        public float $limitV,
        public string $verdict,
    ) {
    }

    /**
     * @param list<float> $volts      of each block, in order from the negative end
     * @param float       $amps       positive is discharge
     * @param float       $capacityAh of the string
     *
     * @throws InvalidValue at /volts for fewer than two
     */
    public static function of(array $volts, float $amps, Chemistry $chemistry, float $capacityAh): self
    {
        if (count($volts) < 2) {
            throw InvalidValue::at('/volts', 'two-blocks');
        }
        foreach ($volts as $i => $v) {
            Guard::positive($v, "/volts/$i");
        }
        $mean = array_sum($volts) / count($volts);
        $still = abs($amps) < self::STILL_SHARE * Guard::positive($capacityAh, '/capacity_ah');
        // Of two that stand as far apart the one is named that gives out first: under charge the higher, else the lower.
        $weight = static fn(float $v): float => abs($v - $mean) + 1e-6 * ($amps < 0.0 && !$still ? $v - $mean : $mean - $v);
        $block = 0;
        foreach ($volts as $i => $v) {
            $block = $weight($v) > $weight($volts[$block]) ? $i : $block;
        }
        $apart = $volts[$block] - $mean;
        $limit = $still
            ? ($chemistry->isLithium() ? self::REST_LFP : self::REST_LEAD) * $mean / 12.0
            : self::FLOWING_PCT / 100.0 * $mean;

        return new self(array_sum($volts), $mean, $block, $apart, $limit, match (true) {
            abs($apart) <= $limit => self::EVEN,
            $still => $apart < 0.0 ? self::REST_LOW : self::REST_HIGH,
            $amps < 0.0 => $apart > 0.0 ? self::CHARGE_HIGH : self::CHARGE_LOW,
            default => $apart < 0.0 ? self::LOAD_LOW : self::LOAD_HIGH,
        });
    }
}
