<?php

declare(strict_types=1);

namespace Pebblefell\Balance;

/** The ways of making batteries alike before they are joined. Common practice, no source; both schools of LFP are there. */
enum Protocol: string
{
    case Full = 'full';
    case Check = 'check';
    case Refresh = 'refresh';
    case Cells = 'cells';

    public function label(): string
    {
        return match ($this) {
            self::Full => 'full: charge each, rest, join, wait',
            self::Check => 'check only: measure, then join',
            self::Refresh => 'refresh charge of a lead bank',
            self::Cells => 'cell top balance',
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Full => 'Charge each alone through bulk and absorption to float, disconnect, rest overnight, note the rested volts; join plus to plus and minus to minus with decent cable, leave 12 to 16 hours, confirm that all read alike. Repeat yearly, or when they drift.',
            self::Check => 'Some hold that the BMSs and time do it. Measure each at rest; join if the spread and the predicted rush current are within limits.',
            self::Refresh => 'The whole lead bank at 2.35 V a cell for 16 hours with at least twice the 10-hour current. Stay with it, feel for warm blocks, stop at 16 h.',
            self::Cells => 'Charge the pack until the first cell reaches 3.55 V, let the BMS’s balancer bleed it, charge again; until all stand within 10 mV. Bleeding by hand with a lamp works, but the next cell then leads: it is a full-time job.',
        };
    }

    /**
     * @return list<Step> in order
     */
    public function steps(): array
    {
        return match ($this) {
            self::Full => [Step::Waiting, Step::Charging, Step::Absorbing, Step::Resting, Step::Ready, Step::Joined],
            self::Check => [Step::Waiting, Step::Resting, Step::Ready, Step::Joined],
            self::Refresh => [Step::Waiting, Step::Charging, Step::Resting, Step::Ready],
            self::Cells => [Step::Waiting, Step::Charging, Step::Absorbing, Step::Ready],
        };
    }
}
