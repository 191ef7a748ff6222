<?php

declare(strict_types=1);

namespace App\Support;

use App\Http\Requests\PinQuery;
use Pebblefell\Sizing\BankProposal;
use Pebblefell\Sizing\Endurance;
use Pebblefell\Sizing\Sums;
use Pebblefell\Sizing\Worth;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;

/** Where the pin on the endurance map stands, and what is asked there: read from the address, or from the plan. */
final readonly class Pin
{
    /**
     * @param list<Part> $batteries of the library, of the target's chemistry and whatever is planned
     * @param list<Part> $panels
     */
    private function __construct(
        public array $batteries,
        public array $panels,
        public ?Part $battery,
        public ?Part $panel,
        public int $month,
        public bool $driving,
        public ?Endurance $map,
        public int $strings,
        public int $count,
    ) {
    }

    public static function of(PinQuery $asked, Workbench $bench): self
    {
        $sums = $bench->assessment->sums;
        $batteries = Desk::library(PartKind::Battery);
        $panels = Desk::library(PartKind::Panel);
        $battery = self::chosen($batteries, $asked->asked('battery'), $sums->planned->houseBatteries()) ?? self::fallback($batteries, $sums);
        $panel = self::chosen($panels, $asked->asked('panel'), $sums->planned->ofKind(PartKind::Panel)) ?? ($panels[0] ?? null);
        $month = $asked->whole('month') ?? $sums->sun->ruling->month ?? 6;
        $driving = $asked->asked('driving') !== '0';
        $map = $battery === null || $panel === null ? null : Desk::of($bench)->endurance($battery->data, $panel->data, $month, $driving);
        // The map reaches as far as it is drawn; a plan beyond it stands at its edge.
        $number = static fn(string $key, int $default, int $low, int $most): int => max($low, min($most, $asked->whole($key) ?? $default));

        return new self(
            $batteries,
            $panels,
            $battery,
            $panel,
            $month,
            $driving,
            $map,
            $map === null ? 1 : $number('strings', $map->planStrings(), 1, $map->mostStrings()),
            $map === null ? 0 : $number('panels', $map->planPanels(), 0, $map->mostPanels()),
        );
    }

    public function worth(): ?Worth
    {
        return $this->map === null ? null : Worth::at($this->map, $this->strings, $this->count);
    }

    /**
     * The one that was asked for, else the one that the plan uses.
     *
     * @param list<Part> $library
     * @param list<Part> $planned
     */
    private static function chosen(array $library, string $id, array $planned): ?Part
    {
        foreach ($library as $part) {
            if ($part->uid === $id) {
                return $part;
            }
        }
        foreach ($library as $part) {
            if ($planned !== [] && $part->make === $planned[0]->make && $part->model === $planned[0]->model) {
                return $part;
            }
        }

        // Planned, but not in the library: it speaks for itself.
        return $planned[0] ?? null;
    }

    /**
     * Nothing is planned: the lightest battery that fulfils the wish.
     *
     * @param list<Part> $batteries
     */
    private static function fallback(array $batteries, Sums $sums): ?Part
    {
        $best = null;
        $least = INF;
        foreach ($batteries as $battery) {
            $proposal = BankProposal::of($sums, $battery->data->values);
            if ($proposal !== null && $proposal->massKg < $least) {
                [$best, $least] = [$battery, $proposal->massKg];
            }
        }

        return $best ?? ($batteries[0] ?? null);
    }
}
