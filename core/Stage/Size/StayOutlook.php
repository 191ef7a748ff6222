<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Outlook\TripSetup;
use Pebblefell\Study;
use Pebblefell\System\Stay;
use Pebblefell\Trip\Outcome;

/** The typical stay, with the old bank and with the new one, under the same sky. */
final readonly class StayOutlook
{
    private function __construct(public Stay $stay, public int $month, public ?Outcome $found, public ?Outcome $planned)
    {
    }

    /**
     * @return ?self null as long as no trip can be set up
     */
    public static function of(Study $study): ?self
    {
        $stay = $study->system->travel->stay();
        $month = self::month($study, $stay);
        if ($study->loads()->budget->energyWhDay <= 0.0) {
            return null;
        }
        $run = static function (?TripSetup $setup) use ($stay, $month): ?Outcome {
            return $setup === null ? null : $setup->trip->through($setup->stay($stay, $month));
        };
        $found = $run(TripSetup::of($study->system, $study->found(), $study->banks()->found, $study->loads()->budget));
        $planned = $run($study->trip());

        return $found === null && $planned === null ? null : new self($stay, $month, $found, $planned);
    }

    /**
     * @return array<string, Outcome> found and planned, as far as there is a bank
     */
    public function cases(): array
    {
        return array_filter(['found' => $this->found, 'planned' => $this->planned]);
    }

    /** The plan, or what was found where nothing is planned. */
    public function main(): ?Outcome
    {
        return $this->planned ?? $this->found;
    }

    public function days(): int
    {
        return count($this->main()->days ?? []);
    }

    /** The month of the stay: as chosen, else the poorest travelled one. */
    public static function month(Study $study, Stay $stay): int
    {
        return $stay->month > 0 ? $stay->month : ($study->simulations->sun()->ruling->month ?? 6);
    }
}
