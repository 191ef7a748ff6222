<?php

declare(strict_types=1);

namespace Pebblefell\Setting;

/** A voltage at which a device acts on the bank. */
final readonly class Rung
{
    /**
     * @param string $parameter one of Ladder::PARAMETERS, or the BMS's high_v and low_v
     */
    public function __construct(public string $device, public string $parameter, public float $valueV)
    {
    }
}
