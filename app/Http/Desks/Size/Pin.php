<?php

declare(strict_types=1);

namespace App\Http\Desks\Size;

use App\Http\Requests\Size\PinQuery;
use App\Http\Workbench;
use App\Models\LibraryPart;
use Pebblefell\Stage\Size\BankProposal;
use Pebblefell\Stage\Size\ComesIn;
use Pebblefell\Stage\Size\Endurance;
use Pebblefell\Stage\Size\Worth;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

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
        public ComesIn $in,
        public ?Endurance $map,
        public int $strings,
        public int $count,
        private Study $study,
    ) {
    }

    public static function of(PinQuery $asked, Workbench $bench): self
    {
        $study = $bench->study;
        $batteries = LibraryPart::ofKinds(...Family::Battery->kinds());
        $panels = LibraryPart::ofKinds(...Family::Panel->kinds());
        $battery = self::chosen(
            $batteries,
            $asked->asked('battery'),
            $study->planned()->houseBatteries(),
        ) ?? self::fallback($batteries, $study);
        $panel = self::chosen($panels, $asked->asked('panel'), $study->planned()->of(Family::Panel)) ?? ($panels[0] ?? null);
        $month = $asked->whole('month') ?? $study->simulations->sun()->ruling->month ?? 6;
        $travel = $study->system->travel;
        $in = ComesIn::tryFrom($asked->asked('in'));
        $in = in_array($in, ComesIn::choices($travel), true) ? $in : ComesIn::wished($travel);
        $map = $battery === null || $panel === null ? null : $study->simulations->endurance($battery, $panel, $month, $in);
        // The map reaches as far as it is drawn; a plan beyond it stands at its edge.
        $number = static fn(string $key, int $default, int $low, int $most): int => max($low, min($most, $asked->whole($key) ?? $default));

        return new self(
            $batteries,
            $panels,
            $battery,
            $panel,
            $month,
            $in,
            $map,
            $map === null ? 1 : $number('strings', $map->planStrings(), 1, $map->mostStrings()),
            $map === null ? 0 : $number('panels', $map->planPanels(), 0, $map->mostPanels()),
            $study,
        );
    }

    public function worth(): ?Worth
    {
        [$map, $battery, $panel] = [$this->map, $this->battery, $this->panel];

        return $map === null || $battery === null || $panel === null ? null : Worth::at(
            $map,
            $this->strings,
            $this->count,
            fn(float $days): float => $map->lasts($this->study, $battery, $panel, $this->strings, $this->count, $days),
        );
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
    private static function fallback(array $batteries, Study $study): ?Part
    {
        $best = null;
        $least = INF;
        foreach ($batteries as $battery) {
            $proposal = BankProposal::of($study, $battery->data->values);
            if ($proposal !== null && $proposal->massKg < $least) {
                [$best, $least] = [$battery, $proposal->massKg];
            }
        }

        return $best ?? ($batteries[0] ?? null);
    }
}
