<?php

declare(strict_types=1);

namespace Pebblefell\Load;

/** Which side of the inverter a load hangs on. */
enum LoadSide: string
{
    case Dc = 'dc';
    case Ac = 'ac';
}
