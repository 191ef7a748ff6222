<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Loads;

use Pebblefell\Finding\Word;
use Pebblefell\Load\Appliance;
use Pebblefell\Load\Does;
use Pebblefell\Load\LoadSide;

/** A habit or a change that saves energy, with how much a day at the battery. */
final readonly class Hint
{
    /** Below this nobody changes a habit, Wh a day. Chosen. */
    private const WORTH_WH = 20.0;

    /** Ventilating a hot vehicle before cooling it: what of the cooling that saves. Assumed; the effect is common practice. */
    private const VENTILATING_SAVES = 0.20;

    private function __construct(public Word $words, public float $savedWh)
    {
    }

    /** @return list<self> the most saving first */
    public static function rank(LoadSizing $loads): array
    {
        $hints = [self::inverterOff($loads)];
        foreach ($loads->budget->appliances as $appliance) {
            array_push($hints, ...self::about($loads, $appliance));
        }
        $worth = array_values(array_filter($hints, static fn(?self $h): bool => $h !== null && $h->savedWh >= self::WORTH_WH));
        usort($worth, static fn(self $a, self $b): int => $b->savedWh <=> $a->savedWh);

        return $worth;
    }

    private static function inverterOff(LoadSizing $loads): ?self
    {
        $inverter = $loads->budget->inverter;
        if ($inverter === null || !$inverter->alwaysOn) {
            return null;
        }

        return new self(Word::of('hints.inverter-off'), $inverter->idleW * $loads->budget->hoursWithoutAc());
    }

    /** @return list<?self> */
    private static function about(LoadSizing $loads, Appliance $appliance): array
    {
        $wh = $loads->budget->energyOfWh($appliance);
        [$running, $standing] = $appliance->energyWh();
        $share = $running + $standing > 0.0 ? $running / ($running + $standing) : 0.0;
        $named = ['appliance' => $appliance->name];
        $hints = [];
        if ($standing > 0.0) {
            $hints[] = new self(Word::of('hints.standby-off', $named), $wh * (1 - $share));
        }
        $hints[] = match (true) {
            $appliance->does === Does::Cools => new self(Word::of('hints.ventilate', $named), $wh * $share * self::VENTILATING_SAVES),
            $appliance->does === Does::KeepsCold && $appliance->side === LoadSide::Ac => new self(
                Word::of('hints.dc-fridge', $named),
                $wh - $running - $standing,
            ),
            $appliance->does === Does::Heats => new self(Word::of('hints.fuel-heat', $named), $wh * $share),
            default => null,
        };

        return $hints;
    }
}
