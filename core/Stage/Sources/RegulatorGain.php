<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources;

use Pebblefell\Study;
use Pebblefell\Sun\Plane;
use Pebblefell\System\PvArray;
use Pebblefell\Trip\SolarSource;
use Pebblefell\Trip\Weather;

/** Tells what an array would bring in a year through an MPPT and through a PWM regulator, were all of it used. */
final readonly class RegulatorGain
{
    /** Where a bank stands while it is being charged, of its nominal volts. Common practice. */
    private const CHARGING = 1.06;

    private const PER_DAY = 24;

    private function __construct(public float $mpptWh, public float $pwmWh)
    {
    }

    /** Null as long as the place or the panels' volts are not known. */
    public static function of(Study $study, PvArray $array): ?self
    {
        $place = $study->system->place;
        $sheet = PvArray::panelSheet($array->panels[0]);
        $bank = $study->banks()->planned->bank;
        if ($place === null || $sheet === null || $bank === null) {
            return null;
        }
        $data = $array->panels[0]->data;
        $plane = Plane::of($data->orUsual('tilt_deg'), $data->orUsual('azimuth_deg'));
        $strings = count($array->panels) / $array->series();
        $volts = $bank->nominalV() * self::CHARGING;
        $source = SolarSource::of(
            $array->watts(),
            $plane,
            iscA: $sheet->iscA * $strings,
            noctC: $data->orUsual('noct_c'),
            powerPerC: $sheet->vmpPctPerC / 100.0,
        );
        $limitW = $array->regulator === null ? INF : $array->regulator->data->known('max_charge_a') * $volts;
        $shade = $study->system->travel->shade();
        [$mppt, $pwm] = [0.0, 0.0];
        foreach (Weather::ofMeans($place->latitudeDeg, $place->clearnessByMonth(), $place->minCByMonth())->year as $day) {
            $outside = $day->celsius(self::PER_DAY);
            foreach ($day->light($place->latitudeDeg, $plane, $shade, self::PER_DAY) as $k => $kwh) {
                $mppt += min($limitW, $source->powerW($kwh * 1000.0, $outside[$k]));
                $pwm += min($limitW, $source->pwmA($kwh * 1000.0) * $volts);
            }
        }

        return new self($mppt, $pwm);
    }

    /** Share by which MPPT is ahead, 0 and up. */
    public function gainPct(): float
    {
        return 100.0 * $this->gain();
    }

    public function gain(): float
    {
        return $this->pwmWh > 0.0 ? max(0.0, $this->mpptWh / $this->pwmWh - 1.0) : 0.0;
    }
}
