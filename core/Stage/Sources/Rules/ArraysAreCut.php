<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources\Rules;

use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** Something opens each array's lead: panels cannot be switched off. */
final class ArraysAreCut implements Rule
{
    public function judge(Study $study): array
    {
        $findings = [];
        foreach ($study->arrays() as $array) {
            $ends = $array->regulator === null ? [] : [
                Point::of($array->regulator->uid, 'pv_plus'),
                Point::of($array->regulator->uid, 'pv_minus'),
            ];
            $openers = array_filter(
                $study->planned()->reach($ends, Passage::closed())->parts(),
                static fn(Part $p): bool => $p->is(Family::HandSwitch),
            );
            if ($array->regulator !== null && $openers === []) {
                $findings[] = new Finding(
                    'no-solar-switch',
                    Severity::Note,
                    ['regulator' => Named::part($array->regulator->uid)],
                    [],
                    $array->regulator->uid,
                );
            }
        }

        return $findings;
    }
}
