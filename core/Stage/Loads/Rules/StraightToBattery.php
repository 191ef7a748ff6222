<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Loads\Rules;

use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * Judges what goes straight to a battery: a fuse of its own stands in its lead, and whoever opens the main switch knows that it stays
 * live. Common practice.
 */
final class StraightToBattery implements Rule
{
    public function judge(Study $study): array
    {
        $hanging = [];
        foreach ($study->system->appliances as $use) {
            if (isset($study->planned()->parts[$use->fedBy])) {
                $hanging[$use->fedBy][] = Word::typed($use->name);
            }
        }
        $findings = [];
        foreach ($hanging as $uid => $loads) {
            $at = $study->planned()->parts[$uid];
            $args = ['loads' => $loads, 'part' => Named::part($at->uid)];
            if ($at->is(Family::Battery)) {
                $findings[] = new Finding('load-without-fuse', Severity::Fix, $args, [], $at->uid);
            } elseif ($at->is(Family::OvercurrentDevice) && $study->circuit()->isMain($at) && self::othersHaveASwitch($study, $at)) {
                $findings[] = new Finding('straight-to-battery', Severity::Note, $args, [], $at->uid);
            }
        }

        return $findings;
    }

    /** A switch opens the rest of the house, and this one hangs before it. */
    private static function othersHaveASwitch(Study $study, Part $fuse): bool
    {
        $behind = $study->circuit()->behind($fuse)?->parts() ?? [];

        return $study->circuit()->opensByHand() && array_filter($behind, static fn(Part $p): bool => $p->is(Family::Switch)) === [];
    }
}
