<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Remedy;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\Sums;
use Pebblefell\System\PartKind;

/** No mains charger hangs on the inverter's own outlets: it would empty the bank into heat. */
final class NoChargingLoop implements Rule
{
    public function stage(): Stage
    {
        return Stage::Sources;
    }

    public function judge(Sums $sums): array
    {
        $graph = $sums->planned;
        $findings = [];
        foreach ($graph->joined() as $group) {
            $outlets = array_filter($graph->ofKind(PartKind::Inverter, PartKind::InverterCharger), static fn($p): bool => in_array($p->uid . '.ac_out', $group, true));
            foreach ($graph->ofKind(PartKind::MainsCharger, PartKind::Converter) as $charger) {
                if ($outlets !== [] && in_array($charger->uid . '.ac_in', $group, true)) {
                    $findings[] = new Finding('charging-loop', Severity::Stop, 'The bank charges itself', sprintf('%s is fed from the outlets of %s: it takes from the bank to charge the bank, and empties it into heat.', $charger->name(), array_values($outlets)[0]->name()), new Remedy('Feed the charger from the hook-up, before the inverter'), 'first principles', [], $charger->uid);
                }
            }
        }

        return $findings;
    }
}
