<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring\Rules;

use Pebblefell\Circuit\Circuit;
use Pebblefell\Circuit\FuseStrength;
use Pebblefell\Conductor\FuseChoice;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Part;

/** A fuse stands first at the bank's positive, holds what runs for long, and can break what the bank drives into a short there. */
final class MainFuse implements Rule
{
    public function judge(Study $study): array
    {
        $bank = $study->banks()->planned->bank;
        if ($bank === null) {
            return [];
        }
        $circuit = $study->circuit();
        $capacity = Figure::given('bank', $bank->ratedAh(), 'Ah', Origin::DataSheet);
        $unfused = $circuit->unfused();
        if ($unfused !== []) {
            return [new Finding(
                'no-main-fuse',
                Severity::Stop,
                ['parts' => array_map(static fn(Part $p): Named => Named::part($p->uid), $unfused)],
                [$capacity, Figure::given('parts-unfused', count($unfused), '')],
            )];
        }
        // A fuse that one load has for itself at the battery is not the house's.
        $houses = array_filter($circuit->mainFuses(), static fn(Part $p): bool => !$study->isTheirOwn($p));
        $findings = $houses !== [] ? [] : [new Finding(
            'no-main-fuse',
            Severity::Fix,
            [],
            [$capacity],
            variant: $circuit->mainFuses() === [] ? 'undrawn' : 'own',
        )];
        foreach ($circuit->mainFuses() as $fuse) {
            $findings = [
                ...$findings,
                ...array_filter([$this->placed($circuit, $fuse), $this->holds($study, $fuse), $this->breaks($study, $fuse)]),
            ];
        }

        return $findings;
    }

    private function placed(Circuit $circuit, Part $fuse): ?Finding
    {
        $before = $circuit->before($fuse);

        return $before === [] ? null : new Finding(
            'main-fuse-not-placed',
            Severity::Fix,
            ['fuse' => Named::part($fuse->uid), 'parts' => array_map(static fn(Part $p): Named => Named::part($p->uid), $before)],
            [Figure::given('parts-unfused', count($before), '')],
            $fuse->uid,
        );
    }

    private function holds(Study $study, Part $fuse): ?Finding
    {
        $rating = $fuse->data->figure('rating_a');
        $whole = $study->cables()->behind($fuse)->lastingA();
        $beside = $this->beside($study->circuit(), $fuse);
        $lasting = $beside < 2 ? $whole : new Figure(
            'lasting-current',
            $whole->value / $beside,
            'A',
            'lasting-shared',
            [$whole, Figure::given('fuses', $beside, '')],
            'first-principles',
        );
        if ($rating === null || $rating->value >= FuseChoice::CONTINUOUS * $lasting->value) {
            return null;
        }

        return new Finding(
            'main-fuse-too-small',
            Severity::Fix,
            [
                'fuse' => Named::part($fuse->uid),
                ...Amount::compared(['rating' => $rating->value, 'wanted' => FuseChoice::CONTINUOUS * $lasting->value], 'A', 0),
                'lasting' => Amount::of($lasting->value, 'A', 0),
            ],
            [$rating, $lasting],
            $fuse->uid,
            variant: $study->isTheirOwn($fuse) ? 'own' : '',
        );
    }

    /** Fuses that share what runs, each on its own battery. */
    private function beside(Circuit $circuit, Part $fuse): int
    {
        return $circuit->isByPassed($fuse) ? count(array_filter($circuit->mainFuses(), $circuit->isByPassed(...))) : 1;
    }

    private function breaks(Study $study, Part $fuse): ?Finding
    {
        $short = $study->circuit()->shortAt($fuse);
        if ($short === null) {
            return null;
        }
        $breaks = FuseStrength::of($fuse, $study->limits->chargeV()->value ?? $study->system->vehicle->systemV);
        $current = new Figure('short-there', $short, 'A', 'short-there', [], 'ohm');
        // What one load has for itself is not the house's main fuse, and is not called so.
        $own = $study->isTheirOwn($fuse);
        $args = ['fuse' => Named::part($fuse->uid), 'short' => Amount::of($short, 'A', 0)];
        if ($breaks === null) {
            return new Finding(
                'main-fuse-breaks-too-little',
                Severity::Note,
                $args,
                [$current],
                $fuse->uid,
                variant: $own ? 'own-unknown' : 'unknown',
            );
        }

        return $breaks->value >= $short ? null : new Finding(
            'main-fuse-breaks-too-little',
            Severity::Stop,
            [...$args, 'breaks' => Amount::of($breaks->value, 'A', 0)],
            [$current, $breaks],
            $fuse->uid,
            variant: $own ? 'own' : '',
        );
    }
}
