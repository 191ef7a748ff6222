<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size\Rules;

use Pebblefell\Bank\BayFit;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;

/** The planned batteries stand in the bay, with gaps and headroom. A carton's size is not the battery's. */
final class BankFitsBay implements Rule
{
    public function judge(Study $study): array
    {
        $fit = $study->banks()->bayFit($study->banks()->planned);
        if ($fit === null || ($fit->fits() && $fit->tightMm === null)) {
            return [];
        }

        return [new Finding(
            'bank-does-not-fit',
            $fit->tightMm === null ? Severity::Fix : Severity::Note,
            [
                'lack' => Amount::of($fit->lackHeightMm ?? 0.0, 'mm', 0),
                'headroom' => Amount::of(BayFit::HEADROOM_MM, 'mm', 0),
                'most' => $fit->most,
                'wanted' => $fit->wanted,
                'gap' => Amount::of($fit->gapMm(), 'mm', 0),
                'left' => Amount::of($fit->tightMm ?? 0.0, 'mm', 0),
            ],
            [
                Figure::given('fit', $fit->most, '', Origin::Computed),
                Figure::given('wanted', $fit->wanted, ''),
                Figure::given('bay-length', $fit->bay->lengthMm, 'mm'),
                Figure::given('bay-width', $fit->bay->widthMm, 'mm'),
                Figure::given('bay-height', $fit->bay->heightMm, 'mm'),
            ],
            variant: match (true) {
                $fit->lackHeightMm !== null => 'height',
                $fit->tightMm !== null => 'tight',
                default => 'count',
            },
        )];
    }
}
