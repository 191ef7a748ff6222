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
            'assess' => Assess::class,
            'bank-layout' => BankLayout::class,
            'bank-share' => BankShare::class,
            'bank-size' => BankSize::class,
            'budget' => LoadBudget::class,
            'capacity-test' => Capacity::class,
            'charge-time' => TimeToCharge::class,
            'conductor' => Conductors::class,
            'dcdc-fit' => DcdcFits::class,
            'equalise' => Equalise::class,
            'fuse' => Fuses::class,
            'inverter-draw' => InverterDraw::class,
            'ladder' => Ladders::class,
            'opens' => Opens::class,
            'peukert' => PeukertCapacity::class,
            'refresh-charge' => Refresh::class,
            'schedule' => Scheduling::class,
            'shore' => Shore::class,
            'short-circuit' => Shorts::class,
            'sun-day' => SunDay::class,
            'sun-month' => SunMonthSum::class,
            'trip' => SimulatedTrip::class,
        ];
    }
}
