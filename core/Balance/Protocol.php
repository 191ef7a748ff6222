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
     * @return list<BalanceStep> in order
     */
    public function steps(): array
    {
        return match ($this) {
            self::Full => [
                BalanceStep::Waiting, BalanceStep::Charging, BalanceStep::Absorbing, BalanceStep::Resting, BalanceStep::Ready,
                BalanceStep::Joined,
            ],
            self::Check => [BalanceStep::Waiting, BalanceStep::Resting, BalanceStep::Ready, BalanceStep::Joined],
            self::Refresh => [BalanceStep::Waiting, BalanceStep::Charging, BalanceStep::Resting, BalanceStep::Ready],
            self::Cells => [BalanceStep::Waiting, BalanceStep::Charging, BalanceStep::Absorbing, BalanceStep::Ready],
        };
    }
}
