<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources;

use Pebblefell\Charging\ShoreFit;
use Pebblefell\Circuit\Volts;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Kind\Usual;
use Pebblefell\System\Part;

/** Hook-up and generator: what the post must carry, and the smallest generator that will do. */
final readonly class MainsCheck
{
    /** Running watts of the generators that are sold for vehicles. Common practice. */
    public const GENERATORS_W = [700.0, 900.0, 1600.0, 2000.0, 2500.0, 2800.0, 3500.0, 4500.0, 5500.0, 7000.0, 10_000.0];

    /** Hours a day that people let one run. Chosen. */
    public const GENERATOR_H = 3.0;

    /** Charging volts per 12 V. Common practice. */
    private const CHARGE_V = 14.2;

    /**
     * @param float $chargerA  of all mains chargers of the plan together
     * @param float $dcV       while charging
     * @param float $chargerPct efficiency
     * @param bool  $supports  an inverter-charger tops the post up from the bank
     */
    private function __construct(
        private Study $study,
        public float $chargerA,
        public float $dcV,
        public float $chargerPct,
        public bool $supports,
        public float $outletsW,
    ) {
    }

    public static function of(Study $study): self
    {
        $all = $study->planned()->of(Family::MainsCharger);
        $chargers = array_values(array_filter($all, static fn(Part $p): bool => Volts::reaches($p, $study->system->vehicle->systemV)));

        return new self(
            $study,
            array_sum(array_map(static fn(Part $p): float => $p->data->chargeCurrent()->value ?? 0.0, $chargers)),
            self::CHARGE_V * $study->system->vehicle->systemV / 12.0,
            $chargers === [] ? Usual::MAINS_EFFICIENCY_PCT : $chargers[0]->data->orUsual('efficiency_pct'),
            array_filter($chargers, static fn(Part $p): bool => $p->data->flag('supports_supply') === true) !== [],
            $study->loads()->budget->acPeakW,
        );
    }

    /**
     * @return list<ShoreFit> one for each usual post of the region
     */
    public function posts(): array
    {
        $region = $this->study->system->region;

        return array_map(
            fn(float $amps): ShoreFit => ShoreFit::of(
                $region->postV($amps),
                $amps,
                $this->chargerA,
                $this->dcV,
                $this->chargerPct,
                $this->outletsW,
            ),
            $region->hookUpsA(),
        );
    }

    /** Amps that the bank adds at a post whose breaker the outlets alone would trip; 0 where nothing tops up. */
    public function supportA(ShoreFit $post): float
    {
        return $this->supports ? max(0.0, $post->passthroughW / $post->mainsV - $post->breakerA) : 0.0;
    }

    /** Alone, a generator must start the largest load on top of the others. */
    public function generatorAlone(): Figure
    {
        $loads = $this->study->loads();
        $surge = $this->acSurgeW();

        return new Figure('generator-alone', max($surge, $loads->budget->acPeakW), 'W', 'generator-alone', [
            Figure::given('largest-start', $surge, 'W', Origin::Computed),
            Figure::given('all-at-once', $loads->budget->acPeakW, 'W', Origin::Computed),
        ], 'first-principles');
    }

    /** With the inverter's help it only has to bring back the day's energy in its hours; the bank takes starts and peaks. */
    public function generatorHelped(): Figure
    {
        $energy = $this->study->loads()->energy();

        $watts = $energy->value / (self::GENERATOR_H * $this->chargerPct / 100.0);

        return new Figure('generator-with-the-inverter-s-help', $watts, 'W', 'generator-with-the-inverter-s-help', [
            $energy,
            Figure::given('hours-it-runs', self::GENERATOR_H, 'h', Origin::Assumed, 'chosen'),
            Figure::given('charger-efficiency', $this->chargerPct, '%', Origin::Assumed),
        ], 'first-principles');
    }

    /** The smallest usual generator for so many W; null: none is large enough. */
    public static function smallest(float $watts): ?float
    {
        foreach (self::GENERATORS_W as $size) {
            if ($size >= $watts) {
                return $size;
            }
        }

        return null;
    }

    private function acSurgeW(): float
    {
        return $this->study->loads()->budget->acPeakW > 0.0 ? $this->study->loads()->budget->surgeW : 0.0;
    }
}
