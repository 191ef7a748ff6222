<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Bank\BayFit;
use Pebblefell\Charging\ChargeTime;
use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Word;
use Pebblefell\Outlook\YearOutlook;
use Pebblefell\Study;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\Trip\Weather;

/** One chemistry's best bank for the wish, with what it weighs, takes, lasts and costs. */
final readonly class ChemistryChoice
{
    /** Charging by day on the road is over after so many hours. Chosen: a working day. */
    private const HOURS_TO_CHARGE = 10.0;

    /** A bank whose cost a kWh lies so close to the best is as good, and the lighter one wins. Chosen. */
    private const ALIKE = 1.15;

    /**
     * @param ?Word $against why it cannot be, or null
     */
    private function __construct(
        public Chemistry $chemistry,
        public Part $battery,
        public BankProposal $proposal,
        public float $chargeH,
        public float $lifeYears,
        public ?Figure $costPerKwh,
        public ?float $price,
        public ?Word $against,
    ) {
    }

    /**
     * The cheapest bank of each chemistry out of the parts library; the lightest where prices are missing.
     *
     * @param list<Part> $batteries
     *
     * @return list<self> in the order of Chemistry; a chemistry without a battery that fulfils the wish is left out
     */
    public static function all(Study $study, array $batteries): array
    {
        $choices = [];
        foreach (Chemistry::cases() as $chemistry) {
            $best = null;
            foreach ($batteries as $battery) {
                $proposal = BankProposal::of($study, $battery->data->values, $chemistry);
                if ($proposal === null) {
                    continue;
                }
                $choice = self::judge($study, $chemistry, $battery, $proposal);
                if ($best === null || $choice->order() < $best->order()) {
                    $best = $choice;
                }
            }
            if ($best !== null) {
                $choices[] = $best;
            }
        }

        return $choices;
    }

    /**
     * Which of them is right: what fits and charges in a day, by cost a kWh delivered over its life; the lightest among equals.
     *
     * @param list<self> $choices
     */
    public static function best(array $choices): ?self
    {
        $possible = array_values(array_filter($choices, static fn(self $c): bool => $c->against === null));
        if ($possible === []) {
            return null;
        }
        $priced = array_filter(
            array_map(static fn(self $c): ?float => $c->costPerKwh?->value, $possible),
            static fn(?float $v): bool => $v !== null,
        );
        if (count($priced) === count($possible)) {
            $least = min($priced);
            $possible = array_values(array_filter(
                $possible,
                static fn(self $c): bool => ($c->costPerKwh->value ?? INF) <= self::ALIKE * $least,
            ));
        }
        usort($possible, static fn(self $a, self $b): int => $a->proposal->massKg <=> $b->proposal->massKg);

        return $possible[0];
    }

    private static function judge(Study $study, Chemistry $chemistry, Part $battery, BankProposal $proposal): self
    {
        $sheet = $battery->data;
        $bank = $proposal->bank;
        $ah = $bank->ratedAh();
        $recommended = $sheet->orUsual('recommended_charge_a') * $bank->parallel;
        $charge = ChargeTime::of(
            $ah,
            100.0 * (1.0 - $bank->usableShare()),
            $chemistry->isLithium() ? 97.0 : 85.0,
            max(0.1, $recommended),
            100.0 * $chemistry->coulombicEfficiency(),
            $sheet->orUsual('absorption_h'),
            0.0,
        );
        $price = $sheet->number('price') === null ? null : $proposal->count * $sheet->number('price');
        [$years, $cost] = self::life($study, $chemistry, $sheet, $proposal, $price);

        return new self(
            $chemistry,
            $battery,
            $proposal,
            $charge->totalH,
            $years,
            $cost,
            $price,
            self::against($study, $sheet, $proposal, $charge->totalH),
        );
    }

    /**
     * Years by cycles or by the calendar, whichever ends first, and the cost of a kWh that it delivers in them.
     *
     * @return array{float, ?Figure}
     */
    private static function life(Study $study, Chemistry $chemistry, DataSheet $sheet, BankProposal $proposal, ?float $price): array
    {
        $days = array_sum(array_map(static fn(int $m): int => Weather::MONTH_DAYS[$m - 1], YearOutlook::travelled($study->system)));
        $kwhYear = $study->loads()->budget->energyWhDay * $days / 1000.0;
        $cycles = $sheet->number('cycles');
        $byCycles = $cycles === null || $kwhYear <= 0.0 ? INF : $cycles * $proposal->usableWh / 1000.0 / $kwhYear;
        $years = min($chemistry->serviceYears(), $byCycles);
        if ($price === null || $kwhYear <= 0.0) {
            return [$years, null];
        }

        return [$years, new Figure('cost-of-a-kwh-over-its-life', $price / ($kwhYear * $years), '¤', 'cost-of-a-kwh-over-its-life', [
            Figure::given('price', $price, '¤', Origin::DataSheet),
            new Figure(
                'kwh-a-year',
                round($kwhYear, 1),
                'kWh',
                'kwh-a-year',
                [$study->loads()->energy(), Figure::given('days-on-the-road', $days, 'days')],
            ),
            new Figure('years', round($years, 1), 'years', 'years', [
                Figure::given('service-life', $chemistry->serviceYears(), 'years', Origin::Assumed, 'common-practice'),
                Figure::given('cycles-to-80', $cycles ?? 0.0, '', Origin::DataSheet),
                Figure::given('usable-energy', round($proposal->usableWh), 'Wh', Origin::Computed),
            ]),
        ], 'miner')];
    }

    private static function against(Study $study, DataSheet $sheet, BankProposal $proposal, float $chargeH): ?Word
    {
        $vehicle = $study->system->vehicle;
        $box = BankSizing::box($sheet);
        if ($vehicle->bay !== null && $box !== null && !BayFit::of(
            $vehicle->bay,
            $box,
            $proposal->count,
            $sheet->orUsual('gap_mm'),
        )->fits()) {
            return Word::of('against.bay');
        }
        $freed = array_sum(array_map(static fn(Part $p): float => $p->data->orUsual('mass_kg'), $study->found()->houseBatteries()));
        if ($vehicle->payloadKg !== null && $proposal->massKg > $vehicle->payloadKg + $freed) {
            return Word::of('against.payload');
        }
        if ($chargeH > self::HOURS_TO_CHARGE && $study->system->travel->hookUp === 'never') {
            return Word::of('against.slow', ['hours' => Amount::of($chargeH, 'h', 0)]);
        }

        return null;
    }

    private function order(): float
    {
        return ($this->against === null ? 0.0 : 1e9) + ($this->price ?? 1e6 + $this->proposal->massKg);
    }

    /** A part that stands for a battery of the library. */
    public static function part(string $uid, string $make, string $model, DataSheet $sheet): Part
    {
        return new Part($uid, PartKind::Battery, $sheet, make: $make, model: $model);
    }
}
