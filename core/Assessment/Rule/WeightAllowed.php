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
        $vehicle = $sums->system->vehicle;
        $added = $sums->system->difference()->massKg();
        $bank = -$sums->banks->savedKg()->value;
        $findings = [];
        if ($vehicle->payloadKg !== null && $added > $vehicle->payloadKg) {
            $findings[] = self::tooHeavy('payload-exceeded', 'Too heavy', sprintf('The plan adds %.0f kg; %.0f kg of payload are left.', $added, $vehicle->payloadKg), $added, $vehicle->payloadKg);
        }
        if ($vehicle->axleKg !== null && $bank > $vehicle->axleKg) {
            $findings[] = self::tooHeavy('axle-exceeded', 'Too heavy for the axle', sprintf('The new bank weighs %.0f kg more than the old one; the axle by the bay bears %.0f kg more.', $bank, $vehicle->axleKg), $bank, $vehicle->axleKg);
        }

        return $findings;
    }

    private static function tooHeavy(string $rule, string $title, string $message, float $addedKg, float $leftKg): Finding
    {
        return new Finding(
            $rule,
            Severity::Stop,
            $title,
            $message . ' Overloaded, it brakes and steers badly and is off the road.',
            new Remedy('Fewer or lighter parts, or another place; weigh the vehicle, each axle'),
            'the vehicle’s plate',
            [Figure::given('added', round($addedKg, 1), 'kg', Origin::Computed), Figure::given('left', $leftKg, 'kg')],
        );
    }
}
