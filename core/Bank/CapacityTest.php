<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;

/** A capacity by discharge: amps and volts over time, summed up to the moment at which the volts cross the end. */
final readonly class CapacityTest
{
    private function __construct(public float $ah, public float $wh, public float $hours, public bool $reachedEnd)
    {
    }

    /**
     * Trapezoids between readings; within the stretch in which the volts cross the end, volts and amps lie on straight lines.
     *
     * @param list<array{t_s: float, volts: float, amps: float}> $readings in order of time; amps positive out of the battery
     *
     * @throws InvalidValue at /readings
     */
    public static function of(array $readings, float $endV): self
    {
        Guard::positive($endV, '/end_v');
        if (count($readings) < 2) {
            throw InvalidValue::at('/readings', 'two-readings');
        }
        foreach ($readings as $i => $reading) {
            if ($i > 0 && $reading['t_s'] <= $readings[$i - 1]['t_s']) {
                throw InvalidValue::at("/readings/$i/t_s", 'later');
            }
        }
        [$ah, $wh] = [0.0, 0.0];
        $last = $readings[0];
        $reached = $last['volts'] <= $endV;
        foreach ($reached ? [] : array_slice($readings, 1) as $next) {
            $reached = $next['volts'] <= $endV;
            if ($reached) {
                // The readings before all stand above the end, so the volts fall here.
                $part = ($last['volts'] - $endV) / ($last['volts'] - $next['volts']);
                $next = [
                    't_s' => $last['t_s'] + $part * ($next['t_s'] - $last['t_s']),
                    'volts' => $endV,
                    'amps' => $last['amps'] + $part * ($next['amps'] - $last['amps']),
                ];
            }
            $hours = ($next['t_s'] - $last['t_s']) / 3600.0;
            $ah += $hours * ($last['amps'] + $next['amps']) / 2.0;
            $wh += $hours * ($last['amps'] * $last['volts'] + $next['amps'] * $next['volts']) / 2.0;
            $last = $next;
            if ($reached) {
                break;
            }
        }

        return new self($ah, $wh, ($last['t_s'] - $readings[0]['t_s']) / 3600.0, $reached);
    }
}
