<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Balance\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Balance\LastVolts;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Measurement;

/** In a series string the blocks rest at the same volts: an odd one is over- and undercharged on every round. */
final class BlocksAlike implements Rule
{
    /** Rested volts that blocks of a string may lie apart, V per 12 V. Common practice. */
    private const LFP_V = 0.1;
    private const LEAD_V = 0.15;

    public function judge(Study $study): array
    {
        $case = $study->banks()->planned;
        if ($case->bank === null || $case->bank->series < 2) {
            return [];
        }
        $findings = [];
        foreach (array_chunk($case->parts, $case->bank->series) as $string) {
            $seen = LastVolts::of($study->system->measurements, $string);
            if ($seen === null) {
                continue;
            }
            $volts = array_map(static fn(Measurement $m): float => $m->value, $seen);
            $apart = max([0.0, ...$volts]) - min([INF, ...$volts]);
            $allowed = ($case->bank->chemistry()->isLithium() ? self::LFP_V : self::LEAD_V) * $string[0]->data->known('nominal_v') / 12.0;
            if ($apart <= $allowed + 1e-6) {
                continue;
            }
            $odd = self::odd($volts);
            $findings[] = new Finding(
                'blocks-apart',
                Severity::Fix,
                [
                    'part' => Named::part($odd),
                    'volts' => Amount::of($volts[$odd], 'V', 2),
                    'apart' => Amount::of($apart, 'V', 2),
                    'limit' => Amount::of($allowed, 'V', 2),
                ],
                [Figure::given('apart', round($apart, 3), 'V', Origin::Measured), Figure::given('limit', round($allowed, 3), 'V')],
                $odd,
            );
        }

        return $findings;
    }

    /**
     * The one that lies farthest from the middle of the others.
     *
     * @param array<string, float> $volts by uid
     */
    private static function odd(array $volts): string
    {
        $far = [];
        foreach ($volts as $uid => $v) {
            $others = array_values(array_diff_key($volts, [$uid => 0]));
            sort($others);
            $n = count($others);
            $far[$uid] = abs($v - ($others[intdiv($n - 1, 2)] + $others[intdiv($n, 2)]) / 2.0);
        }
        // Of two blocks the lower one is called odd.
        $most = array_keys($far, max([0.0, ...$far]));
        usort($most, static fn(string|int $a, string|int $b): int => $volts[$a] <=> $volts[$b]);

        return (string) $most[0];
    }
}
