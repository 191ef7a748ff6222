<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources\Rules;

use Pebblefell\Charging\ShoreFit;
use Pebblefell\Outlook\TripSetup;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;

/** Charging and what runs at the outlets stay below the breaker of a usual post, unless the bank tops it up. */
final class HookUpCarries implements Rule
{
    public function judge(Study $study): array
    {
        $mains = $study->mains();
        if ($mains->chargerA <= 0.0 || $study->system->travel->hookUp === 'never' || $mains->supports) {
            return [];
        }

        return ShoreFit::of(
            $study->system->region->mainsV(),
            TripSetup::hookUpA($study->system, $study->planned()),
            $mains->chargerA,
            $mains->dcV,
            $mains->chargerPct,
            $mains->outletsW,
        )->findings();
    }
}
