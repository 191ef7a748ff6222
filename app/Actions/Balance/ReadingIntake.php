<?php

declare(strict_types=1);

namespace App\Actions\Balance;

use App\Models\BalanceBattery;
use App\Models\BalanceReading;
use App\Models\BalanceSession;
use App\Models\SentOtherwise;
use Carbon\CarbonInterface;
use Pebblefell\Balance\BatteryReading;
use Pebblefell\Balance\Doubt;
use Pebblefell\Balance\Subject;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\System;

/** Looks at a reading before it is logged, wherever it comes from: which battery it is of, whether it can be. */
final class ReadingIntake
{
    /** A device's clock may be ahead by so many minutes. Chosen. */
    private const AHEAD_MIN = 10;

    public function __construct(private readonly LogReading $log)
    {
    }

    /**
     * The battery that is meant: by serial, by part number of the job, or by its place in the session, from 1.
     *
     * @throws InvalidValue at /battery
     */
    public static function battery(BalanceSession $session, System $system, string $name): BalanceBattery
    {
        $rows = $session->balanceBatteries;
        $found = $rows->filter(static fn(BalanceBattery $b): bool => $name !== ''
            && ($b->part_uid === $name || ($system->parts[$b->part_uid]->serial ?? '') === $name));
        if ($found->isEmpty() && ctype_digit($name)) {
            $found = $rows->slice((int) $name - 1, 1);
        }
        if ($name === '' && $rows->count() === 1) {
            $found = $rows;
        }

        return match (true) {
            $found->count() === 1 => $found->firstOrFail()->setRelation('session', $session),
            $found->isEmpty() => throw InvalidValue::at(
                '/battery',
                'not-in-session',
                ['text' => $name, 'count' => (string) $rows->count()],
            ),
            default => throw InvalidValue::at('/battery', 'serial-of-several', ['text' => $name]),
        };
    }

    /**
     * @param bool $sure it was asked about, and is so
     *
     * @return bool whether it was new
     *
     * @throws InvalidValue at /read_at, or /volts: what must be asked about
     * @throws SentOtherwise when its id came with something else before
     */
    public function take(
        BalanceBattery $battery,
        System $system,
        CarbonInterface $at,
        BatteryReading $reading,
        string $source,
        string $by,
        ?string $clientId,
        bool $sure,
    ): bool {
        $sent = $clientId === null ? null : BalanceReading::query()->where('client_id', $clientId)->first();
        if ($sent !== null) {
            return $sent->says($battery, $reading, $by) ? false : throw new SentOtherwise();
        }
        $part = $system->parts[$battery->part_uid] ?? throw InvalidValue::at('/battery', 'no-longer-here');
        if (!$battery->session->isOpen()) {
            throw InvalidValue::at('/session', 'closed');
        }
        if ($at->greaterThan($battery->session->time()->copy()->addMinutes(self::AHEAD_MIN))) {
            throw InvalidValue::at('/read_at', 'in-the-future');
        }
        $subject = Subject::of($part->uid, $part->data, $battery->session->protocol);
        $before = $battery->readings()->where('read_at', '<=', $at)->reorder()->orderByDesc('read_at')->orderByDesc('id')->first();
        $doubt = $sure ? null : Doubt::about($subject, $battery->step, $reading, $before?->toReading());
        if ($doubt !== null) {
            throw InvalidValue::at('/volts', $doubt->key, $doubt->args);
        }

        return ($this->log)($battery, $subject, $at, $reading, $source, $by, $clientId);
    }
}
