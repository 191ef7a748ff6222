<?php

declare(strict_types=1);

namespace Pebblefell\System\Graph;

use Pebblefell\System\CircuitKind;

/** To which circuit what hangs together belongs, and whether it is the way back. */
final readonly class Side
{
    public function __construct(public CircuitKind $circuit, public bool $isReturn)
    {
    }
}
