<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Remedy;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\Sums;

/** What the plan adds stays within the payload that is left. */
final class WeightAllowed implements Rule
{
    public function stage(): Stage
    {
        return Stage::Size;
    }

    public function judge(Sums $sums): array
    {
        $payload = $sums->system->vehicle->payloadKg;
        $added = $sums->system->difference()->massKg();
        if ($payload === null || $added <= $payload) {
            return [];
        }

        return [new Finding('payload-exceeded', Severity::Stop, 'Too heavy', sprintf('The plan adds %.0f kg; %.0f kg of payload are left. Overloaded, it brakes and steers badly and is off the road.', $added, $payload), new Remedy('Fewer or lighter parts; weigh the vehicle'), 'the vehicle’s plate', [Figure::given('added', round($added, 1), 'kg', Origin::Computed), Figure::given('payload left', $payload, 'kg')])];
    }
}
