<?php

declare(strict_types=1);

namespace App\Http\Pages\Size;

use App\Http\Desks\Size\Pin;
use App\Http\Desks\Size\Proposals;
use App\Http\Workbench;
use App\Models\Choice;
use App\Models\LibraryPart;
use App\Words\Months;
use Illuminate\Database\Eloquent\Collection;
use Pebblefell\Bank\BayFit;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Stage\Size\Alternative;
use Pebblefell\Stage\Size\Axles;
use Pebblefell\Stage\Size\AxleSketch;
use Pebblefell\Stage\Size\BankProposal;
use Pebblefell\Stage\Size\BankSizing;
use Pebblefell\Stage\Size\BaySketch;
use Pebblefell\Stage\Size\ChemistryChoice;
use Pebblefell\Stage\Size\EnduranceSketch;
use Pebblefell\Stage\Size\Growth;
use Pebblefell\Stage\Size\RoofPlan;
use Pebblefell\Stage\Size\RoofShade;
use Pebblefell\Stage\Size\RoofSketch;
use Pebblefell\Stage\Size\StaySketch;
use Pebblefell\Stage\Size\TanksSketch;
use Pebblefell\Stage\Size\VoltageChoice;
use Pebblefell\Stage\Sources\YearSketch;
use Pebblefell\System\Fate;
use Pebblefell\System\HouseBank;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\Photo as CorePhoto;
use Pebblefell\System\Roof;
use Pebblefell\Trip\EnduranceMap;

