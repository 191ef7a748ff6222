<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;

/** Keys and signs, and every component on one page for those who build. */
final class HelpController extends Controller
{
    public function keys(): View
    {
        return view('keys', ['severities' => Severity::cases()]);
    }

    public function components(): View
    {
        $figure = new Figure('usable-energy', 4930.0, 'Wh', 'usable-energy', [
            Figure::given('capacity', 400.0, 'Ah', Origin::DataSheet), Figure::given('nominal-volts', 12.8, 'V', Origin::Assumed),
        ], 'common-practice');

        return view('components-page', ['severities' => Severity::cases(), 'figure' => $figure]);
    }
}
