<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Charging\ShoreFit;
use Pebblefell\Sizing\MainsCheck;
use Pebblefell\Sizing\Sums;
use Pebblefell\Sizing\TripSetup;

/** Charging and what runs at the outlets stay below the breaker of a usual post, unless the bank tops it up. */
final class HookUpCarries implements Rule
{
    public function stage(): Stage
    {
        return Stage::Sources;
    }

    public function judge(Sums $sums): array
    {
        $mains = MainsCheck::of($sums);
        if ($mains->chargerA <= 0.0 || $sums->system->travel->hookUp === 'never' || $mains->supports) {
            return [];
        }

        return ShoreFit::of($sums->system->region->mainsV(), TripSetup::hookUpA($sums->system, $sums->planned), $mains->chargerA, $mains->dcV, $mains->chargerPct, $mains->outletsW)->findings();
    }
}
