<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Change;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Remedy;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\Sums;
use Pebblefell\System\Fate;
use Pebblefell\System\PartKind;

/** A bare relay lets an empty lithium bank draw all that the alternator can give: judged by what it would draw. */
final class IsolatorSuitsLithium implements Rule
{
    /** Loop of cable, relay and battery between alternator and bank where it is not measured. Assumed. */
    private const LOOP_OHM = 0.015;

    /** An LFP bank at rest, well discharged, V a cell. Common practice. */
    private const EMPTY_CELL_V = 3.2;

    /** Above this share of its rating an alternator that idles in the heat overheats. Common practice. */
    private const SAFE_SHARE = 0.5;

    public function stage(): Stage
    {
        return Stage::Survey;
    }

    public function judge(Sums $sums): array
    {
        $bank = $sums->lithiumBank();
        if ($bank === null) {
            return [];
        }
        $alternator = $sums->planned->ofKind(PartKind::Alternator)[0] ?? null;
        $rated = $alternator?->data->figure('rated_a') ?? Figure::given('Rated current', 100.0, 'A', Origin::Assumed);
        $set = $alternator?->data->figure('regulated_v') ?? Figure::given('Regulated to', 14.2 * $bank->systemV / 12, 'V', Origin::Assumed);
        $draw = min($rated->value, max(0.0, $set->value - $bank->cells() * self::EMPTY_CELL_V) / self::LOOP_OHM);
        $findings = [];
        foreach ($sums->planned->ofKind(PartKind::Isolator) as $part) {
            if ($part->data->text('method') === 'duty_cycled') {
                continue;
            }
            $tooMuch = $draw > self::SAFE_SHARE * $rated->value;
            $findings[] = new Finding(
                'bare-relay-on-lithium',
                $tooMuch ? Severity::Stop : Severity::Fix,
                'Bare relay to a lithium bank',
                sprintf('An empty bank would ask the alternator for about %.0f A of its %.0f A. In slow traffic and heat that burns it out; nothing limits the current.', $draw, $rated->value),
                new Remedy('Take it out; fit a DC-DC charger or a duty-cycled isolator', [Change::ofPart($part->uid, Fate::Remove->value)]),
                'computed from the loop; limits are common practice',
                [new Figure('current through the relay', $draw, 'A', '(alternator volts − empty bank volts) ÷ loop resistance, at most the rating', [
                    $set,
                    Figure::given('empty bank', $bank->cells() * self::EMPTY_CELL_V, 'V', Origin::Assumed),
                    Figure::given('loop resistance', self::LOOP_OHM, 'Ω', Origin::Assumed),
                    $rated,
                ], 'Ohm’s law')],
                $part->uid,
            );
        }

        return $findings;
    }
}
