<?php

declare(strict_types=1);

namespace Pebblefell\Joint;

use Pebblefell\Conductor\Run;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;

/** One piece of a way of current: a lead with its two lugs, or a fuse, a switch. */
final readonly class Segment
{
    /** A lug, its bolt and the two faces, Ω: two to every lead. Common practice: 0.05 to 0.1 mΩ when it is well made. */
    public const LUG_OHM = 0.0001;

    /** Sound leads differ by so much of what they should have: length, strands, warmth. Assumed. */
    private const SPREAD = 0.15;

    /**
     * Holds what is lost at its rating in a fuse, a switch or breaker, a shunt, V. Common practice: 80 mV, 50 mV; shunts are made for 50
     * mV.
     */
    private const FUSE_V = 0.08;
    private const SWITCH_V = 0.05;

    /** A lead that nobody measured, Ω. Assumed: about a metre of 35 mm². */
    private const UNKNOWN_OHM = 0.0007;

    private function __construct(public string $id, public float $ohm, public float $spreadOhm, public float $odds)
    {
    }

    /**
     * A lead with its two lugs.
     *
     * @param ?Run $run out and back as it is measured; null: nobody has
     */
    public static function lead(string $id, ?Run $run, float $conductorC = 20.0): self
    {
        $ohm = $run === null ? self::UNKNOWN_OHM : $run->resistanceOhm($conductorC) / 2.0;

        return self::of($id, $ohm + 2.0 * self::LUG_OHM, ($run === null ? 1.0 : self::SPREAD) * $ohm + 2.0 * self::LUG_OHM, 2.0);
    }

    /** A lead whose Ω are known with its lugs already: a link of a bank. */
    public static function joint(string $id, float $ohm): self
    {
        return self::of($id, $ohm, self::SPREAD * $ohm + 2.0 * self::LUG_OHM, 2.0);
    }

    /** A fuse with its holder. */
    public static function fuse(string $id, float $ratingA): self
    {
        return self::of($id, self::FUSE_V / $ratingA, 0.5 * self::FUSE_V / $ratingA, 1.5);
    }

    /** A switch, a breaker, a shunt. */
    public static function switched(string $id, float $ratingA): self
    {
        return self::of($id, self::SWITCH_V / $ratingA, 0.5 * self::SWITCH_V / $ratingA);
    }

    /**
     * @param float $ohm       what it should have, Ω
     * @param float $spreadOhm one standard deviation of it among sound ones, Ω
     * @param float $odds      how readily it goes bad, against others of the way
     *
     * @throws InvalidValue
     */
    public static function of(string $id, float $ohm, float $spreadOhm, float $odds = 1.0): self
    {
        Guard::positive($spreadOhm, '/spread_ohm');
        Guard::positive($odds, '/odds');

        return new self($id, max(0.0, $ohm), $spreadOhm, $odds);
    }
}
