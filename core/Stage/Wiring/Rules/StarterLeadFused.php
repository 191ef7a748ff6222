<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring\Rules;

use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Part;

/** A lead that leaves the starter battery for the house has a fuse there: a short is fed from that side too. */
final class StarterLeadFused implements Rule
{
    public function judge(Study $study): array
    {
        return array_map(
            static fn(Part $p): Finding => new Finding(
                'starter-lead-unfused',
                Severity::Fix,
                ['part' => Named::part($p->uid)],
                [],
                $p->uid,
            ),
            $study->circuit()->unfusedAtStarter(),
        );
    }
}
