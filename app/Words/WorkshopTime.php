<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\Workshop;
use Carbon\CarbonInterface;

/** Moments by the clock on the workshop's wall. */
final class WorkshopTime
{
    public function short(CarbonInterface $at): string
    {
        return Workshop::current()->local($at)->format('j M Y H:i');
    }
}
