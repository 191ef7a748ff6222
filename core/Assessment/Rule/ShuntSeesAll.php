<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\Sums;
use Pebblefell\System\PartKind;

/** No negative passes the shunt by, or the gauge lies. */
final class ShuntSeesAll implements Rule
{
    public function stage(): Stage
    {
        return Stage::Size;
    }

    public function judge(Sums $sums): array
    {
        $graph = $sums->planned;
        $monitors = $graph->ofKind(PartKind::Monitor);
        $minus = array_map(static fn($p): string => $p->uid . '.minus', $sums->banks->planned->parts);
        foreach ($graph->joined() as $group) {
            $shunts = array_filter($monitors, static fn($m): bool => in_array($m->uid . '.battery_minus', $group, true));
            if ($shunts === [] || array_intersect($minus, $group) === []) {
                continue;
            }
            $bypassing = array_values(array_filter($group, static fn(string $t): bool => !in_array($t, $minus, true)
                && !str_ends_with($t, '.battery_minus')
                && !str_ends_with($t, '.bar')
                || in_array($t, self::consumers($sums), true)));
            if ($bypassing !== []) {
                $part = $graph->parts[explode('.', $bypassing[0])[0]];

                return [new Finding('shunt-bypassed', Severity::Fix, ['part' => Named::part($part->uid)], [Figure::given('negatives before the shunt', count($bypassing), '')], $part->uid)];
            }
        }

        return [];
    }

    /**
     * @return list<string> terminals named "battery_minus" that belong to something other than a shunt
     */
    private static function consumers(Sums $sums): array
    {
        $terminals = [];
        foreach ($sums->planned->parts as $part) {
            if ($part->kind !== PartKind::Monitor && isset($part->kind->terminals()['battery_minus'])) {
                $terminals[] = $part->uid . '.battery_minus';
            }
        }

        return $terminals;
    }
}
