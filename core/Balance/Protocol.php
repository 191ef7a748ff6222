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

    /** The note by which a reading is known again that a session of it ended with. */
    public function mark(): string
    {
        return 'balanced, ' . $this->value;
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
