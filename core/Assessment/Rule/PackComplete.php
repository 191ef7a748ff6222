<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Remedy;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\Sums;
use Pebblefell\System\Fate;
use Pebblefell\System\Part;

/** A stranger can diagnose the system far away: every new device is recorded with serial and place. */
final class PackComplete implements Rule
{
    public function stage(): Stage
    {
        return Stage::Handover;
    }

    public function judge(Sums $sums): array
    {
        $devices = array_values(array_filter($sums->system->difference()->parts(Fate::Add), static fn(Part $p): bool => !$p->kind->isSundry()));
        $findings = [];
        foreach (['serial' => 'serial number', 'place' => 'place'] as $field => $word) {
            $without = array_values(array_filter($devices, static fn(Part $p): bool => $p->$field === ''));
            if ($without !== []) {
                $findings[] = new Finding(
                    'pack-lacks-' . $field,
                    Severity::Note,
                    count($without) === 1 ? "One part without a $word" : count($without) . " parts without a $word",
                    implode(', ', array_map(static fn(Part $p): string => $p->name(), array_slice($without, 0, 4))) . (count($without) > 4 ? ' …' : '') . '. Warranty and recalls go by it.',
                    new Remedy('Note it while the part can still be reached'),
                    'common practice',
                    [Figure::given('parts', count($without), '')],
                );
            }
        }

        return $findings;
    }
}
