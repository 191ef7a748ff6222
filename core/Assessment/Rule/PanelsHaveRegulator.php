<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\Sums;
use Pebblefell\System\PartKind;

/** Panels feed the bank through a regulator. */
final class PanelsHaveRegulator implements Rule
{
    public function stage(): Stage
    {
        return Stage::Sources;
    }

    public function judge(Sums $sums): array
    {
        $watts = $sums->planned->arrayW();
        if ($watts <= 0.0 || $sums->banks->planned->bank === null) {
            return [];
        }
        if ($sums->planned->ofKind(PartKind::Regulator) === []) {
            return [new Finding('panels-without-regulator', Severity::Stop, [], [Figure::given('array', $watts, 'W', Origin::DataSheet)])];
        }

        return [];
    }
}
