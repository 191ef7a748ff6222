<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Bank\Bank;
use Pebblefell\Conductor\Run;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Word;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Study;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\Vehicle;

/** The same vehicle at 12, 24 or 48 V: amps, cable, loss, and what there is to run on it. */
final readonly class VoltageChoice
{
    /** From the bank to the inverter or the box, where nobody has measured it, m. An assumption. */
    public const USUAL_LEAD_M = 1.5;

    /** Most volts lost there. ABYC E-11 (from memory): 3 % for critical circuits. */
    private const MOST_DROP = 0.03;

    /**
     * @param ?ConductorSize $cable  null: no single cable is thick enough
     * @param ?float         $cableCost for both leads; null: no price in the library
     * @param array<string, int> $parts of the library that run on it, by kind
     */
    private function __construct(
        public float $volts,
        public Figure $peakA,
        public ?ConductorSize $cable,
        public ?float $lossW,
        public ?float $cableCost,
        public array $parts,
        public bool $needsConverter,
    ) {
    }

    /**
     * @param list<Part> $library
     *
     * @return list<self>
     */
    public static function all(Study $study, array $library): array
    {
        return array_map(static fn(float $volts): self => self::at($study, $library, $volts), Vehicle::SYSTEM_VOLTS);
    }

    /**
     * @param list<Part> $library
     */
    private static function at(Study $study, array $library, float $volts): self
    {
        $peak = $study->loads()->peak();
        $amps = new Figure(
            Word::of('figures.labels.worst-moment-at', ['volts' => Amount::of($volts, 'V')]),
            $peak->value / $volts,
            'A',
            'worst-moment-at',
            [$peak, Figure::given('system-volts', $volts, 'V')],
            'first-principles',
        );
        $metres = self::leadM($study);
        $run = Run::of(ConductorSize::ofArea(1.0), $metres);
        $cable = $amps->value > 0.0 ? $run->areaFor($amps->value, self::MOST_DROP * $volts, $study->system->region->usesGauges()) : null;
        $resistance = $cable === null ? null : Run::of($cable, $metres)->resistanceOhm();

        return new self(
            $volts,
            $amps,
            $cable,
            $resistance === null ? null : $amps->value ** 2 * $resistance,
            $cable === null ? null : self::cost($library, $cable, 2.0 * $metres),
            self::running($library, $volts),
            $volts > 12.0 && array_filter($study->loads()->budget->appliances, static fn($a): bool => $a->side->value === 'dc') !== [],
        );
    }

    /** One way, as measured at the inverter, or assumed. */
    public static function leadM(Study $study): float
    {
        $inverter = $study->planned()->inverter();
        foreach ($inverter === null ? [] : $study->planned()->at(Point::of($inverter->uid, 'battery_plus')) as $lead) {
            if ($lead->lengthM !== null && $lead->lengthM > 0.0) {
                return $lead->lengthM;
            }
        }

        return self::USUAL_LEAD_M;
    }

    /**
     * @param list<Part> $library
     */
    private static function cost(array $library, ConductorSize $cable, float $metres): ?float
    {
        $price = null;
        $area = INF;
        foreach ($library as $part) {
            $mm2 = $part->is(Family::Cable) ? $part->data->known('size_mm2') : 0.0;
            if ($mm2 >= $cable->areaMm2 - 1e-6 && $mm2 < $area && $part->data->number('price_per_m') !== null) {
                [$price, $area] = [$part->data->number('price_per_m'), $mm2];
            }
        }

        return $price === null ? null : $price * $metres;
    }

    /**
     * @param list<Part> $library
     *
     * @return array<string, int>
     */
    private static function running(array $library, float $volts): array
    {
        $counts = ['battery' => 0, 'inverter' => 0, 'dcdc' => 0, 'mains_charger' => 0];
        foreach ($library as $part) {
            $near = static fn(?float $v): bool => $v !== null && abs($v / $volts - 1.0) < 0.25;
            match (true) {
                $part->is(Family::Battery) => Bank::seriesFor(
                    $part->data->known('nominal_v'),
                    $volts,
                ) <= 4 && $part->data->known('nominal_v') < $volts * 1.25 ? ++$counts['battery'] : null,
                $part->is(Family::Inverter) => $near($part->data->orUsual('input_v')) ? ++$counts['inverter'] : null,
                $part->is(Family::Dcdc) => $near($part->data->orUsual('output_v')) ? ++$counts['dcdc'] : null,
                $part->is(Family::MainsCharger) => $near($part->data->orUsual('output_v')) ? ++$counts['mains_charger'] : null,
                default => null,
            };
        }

        return $counts;
    }
}
