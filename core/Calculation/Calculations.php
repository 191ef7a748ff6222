<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

/** The list of all calculations by name. */
final class Calculations
{
    /**
     * @return array<string, class-string<Calculation>>
     */
    public static function all(): array
    {
        return [
            'array-fit' => ArrayFits::class,
            'array-yield' => ArrayYield::class,
            'bank-size' => BankSize::class,
            'budget' => LoadBudget::class,
            'charge-time' => TimeToCharge::class,
            'dcdc-fit' => DcdcFits::class,
            'inverter-draw' => InverterDraw::class,
            'peukert' => PeukertCapacity::class,
            'shore' => Shore::class,
            'sun-day' => SunDay::class,
            'sun-month' => SunMonth::class,
            'trip' => SimulatedTrip::class,
        ];
    }
}
