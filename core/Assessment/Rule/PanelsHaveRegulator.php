<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Remedy;
use Pebblefell\Finding\Severity;
use Pebblefell\Setting\Parameter;
use Pebblefell\Sizing\Sums;
use Pebblefell\System\PartKind;

/** Panels feed the bank through a regulator, and it is large enough for them. */
final class PanelsHaveRegulator implements Rule
{
    public function stage(): Stage
    {
        return Stage::Sources;
    }

    public function judge(Sums $sums): array
    {
        $watts = $sums->planned->arrayW();
        $bank = $sums->banks->planned->bank;
        if ($watts <= 0.0 || $bank === null) {
            return [];
        }
        $array = Figure::given('array', $watts, 'W', Origin::DataSheet);
        $regulators = $sums->planned->ofKind(PartKind::Regulator);
        if ($regulators === []) {
            return [new Finding('panels-without-regulator', Severity::Stop, 'Panels without a regulator', 'Nothing stands between the panels and the bank: in full sun it is charged without limit.', new Remedy('Add a regulator that suits the panels and the bank'), 'first principles', [$array])];
        }
        $limit = array_sum(array_map(static fn($p): float => $p->data->number('max_charge_a') ?? 0.0, $regulators));
        $volts = $sums->settings->profile?->figure(Parameter::Absorption) ?? Figure::given('absorption', $bank->nominalV(), 'V', Origin::Assumed);
        $amps = new Figure('array current', $watts / $volts->value, 'A', 'array watts ÷ absorption volts', [$array, $volts], 'first principles');
        if ($limit >= $amps->value) {
            return [];
        }

        return [new Finding('regulator-clips', Severity::Note, 'The regulator clips in full sun', sprintf('%.0f W could give %.0f A; the regulator%s at %.0f A.', $watts, $amps->value, count($regulators) === 1 ? ' stops' : 's stop', $limit), new Remedy('Accept it, or fit a larger or a second regulator'), 'data sheet', [$amps, Figure::given('regulators', $limit, 'A', Origin::DataSheet)])];
    }
}
