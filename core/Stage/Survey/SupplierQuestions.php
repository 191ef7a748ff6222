<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey;

use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** Tells what a thin data sheet does not say although a sum of this job rests on it: to be asked of the supplier. */
final readonly class SupplierQuestions
{
    /**
     * @param list<string> $lines that are missing
     */
    private function __construct(public Part $part, public int $count, public array $lines)
    {
    }

    /**
     * One for each make and model of the plan that leaves something open; what has no name has no supplier.
     *
     * @return list<self>
     */
    public static function of(Study $study): array
    {
        $asked = $counts = [];
        foreach ($study->planned()->parts as $part) {
            $name = $part->typedName();
            if ($name === '') {
                continue;
            }
            $counts[$name] = ($counts[$name] ?? 0) + 1;
            $open = array_values(array_filter(
                $part->kind->kind()->asked(),
                static fn(string $line): bool => self::isAsked($study, $part, $line) && !isset($part->data->values[$line]),
            ));
            if ($open !== []) {
                $asked[$name] ??= [$part, $open];
            }
        }

        return array_values(array_map(
            static fn(string $name, array $a): self => new self($a[0], $counts[$name], $a[1]),
            array_keys($asked),
            $asked,
        ));
    }

    /** How many lines all of them lack. */
    public static function count(Study $study): int
    {
        return array_sum(array_map(static fn(self $q): int => count($q->lines), self::of($study)));
    }

    /** Whether a sum of this job asks for the line. */
    private static function isAsked(Study $study, Part $part, string $line): bool
    {
        $bank = $study->banks()->planned->bank;
        $lithium = $part->is(Family::Battery) ? $part->data->chemistry()->isLithium() : $study->banks()->lithium() !== null;

        return match ($line) {
            'max_series' => $bank !== null && $bank->series > 1,
            'max_parallel' => $bank !== null && $bank->parallel > 1,
            'internal_mohm' => $bank !== null && $bank->parallel > 1,
            'discharge_limit_a', 'cutoff_v', 'low_temp_cutoff', 'wakes_by' => $lithium,
            'discharge_30s_a' => $lithium && ($study->planned()->inverter() !== null || $study->engineStart() !== null),
            'lithium', 'gives_dead_volts', 'cold_cutoff' => $lithium,
            'rested_full_v', 'rate_h' => !$lithium,
            'absorption_min_v', 'absorption_max_v' => $part->data->text('lithium') !== 'none',
            'charge_min_c', 'discharge_min_c' => $part->role === 'house',
            'disconnect_v', 'reconnect_v' => true,
            default => $part->role === 'house' || !$part->is(Family::Battery),
        };
    }
}
