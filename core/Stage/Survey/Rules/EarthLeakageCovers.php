<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey\Rules;

use Pebblefell\Circuit\AcSide;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;
use Pebblefell\Load\Appliance;
use Pebblefell\Load\LoadSide;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * Every outlet has a device that protects people between it and each source that can feed it; behind a source without a bond it does not
 * trip.
 */
final class EarthLeakageCovers implements Rule
{
    public function judge(Study $study): array
    {
        $appliances = $study->loads()->budget->appliances;
        $feedsOutlets = array_filter($appliances, static fn(Appliance $a): bool => $a->side === LoadSide::Ac) !== [];
        $ac = new AcSide($study->planned());
        $region = 'regions.' . $study->system->region->value;
        $args = static fn(Part $p): array => [
            'device' => Word::of("$region.earth_leakage"),
            'source' => Named::part($p->uid),
            'rule' => Word::of("$region.mains_rule"),
        ];
        $findings = [];
        foreach ($ac->uncovered() as $source) {
            $findings[] = new Finding(
                'earth-leakage-not-covered',
                Severity::Stop,
                $args($source),
                [],
                $source->uid,
                variant: $source->kind->isInverter() ? 'inverter' : 'inlet',
            );
        }
        foreach ($feedsOutlets ? $ac->undrawn() : [] as $source) {
            $findings[] = new Finding('earth-leakage-not-covered', Severity::Fix, $args($source), [], $source->uid, variant: 'undrawn');
        }
        foreach ($study->planned()->of(Family::Inverter) as $inverter) {
            if (!in_array($inverter->data->text('neutral_bond'), ['bonded', 'switched'], true)) {
                $findings[] = new Finding('neutral-bond-open', Severity::Note, $args($inverter), [], $inverter->uid);
            }
        }

        return $findings;
    }
}
