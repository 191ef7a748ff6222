<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Handover\Rules;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Fate;
use Pebblefell\System\Part;

/** A stranger can diagnose the system far away: every new device is recorded with serial and place. */
final class PackComplete implements Rule
{
    /** Parts named one by one. Chosen. */
    private const NAMED = 4;

    public function judge(Study $study): array
    {
        $devices = array_values(array_filter(
            $study->system->difference()->parts(Fate::Add),
            static fn(Part $p): bool => !$p->kind->isSundry(),
        ));
        $findings = [];
        foreach (['serial', 'place'] as $field) {
            $without = array_values(array_filter($devices, static fn(Part $p): bool => $p->$field === ''));
            if ($without !== []) {
                $names = array_map(static fn(Part $p): Named => Named::part($p->uid), array_slice($without, 0, self::NAMED));
                $findings[] = new Finding(
                    'pack-lacks-' . $field,
                    Severity::Note,
                    [
                        'count' => count($without),
                        'parts' => count($without) > self::NAMED ? [
                            ...$names,
                            Word::of('findings.phrases.more', ['count' => count($without) - self::NAMED]),
                        ] : $names,
                    ],
                    [Figure::given('parts', count($without), '')],
                    variant: count($without) === 1 ? 'one' : '',
                );
            }
        }

        return $findings;
    }
}
