<?php

declare(strict_types=1);

namespace Pebblefell\System;

/** A named place on a part where a conductor ends. Terminals with one port name exclude those of a rival port. */
final readonly class Terminal
{
    public function __construct(public string $name, public CircuitKind $circuit, public string $port = '')
    {
    }
}
