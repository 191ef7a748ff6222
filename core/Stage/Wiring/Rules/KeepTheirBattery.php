<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring\Rules;

use Pebblefell\Finding\Change;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Stage\Wiring\TapMoved;
use Pebblefell\Study;
use Pebblefell\System\Change\Names;
use Pebblefell\System\Fate;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Graph\Potential;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\Signal;
use Pebblefell\System\SignalKind;

/**
 * Judges that what charges keeps the battery that holds it, whatever is opened: a switch in the sun must not leave panels on a regulator
 * alone, and neither a switch nor a BMS an alternator that runs.
 */
final class KeepTheirBattery implements Rule
{
    public function judge(Study $study): array
    {
        $graph = $study->planned();
        $openers = $graph->of(Family::HandSwitch);
        $findings = [];
        $regulators = $graph->of(Family::SolarRegulator);
        $inSun = [];
        foreach ($regulators === [] ? [] : $openers as $opener) {
            $inSun[$opener->uid] = self::losing($graph, [$opener->uid], true, false);
        }
        foreach ($regulators as $regulator) {
            $findings[] = $this->regulator($study, $regulator, $openers, $inSun);
        }
        foreach ($graph->of(Family::Alternator) as $alternator) {
            $findings[] = $graph->at(Point::of($alternator->uid, 'plus')) === [] ? null : $this->alternator($study, $alternator, $openers);
        }

        return array_values(array_filter($findings));
    }

    /**
     * @param list<Part>                  $openers
     * @param array<string, list<string>> $inSun   what loses its battery when one of them opens in the sun
     */
    private function regulator(Study $study, Part $regulator, array $openers, array $inSun): ?Finding
    {
        $graph = $study->planned();
        $node = $graph->node(Point::of($regulator->uid, 'battery_plus'))->parts();
        foreach ($openers as $opener) {
            $beside = isset($node[$opener->uid]);
            // Further off, its panels can be switched off first, where something opens their lead.
            if ($beside || (!self::panelsOpen($graph, $regulator) && in_array($regulator->uid, $inSun[$opener->uid], true))) {
                return new Finding(
                    'regulator-loses-battery',
                    Severity::Fix,
                    ['opener' => Named::part($opener->uid), 'regulator' => Named::part($regulator->uid)],
                    [],
                    $regulator->uid,
                    TapMoved::changes($study, $regulator),
                );
            }
        }

        return null;
    }

    /**
     * @param list<Part> $openers
     */
    private function alternator(Study $study, Part $alternator, array $openers): ?Finding
    {
        $graph = $study->planned();
        foreach ($openers as $opener) {
            if (in_array($alternator->uid, self::losing($graph, [$opener->uid], false, true), true)) {
                return new Finding(
                    'alternator-loses-load',
                    Severity::Fix,
                    ['opener' => Named::part($opener->uid), 'alternator' => Named::part($alternator->uid)],
                    [],
                    $alternator->uid,
                );
            }
        }
        $bms = array_values(array_filter(
            $study->banks()->planned->parts,
            static fn(Part $p): bool => $p->data->text('chemistry') === 'lfp',
        ));
        $uids = array_map(static fn(Part $p): string => $p->uid, $bms);
        if ($bms === [] || $graph->isToldByBms($alternator) || !in_array(
            $alternator->uid,
            self::losing($graph, $uids, false, true),
            true,
        )) {
            return null;
        }

        return new Finding(
            'alternator-loses-load',
            Severity::Fix,
            ['alternator' => Named::part($alternator->uid)],
            [],
            $alternator->uid,
            self::told($graph, $bms[0]),
            'bms',
        );
    }

    /**
     * Returns what loses its battery with some parts open, and has not lost it with nothing open: what nobody has drawn to one yet has
     * none to lose.
     *
     * @param list<string> $open
     *
     * @return list<string> uids
     */
    private static function losing(Graph $graph, array $open, bool $sun, bool $engine): array
    {
        $lost = static fn(array $opened): array => array_column(
            Potential::of($graph, array_values($opened), $sun, $engine, false, false)->endangered(),
            'uid',
        );

        return array_values(array_diff($lost($open), $lost([])));
    }

    private static function panelsOpen(Graph $graph, Part $regulator): bool
    {
        $reach = $graph->reach([Point::of($regulator->uid, 'pv_plus'), Point::of($regulator->uid, 'pv_minus')], Passage::closed());

        return array_filter(
            $reach->parts(),
            static fn(Part $p): bool => $p->is(Family::HandSwitch),
        ) !== [];
    }

    /**
     * Where the alternator's own regulator obeys a BMS, a wire to it is the remedy.
     *
     * @return list<Change>
     */
    private static function told(Graph $graph, Part $battery): array
    {
        foreach ($graph->of(Family::AlternatorRegulator) as $regulator) {
            if ($regulator->data->flag('obeys_bms') === true) {
                $from = $graph->of(Family::Bms)[0] ?? $battery;
                $signal = new Signal((new Names())->next(), SignalKind::MayCharge, $from->uid, $regulator->uid, Fate::Add);

                return [Change::add('signal', $signal->toArray())];
            }
        }

        return [];
    }
}
