<?php

declare(strict_types=1);

namespace Pebblefell\Assessment\Rule;

use Pebblefell\Assessment\Rule;
use Pebblefell\Assessment\Stage;
use Pebblefell\Bank\BayFit;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Remedy;
use Pebblefell\Finding\Severity;
use Pebblefell\Sizing\Sums;

/** The planned batteries stand in the bay, with gaps and headroom. A carton's size is not the battery's. */
final class BankFitsBay implements Rule
{
    public function stage(): Stage
    {
        return Stage::Size;
    }

    public function judge(Sums $sums): array
    {
        $fit = $sums->banks->bayFit($sums->banks->planned);
        if ($fit === null || $fit->fits()) {
            return [];
        }

        return [new Finding(
            'bank-does-not-fit',
            Severity::Fix,
            'They do not fit the bay',
            $fit->lackHeightMm !== null
                ? sprintf('%.0f mm are missing in height, with %.0f mm for lugs and lid.', $fit->lackHeightMm, BayFit::HEADROOM_MM)
                : sprintf('%d of %d stand upright in it with %.0f mm between them.', $fit->most, $fit->wanted, BayFit::GAP_MM),
            new Remedy('Choose another shape or fewer, or another place; measure the battery, not the carton'),
            'computed from data sheet and bay; gaps are common practice',
            [
                Figure::given('fit', $fit->most, '', Origin::Computed),
                Figure::given('wanted', $fit->wanted, ''),
                Figure::given('bay length', $fit->bay->lengthMm, 'mm'),
                Figure::given('bay width', $fit->bay->widthMm, 'mm'),
                Figure::given('bay height', $fit->bay->heightMm, 'mm'),
            ],
        )];
    }
}
