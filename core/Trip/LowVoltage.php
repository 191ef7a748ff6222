<?php

declare(strict_types=1);

namespace Pebblefell\Trip;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;

/** A low-voltage disconnect in front of the loads. */
final readonly class LowVoltage
{
    private function __construct(public float $disconnectV, public float $reconnectV)
    {
    }

    /**
     * @throws InvalidValue
     */
    public static function of(float $disconnectV, float $reconnectV): self
    {
        Guard::positive($disconnectV, '/disconnect_v');
        if ($reconnectV <= $disconnectV) {
            throw InvalidValue::at('/reconnect_v', 'reconnect');
        }

        return new self($disconnectV, $reconnectV);
    }
}
