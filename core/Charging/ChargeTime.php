<?php

declare(strict_types=1);

namespace Pebblefell\Charging;

use Pebblefell\Quantity\Guard;

/** Hours of a full charge: bulk at a steady current, then the absorption and rest that the data sheet asks for. */
final readonly class ChargeTime
{
    private function __construct(public float $bulkH, public float $totalH)
    {
    }

    /**
     * bulk = C · (to − from) / (I · η). A battery already past the end of bulk has none.
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public static function of(
        float $capacityAh,
        float $fromSocPct,
        float $bulkToSocPct,
        float $currentA,
        float $efficiencyPct,
        float $absorptionH,
        float $restH,
    ): self {
        Guard::positive($capacityAh, '/capacity_ah');
        Guard::between($fromSocPct, 0.0, 100.0, '/from_soc_pct');
        Guard::between($bulkToSocPct, 0.0, 100.0, '/bulk_to_soc_pct');
        Guard::positive($currentA, '/current_a');
        Guard::positive($efficiencyPct, '/efficiency_pct');
        Guard::between($efficiencyPct, 0.0, 100.0, '/efficiency_pct');
        Guard::notNegative($absorptionH, '/absorption_h');
        Guard::notNegative($restH, '/rest_h');
        $bulk = $capacityAh * max(0.0, $bulkToSocPct - $fromSocPct) / 100 / ($currentA * $efficiencyPct / 100);

        return new self($bulk, $bulk + $absorptionH + $restH);
    }
}
