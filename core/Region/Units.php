<?php

declare(strict_types=1);

namespace Pebblefell\Region;

use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Quantity\Length;
use Pebblefell\Quantity\Mass;
use Pebblefell\Quantity\Temperature;
use Pebblefell\Quantity\Torque;

/** Which units a workshop reads. Everything is kept in SI and turned here, for reading and back again for what is typed. */
enum Units: string
{
    case Metric = 'metric';
    case UsCustomary = 'us_customary';

    /** Units of what may be less than nothing where it is a difference: weight that goes, a place in front of the axle. */
    private const SIGNED = ['kg', 'm', 'm²', 'mm', 'N·m'];

    /** The unit that stands in for a metric one: "kg" → "lb". K is a difference of temperatures. Others stay. */
    public function unit(string $metric): string
    {
        return $this === self::Metric ? $metric : match ($metric) {
            'kg' => 'lb',
            '°C', 'K' => '°F',
            'N·m' => 'lbf·in',
            'm' => 'ft',
            'm²' => 'ft²',
            'mm' => 'in',
            'mm²' => 'AWG',
            default => $metric,
        };
    }

    /** A value in the metric unit, turned into unit($metric). mm² has no scale in AWG and stays: use conductorSize(). */
    public function show(float $value, string $metric): float
    {
        if ($value < 0.0 && in_array($metric, self::SIGNED, true)) {
            return -$this->show(-$value, $metric);
        }

        return $this === self::Metric ? $value : match ($metric) {
            'kg' => Mass::ofKilograms($value)->pounds(),
            '°C' => Temperature::ofCelsius($value)->fahrenheit(),
            'K' => 1.8 * $value,
            'N·m' => Torque::ofNewtonMetres($value)->poundForceInches(),
            'm' => Length::ofMetres($value)->feet(),
            'm²' => $value * Length::ofMetres(1.0)->feet() ** 2,
            'mm' => Length::ofMetres($value / 1000)->feet() * 12,
            default => $value,
        };
    }

    /** The inverse of show(): what was typed in unit($metric), in the metric unit. */
    public function read(float $value, string $metric): float
    {
        if ($value < 0.0 && in_array($metric, self::SIGNED, true)) {
            return -$this->read(-$value, $metric);
        }

        return $this === self::Metric ? $value : match ($metric) {
            'kg' => Mass::ofPounds($value)->kilograms,
            '°C' => Temperature::ofFahrenheit($value)->celsius,
            'K' => $value / 1.8,
            'N·m' => Torque::ofPoundForceInches($value)->newtonMetres,
            'm' => Length::ofFeet($value)->metres,
            'm²' => $value / Length::ofMetres(1.0)->feet() ** 2,
            'mm' => Length::ofFeet($value / 12)->metres * 1000,
            default => $value,
        };
    }

    /** "35 mm²" or "2 AWG"; "≈ 2 AWG" where its area is only near that gauge's. */
    public function conductorSize(float $areaMm2): string
    {
        $size = ConductorSize::ofArea($areaMm2);

        return $this === self::Metric ? $size->metricName() : ($size->gauge() ?? '≈ ' . $size->gaugeName());
    }

    /** The same for a field: what is read back is what it was. */
    public function conductorField(float $areaMm2): string
    {
        $size = ConductorSize::ofArea($areaMm2);

        return $this === self::Metric ? $size->metricName() : ($size->gauge() ?? $size->metricName());
    }
}
