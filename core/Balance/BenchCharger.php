<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

use Pebblefell\Trip\Noise;

/** Names what charges on the simulated bench: a mains charger with its steady current, or a solar regulator under passing clouds. */
enum BenchCharger: string
{
    case Mains = 'mains';
    case Solar = 'solar';

    /** Sunrise and sunset of the bench, h of its clock. Chosen: an equinox day. */
    private const RISE_H = 6.0;
    private const SET_H = 18.0;

    /** One cloud lasts so long, s, and lets no less than so much through. Chosen. */
    private const CLOUD_S = 600.0;
    private const THROUGH = 0.2;

    /**
     * A that it could give now.
     *
     * @param float $ratedA of the charger
     * @param float $atS second of the bench's clock, from midnight UTC of any day
     */
    public function offersA(float $ratedA, float $atS, int $seed): float
    {
        if ($this === self::Mains) {
            return $ratedA;
        }
        $hour = fmod($atS / 3600.0, 24.0);
        $sun = $hour <= self::RISE_H || $hour >= self::SET_H ? 0.0 : sin(M_PI * ($hour - self::RISE_H) / (self::SET_H - self::RISE_H));
        $noise = Noise::of($seed + 31 * (int) floor($atS / self::CLOUD_S));
        // The first number of a row is too like the seed's neighbours.
        $noise->uniform();
        $cloud = $noise->uniform();

        return $ratedA * $sun * ($cloud < 0.5 ? 1.0 : self::THROUGH + (1.0 - self::THROUGH) * 2.0 * (1.0 - $cloud));
    }
}
