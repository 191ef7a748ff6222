<?php

declare(strict_types=1);

namespace Pebblefell\Sizing;

use Pebblefell\Load\Appliance;
use Pebblefell\Load\Side;
use Pebblefell\Load\UsualAppliances;

/** A habit or a change that saves energy, with how much a day at the battery. */
final readonly class Hint
{
    /** Below this nobody changes a habit, Wh a day. Chosen. */
    private const WORTH_WH = 20.0;

    /** Ventilating a hot vehicle before cooling it: what of the cooling that saves. Assumed; the effect is common practice. */
    private const VENTILATING_SAVES = 0.20;

    private function __construct(public string $words, public float $savedWh)
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

        return new self('Switch the inverter off while nothing needs it', $inverter->idleW * $loads->budget->hoursWithoutAc());
    }

    /** @return list<self> */
    private static function about(LoadSizing $loads, Appliance $appliance): array
    {
        $wh = $loads->budget->energyOfWh($appliance);
        [$running, $standing] = $appliance->energyWh();
        $share = $running + $standing > 0.0 ? $running / ($running + $standing) : 0.0;
        $hints = [];
        if ($standing > 0.0) {
            $hints[] = new self("Switch $appliance->name off at the wall instead of leaving it on standby", $wh * (1 - $share));
        }
        if (preg_match('/air con|cooling/i', $appliance->name) === 1) {
            $hints[] = new self("Ventilate first, then let $appliance->name cool", $wh * $share * self::VENTILATING_SAVES);
        } elseif (preg_match('/fridge|freezer/i', $appliance->name) === 1) {
            if ($appliance->side === Side::Ac) {
                $hints[] = new self("A DC compressor fridge in place of $appliance->name saves the inverter’s losses", $wh - $running - $standing);
            }
        } elseif (preg_match('/water|heater|heating|kettle|boiler|induction|hob|plate|oven|stove/i', $appliance->name) === 1 && UsualAppliances::heatsOrCools($appliance->name)) {
            $hints[] = new self("Gas or diesel heat in place of $appliance->name", $wh * $share);
        }

        return $hints;
    }
}