/** Shows Size: the map, and behind it what each fold holds. */
final readonly class SizePage
{
    private const ON_A_VOLTAGE = [
        Family::Battery, Family::Inverter, Family::Dcdc, Family::MainsCharger, Family::Cable,
    ];

    public BankSizing $banks;

    public bool $narrow;

    public function __construct(private Workbench $bench, public Pin $pin)
    {
        $this->banks = $bench->study->banks();
        $this->narrow = Workbench::isNarrow();
    }

    /** How long it lasts as they live, if that is the wish; null: it is not, or nothing can be simulated yet. */
    public function lived(): ?string
    {
        $study = $this->bench->study;
        $days = $study->system->travel->wish === 'lived' ? $study->simulations->livedDays() : null;

        return match (true) {
            $days === null => null,
            $days >= EnduranceMap::MOST_DAYS => EnduranceMap::MOST_DAYS . ' days and more',
            default => $this->bench->show->text($days, '', 1) . ' days',
        };
    }

    public function energyWh(): float
    {
        return $this->bench->study->loads()->budget->energyWhDay;
    }

    public function scenario(): string
    {
        return $this->bench->study->loads()->scenario->name ?? '';
    }

    /** The plan has another bank, or other parts, than were found. */
    public function isChanged(): bool
    {
        $study = $this->bench->study;

        return $study->system->difference()->parts(Fate::Add) !== []
            || count($study->found()->houseBatteries()) !== count($study->planned()->houseBatteries());
    }

    public function map(): ?EnduranceSketch
    {
        return $this->pin->map === null ? null : EnduranceSketch::of(
            $this->pin->map,
            $this->pin->strings,
            $this->pin->count,
            $this->narrow,
        );
    }

    /**
     * @return array<int, string> 1 to 12
     */
    public function months(): array
    {
        return Months::names();
    }

    /** "Days with nothing coming in": the form of the wish, as the brief has it. */
    public function wished(): string
    {
        return 'Days ' . $this->bench->say->word('sheets.choices.' . $this->bench->study->system->travel->wish);
    }

    /** Returns what the bank alone is measured by, whatever form the wish has. */
    public function alone(): string
    {
        return $this->bench->show->days($this->bench->study->system->travel->wishDays) . ' without any charge';
    }

    public function staySketch(): ?StaySketch
    {
        $stay = $this->bench->study->simulations->stay();

        return $stay === null ? null : StaySketch::of($stay, $this->narrow);
    }

    public function yearSketch(): ?YearSketch
    {
        $year = $this->bench->study->simulations->year();

        return $year === null ? null : YearSketch::of($year, $this->narrow);
    }

    public function tanks(): TanksSketch
    {
        return TanksSketch::of($this->bench->study, $this->narrow);
    }

    /**
     * @return array<string, array{case: HouseBank, fit: BayFit, sketch: BaySketch}> planned, and found where it differs
     */
    public function bays(): array
    {
        $bays = [];
        foreach (['planned' => $this->banks->planned, 'found' => $this->isChanged() ? $this->banks->found : null] as $which => $case) {
            $fit = $case === null ? null : $this->banks->bayFit($case);
            if ($case !== null && $fit !== null) {
                $bays[$which] = ['case' => $case, 'fit' => $fit, 'sketch' => BaySketch::of($fit, $this->narrow)];
            }
        }

        return $bays;
    }

    /**
     * @return list<ChemistryChoice>
     */
    public function chemistries(): array
    {
        return $this->energyWh() > 0.0 ? $this->bench->study->simulations->chemistries($this->pin->batteries) : [];
    }

    /**
     * @param list<ChemistryChoice> $choices
     */
    public function best(array $choices): ?ChemistryChoice
    {
        return ChemistryChoice::best($choices);
    }

    /**
     * @return list<VoltageChoice>
     */
    public function voltages(): array
    {
        return $this->energyWh() > 0.0 ? VoltageChoice::all($this->bench->study, LibraryPart::ofKinds(
            ...array_merge(...array_map(static fn(Family $f): array => $f->kinds(), self::ON_A_VOLTAGE)),
        )) : [];
    }

    /**
     * @return list<array{row: Choice, is: Alternative}>
     */
    public function choices(): array
    {
        $choices = [];
        foreach ($this->bench->study->system->choices as $choice) {
            $row = $this->bench->job->choices->firstWhere('uid', $choice->uid);
            if ($row !== null) {
                $choices[] = ['row' => $row, 'is' => Alternative::of($this->bench->study, $choice)];
            }
        }

        return $choices;
    }

    public function leadM(): float
    {
        return VoltageChoice::leadM($this->bench->study);
    }

    /**
     * @return list<Growth>
     */
    public function growth(): array
    {
        return Growth::of($this->bench->study);
    }

    /**
     * @return Collection<int, LibraryPart>
     */
    public function batteries(): Collection
    {
        return LibraryPart::query()->whereIn('kind', Family::Battery->kinds())->orderBy('make')->orderBy('model')->get();
    }

    /**
     * @param Collection<int, LibraryPart> $batteries
     *
     * @return list<array{part: LibraryPart, proposal: BankProposal}>
     */
    public function proposals(Collection $batteries): array
    {
        return Proposals::banks($this->bench->study, $batteries);
    }

    /**
     * @return array<string, string>
     */
    public function targets(): array
    {
        return array_combine(array_column(Chemistry::cases(), 'value'), array_map($this->bench->say->name(...), Chemistry::cases()));
    }

    public function roofSketch(RoofPlan $plan): RoofSketch
    {
        return RoofSketch::of($plan, $this->narrow);
    }

    /** The month for which shade is told: the one that asks for most, else the sunniest. */
    public function shadeMonth(): int
    {
        return $this->bench->study->simulations->sun()?->ruling->month ?? 6;
    }

    /**
     * Returns what stands on the roof and takes sun of each panel, in words.
     *
     * @return list<string>
     */
    public function shades(RoofPlan $plan): array
    {
        $latitude = $this->bench->study->system->place->latitudeDeg ?? null;
        if ($latitude === null) {
            return [];
        }
        $percent = fn(float $share): string => $this->bench->show->text(100.0 * $share, '', 0);

        return array_map(static fn(array $s): string => match (true) {
            $s['most'] < 0.005 => 'none',
            $percent($s['least']) === $percent($s['most']) => $percent($s['least']) . ' %, by ' . implode(', ', array_filter($s['by'])),
            default => $percent($s['least']) . ' to ' . $percent($s['most']) . ' %, by ' . implode(', ', array_filter($s['by'])),
        }, RoofShade::of($plan, $latitude, $this->shadeMonth()));
    }

    /**
     * A picture of the roof from above beneath the drawing, where the brief says that it lies, else along its whole length; not on a phone,
     * where front is up and a picture would stand mirrored.
     *
     * @return ?array{href: string, x: float, y: float, width: float, height: float} px
     */
    public function roofPicture(RoofPlan $plan, RoofSketch $sketch): ?array
    {
        $job = $this->bench->job;
        $photo = $sketch->upright ? null : $this->bench->pictures(CorePhoto::ROOF)->latest('id')->first();
        if ($photo === null || $photo->width_px < 1) {
            return null;
        }
        $typed = $this->bench->study->system->vehicle->roofPicture;
        $lies = $typed === null ? ['x' => 0.0, 'y' => 0.0, 'wide' => $plan->roof->lengthMm] : Roof::picture($typed);

        return [
            'href' => route('photos.show', [$job, $photo->part_id, $photo]),
            'x' => $sketch->roof['x'] + $lies['x'] * $sketch->scale,
            'y' => $sketch->roof['y'] + $lies['y'] * $sketch->scale,
            'width' => $lies['wide'] * $sketch->scale,
            'height' => $lies['wide'] * $sketch->scale * $photo->height_px / $photo->width_px,
        ];
    }

    public function roofThings(): ?string
    {
        return $this->bench->study->system->vehicle->roofThings;
    }

    /** Gives where the roof's picture lies, as it was typed. */
    public function roofPictureLies(): ?string
    {
        return $this->bench->study->system->vehicle->roofPicture;
    }

    public function axleSketch(Axles $axles): AxleSketch
    {
        return AxleSketch::of($axles, $this->narrow);
    }

    /** Where a panel lies, as a field holds it: m from the front, or from the left. */
    public function metres(float $mm): string
    {
        return $this->bench->show->field(round($mm / 1000.0, 3));
    }

    /** It lies across, not as its sheet has it. */
    public function isTurned(Part $panel, float $along): bool
    {
        return abs($along - $panel->data->known('length_mm')) > 1e-6;
    }
}
