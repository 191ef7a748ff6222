<?php

declare(strict_types=1);

namespace App\Actions\Balance;

use App\Actions\Survey\AddParts;
use App\Models\BalanceSession;
use App\Models\Job;
use App\Models\Measurement;

/**
 * Ends a balance session; if it passed, it says of which batteries, and the last reading of each becomes a measurement of the part. On the
 * simulated bench nothing was measured.
 */
final class KeepBalance
{
    public function __construct(private readonly AddParts $addParts)
    {
    }

    public function __invoke(Job $job, BalanceSession $session, bool $passed, string $note, string $by): void
    {
        $session->changeTo(['ended_at' => $session->time(), 'passed' => $passed, 'note' => $note]);
        $serials = $job->parts()->pluck('serial', 'uid');
        foreach ($passed ? $session->balanceBatteries()->with('lastReading')->get() : [] as $battery) {
            $battery->changeTo(['serial' => $serials[$battery->part_uid] ?? null]);
            $last = $battery->lastReading;
            if ($last !== null && !$session->isPractice()) {
                $this->addParts->row(
                    $job,
                    Measurement::class,
                    'm',
                    [
                        'part_uid' => $battery->part_uid,
                        'quantity' => 'volts',
                        'value' => $last->volts,
                        'measured_at' => $last->read_at->utc()->format('Y-m-d\TH:i:s\Z'),
                        'measured_by' => $by,
                        'instrument' => 'meter',
                        'note' => $session->protocol->mark(),
                    ],
                );
            }
        }
    }
}
