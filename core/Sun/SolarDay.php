<?php

declare(strict_types=1);

namespace Pebblefell\Sun;

use Pebblefell\Quantity\Guard;

/**
 * One day at one latitude, as the sun sees it from outside the atmosphere.
 *
 * References: FAO Irrigation and Drainage Paper 56 (Allen et al. 1998), equations 21 to 25 and 34.
 */
final readonly class SolarDay
{
    /** Solar constant in MJ/m²/min, FAO-56 equation 21. */
    public const SOLAR_CONSTANT = 0.0820;

    /** Recommended mean day of each month. Klein 1977; Duffie & Beckman table 1.6.1 (from memory). */
    private const MEAN_DAY = [17, 47, 75, 105, 135, 162, 198, 228, 258, 288, 318, 344];

    /** @var float rad, north positive; equation 24 */
    public float $declinationRad;

    /** @var float rad, 0 in polar night to π in midnight sun; equation 25 */
    public float $sunsetAngleRad;

    /** @var float relative distance earth to sun, inverted; equation 23 */
    public float $distanceFactor;

    public float $latitudeRad;

    private function __construct(public float $latitudeDeg, public int $dayOfYear)
    {
        $this->latitudeRad = deg2rad($latitudeDeg);
        $this->declinationRad = 0.409 * sin(2 * M_PI * $dayOfYear / 365 - 1.39);
        $this->distanceFactor = 1 + 0.033 * cos(2 * M_PI * $dayOfYear / 365);
        $this->sunsetAngleRad = acos(max(-1.0, min(1.0, -tan($this->latitudeRad) * tan($this->declinationRad))));
    }

    /**
     * @param float $latitudeDeg −90 to 90, north positive
     * @param int $dayOfYear 1 to 366
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function at(float $latitudeDeg, int $dayOfYear): self
    {
        Guard::between($latitudeDeg, -90.0, 90.0, '/latitude_deg');
        Guard::between($dayOfYear, 1, 366, '/day_of_year');

        return new self($latitudeDeg, $dayOfYear);
    }

    /**
     * The day that stands for a month.
     *
     * @param int $month 1 to 12
     */
    public static function ofMonth(float $latitudeDeg, int $month): self
    {
        Guard::between($month, 1, 12, '/month');

        return self::at($latitudeDeg, self::MEAN_DAY[$month - 1]);
    }

    /** Hours from sunrise to sunset; equation 34. */
    public function lengthH(): float
    {
        return 24 / M_PI * $this->sunsetAngleRad;
    }

    /** Ra, MJ/m² a day on the horizontal outside the atmosphere; equation 21. */
    public function extraterrestrialMj(): float
    {
        $ws = $this->sunsetAngleRad;

        return max(0.0, 24 * 60 / M_PI * self::SOLAR_CONSTANT * $this->distanceFactor * (
            $ws * sin($this->latitudeRad) * sin($this->declinationRad)
            + cos($this->latitudeRad) * cos($this->declinationRad) * sin($ws)
        ));
    }

    /** Cosine of the sun's angle from the zenith at hour angle ω (rad, 0 at solar noon). Duffie & Beckman eq. 1.6.5. */
    public function cosZenith(float $hourAngleRad): float
    {
        return sin($this->latitudeRad) * sin($this->declinationRad)
            + cos($this->latitudeRad) * cos($this->declinationRad) * cos($hourAngleRad);
    }
}
