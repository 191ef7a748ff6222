<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Logs\Measured;
use App\Words\Show;
use Illuminate\Contracts\View\View;
use Pebblefell\Region\Units;

/** Promised against measured, over all jobs; each with how many jobs it rests on. */
final class MeasuredController extends Controller
{
    public function index(): View
    {
        $show = new Show(Units::Metric);
        $durations = [];
        foreach (Measured::durations() as $does => $took) {
            $durations[] = [
                'title' => preg_replace(
                    '/:[a-z]+/',
                    '…',
                    (string) __("steps.does.$does.title"),
                ), 'median' => $show->text($took->median, 'min', 0),
                'spread' => $show->text($took->low, 'min', 0) . ' – ' . $show->text($took->high, 'min', 0), 'jobs' => $took->count,
            ];
        }

        return view('measured', ['budgets' => Measured::budgets(), 'durations' => $durations, 'batteries' => Measured::batteries()]);
    }
}
