<?php

declare(strict_types=1);

namespace Pebblefell\Conductor;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Quantity\Guard;

/** The fuse for a conductor: it holds the load, saves the conductor, and breaks what the bank can deliver there. */
final readonly class FuseChoice
{
    /** Holds the factor for what runs an hour and more: a fuse bears 80 % for hours. ABYC E-11, NFPA 70, UL 248 (from memory). */
    public const CONTINUOUS = 1.25;

    private function __construct(
        public float $neededA,
        public float $ampacityA,
        public float $systemV,
        public float $shortA,
        public ?float $ratingA,
        public ?FuseFamily $family,
    ) {
    }

    /**
     * @param float $ampacityA of the thinnest conductor that it protects
     * @param float $shortA    prospective current at its place
     */
    public static function of(float $loadA, bool $continuous, float $ampacityA, float $systemV, float $shortA): self
    {
        $needed = Guard::positive($loadA, '/load_a') * ($continuous ? self::CONTINUOUS : 1.0);
        $rating = null;
        foreach (FuseFamily::standardRatings() as $made) {
            if ($made >= $needed - 1e-9) {
                $rating = $made;
                break;
            }
        }
        $family = null;
        foreach ($rating === null ? [] : FuseFamily::cases() as $candidate) {
            if (in_array(
                $rating,
                $candidate->ratings(),
                true,
            ) && $candidate->interruptA($systemV) >= $shortA && $candidate->interruptA($systemV) > 0.0) {
                $family = $candidate;
                break;
            }
        }

        return new self(
            $needed,
            Guard::positive($ampacityA, '/ampacity_a'),
            Guard::positive($systemV, '/system_v'),
            $shortA,
            $rating,
            $family,
        );
    }

    public function fits(): bool
    {
        return $this->ratingA !== null && $this->ratingA <= $this->ampacityA && $this->family !== null;
    }

    public function interruptA(): ?float
    {
        return $this->family?->interruptA($this->systemV);
    }

    /**
     * @return list<Finding>
     */
    public function findings(): array
    {
        $findings = [];
        $needed = Figure::given('needed', $this->neededA, 'A', Origin::Computed);
        if ($this->ratingA === null) {
            $findings[] = new Finding(
                'fuse-above-cable',
                Severity::Stop,
                ['needed' => Amount::of($this->neededA, 'A')],
                [$needed],
                variant: 'none',
            );
        } elseif ($this->ratingA > $this->ampacityA) {
            $findings[] = new Finding(
                'fuse-above-cable',
                Severity::Stop,
                [
                    'rating' => Amount::of($this->ratingA, 'A'),
                    'ampacity' => Amount::of($this->ampacityA, 'A'),
                    'needed' => Amount::of($this->neededA, 'A'),
                ],
                [
                    Figure::given('rating', $this->ratingA, 'A', Origin::Computed),
                    Figure::given('ampacity', $this->ampacityA, 'A', Origin::Computed),
                ],
            );
        }
        if ($this->ratingA !== null && $this->family === null) {
            $findings[] = new Finding(
                'fuse-breaks-too-little',
                Severity::Fix,
                ['short' => Amount::of($this->shortA, 'A', 0), 'volts' => Amount::of($this->systemV, 'V')],
                [Figure::given('prospective-current', $this->shortA, 'A', Origin::Computed)],
            );
        }

        return $findings;
    }
}
