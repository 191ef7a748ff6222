<?php

declare(strict_types=1);

namespace App\Http\Pages\Loads;

use App\Words\HoursText;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Load\TrialStay;
use Pebblefell\System\HouseBank;

/** A trial stay: what was read, and what it says of sun and bank. */
final readonly class TrialPage
{
    public function __construct(public HouseBank $bank, public ?TrialStay $trial = null, public ?InvalidValue $fault = null)
    {
    }

    /** Returns what the address asks, as it was typed. */
    public function asked(string $key, string $otherwise = ''): string
    {
        $asked = request()->query($key, $otherwise);

        return is_string($asked) ? $asked : $otherwise;
    }

    /** The hours between the first two readings, as a person writes them. */
    public function night(): string
    {
        return HoursText::write([['from_h' => (float) $this->asked('arrive_h'), 'to_h' => (float) $this->asked('morning_h')]]);
    }

    public function sureness(float $shortWh): string
    {
        return $this->trial?->isSure($shortWh) === true ? 'Sure' : 'Likely, but within the error of the readings';
    }
}
