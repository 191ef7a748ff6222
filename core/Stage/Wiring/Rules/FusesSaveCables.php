<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring\Rules;

use Pebblefell\Circuit\Carries;
use Pebblefell\Circuit\Circuit;
use Pebblefell\Circuit\FuseStrength;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Conductor;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** Each fuse opens before a cable behind it burns, and breaks the short that reaches it. */
final class FusesSaveCables implements Rule
{
    public function judge(Study $study): array
    {
        $findings = [];
        foreach ($study->planned()->of(Family::OvercurrentDevice) as $fuse) {
            $findings = [...$findings, ...array_filter([$this->saves($study->circuit(), $fuse), $this->breaks($study, $fuse)])];
        }

        return $findings;
    }

    private function saves(Circuit $circuit, Part $fuse): ?Finding
    {
        $rating = $fuse->data->figure('rating_a');
        $weakest = $rating === null ? null : $this->weakest($circuit->protects($fuse));
        if ($rating === null || $weakest === null || $rating->value <= $weakest[0]) {
            return null;
        }
        // Between the coolest insulation and the hottest nobody can say, as long as it is not noted.
        $certain = $rating->value > $weakest[1];
        $carries = Figure::given('ampacity', $weakest[$certain ? 1 : 0], 'A', Origin::Computed);

        return new Finding(
            'fuse-above-cable',
            $certain ? Severity::Stop : Severity::Note,
            [
                'fuse' => Named::part($fuse->uid),
                ...Amount::compared(['rating' => $rating->value, 'ampacity' => $carries->value], 'A', 0),
                'size' => Amount::of($weakest[2], 'mm²'),
            ],
            [$rating, $carries],
            $fuse->uid,
            variant: $certain ? 'drawn' : 'insulation',
        );
    }

    /**
     * The least that any conductor carries; those side by side between the same two points add up.
     *
     * @param list<Conductor> $conductors
     *
     * @return ?array{float, float, float} A at least, A at most, mm² together; null where no size is noted
     */
    private function weakest(array $conductors): ?array
    {
        $beside = [];
        foreach ($conductors as $conductor) {
            $ends = [(string) $conductor->from, (string) $conductor->to];
            sort($ends);
            $beside[implode(' ', $ends)][] = $conductor;
        }
        $weakest = null;
        foreach ($beside as $group) {
            $sum = [0.0, 0.0, 0.0];
            foreach ($group as $c) {
                if ($c->sizeMm2 === null) {
                    continue 2;
                }
                $sum[0] += (float) Carries::least($c);
                $sum[1] += (float) Carries::most($c);
                $sum[2] += $c->sizeMm2;
            }
            if ($weakest === null || $sum[1] < $weakest[1]) {
                $weakest = $sum;
            }
        }

        return $weakest;
    }

    private function breaks(Study $study, Part $fuse): ?Finding
    {
        $circuit = $study->circuit();
        $short = $circuit->isMain($fuse) ? null : $circuit->shortAt($fuse, true);
        $breaks = FuseStrength::of($fuse, $study->limits->chargeV()->value ?? $study->system->vehicle->systemV);
        if ($short === null || $breaks === null || $breaks->value >= $short) {
            return null;
        }

        return new Finding(
            'fuse-breaks-too-little',
            Severity::Fix,
            ['fuse' => Named::part($fuse->uid), ...Amount::compared(['short' => $short, 'breaks' => $breaks->value], 'A', 0)],
            [new Figure('short-there', $short, 'A', 'short-there', [], 'ohm'), $breaks],
            $fuse->uid,
            variant: 'drawn',
        );
    }
}
