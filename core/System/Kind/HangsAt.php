<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

/** Says at which terminals a device hangs on a battery, and when it leaves the bar. */
final readonly class HangsAt
{
    /**
     * @param string $plus  terminal
     * @param string $minus terminal; '': it has none
     * @param int    $order among what leaves one bar, the largest first
     */
    public function __construct(public string $plus, public string $minus, public int $order = 0)
    {
    }
}
