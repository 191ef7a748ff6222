<?php

declare(strict_types=1);

namespace App\Actions\Balance;

use App\Models\BalanceSession;
use App\Models\Job;
use App\Record\Disk;
use Illuminate\Support\Facades\DB;
use Pebblefell\Balance\BalanceStep;
use Pebblefell\Balance\BenchBattery;
use Pebblefell\Balance\BenchCharger;
use Pebblefell\Balance\Protocol;
use Pebblefell\Balance\Subject;
use Pebblefell\Bank\Levelling;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\System;

/**
 * The simulated bench: a battery monitor, or a cell meter, and a charger for every battery of a session, at a chosen speed. Its readings go
 * the way of all readings (LogReading), so that a real driver can take its place.
 */
final class Bench
{
    public const SPEEDS = [1.0, 60.0, 600.0, 3600.0];

    /** One tick covers no more than so many real seconds. Chosen. */
    private const LONGEST_S = 1.0;

    public function __construct(private readonly LogReading $log)
    {
    }

    /**
     * Sets the stand-ins up: hidden charges by the session's number, faults as chosen.
     *
     * @param array<string, string> $faults by part uid
     */
    public function start(BalanceSession $session, System $system, float $speed, BenchCharger $charger, array $faults): void
    {
        $states = $sheets = [];
        foreach ($session->balanceBatteries()->get() as $i => $row) {
            $part = $system->parts[$row->part_uid] ?? null;
            if ($part !== null) {
                $states[$row->part_uid] = $session->bench['states'][$row->part_uid] ?? BenchBattery::hidden(
                    1009 * $session->id + 97 * $i + 11,
                    Subject::of($part->uid, $part->data)->cells,
                    $faults[$row->part_uid] ?? '',
                )->toArray();
                $sheets[$row->part_uid] = $part->data->values;
            }
        }
        $session->forceFill([
            'clock' => $session->clock ?? now(),
            'bench' => ['speed' => $speed, 'charger' => $charger->value, 'states' => $states, 'sheets' => $sheets],
        ])->save();
    }

    /**
     * The bench goes on by the time since its last tick, however many listen; what nobody listened to did not happen. It knows the
     * batteries as they were when it was set up, and asks nothing of the job.
     */
    public function tick(BalanceSession $session): void
    {
        if (Disk::isNearlyFull()) {
            return;
        }
        DB::transaction(function () use ($session): void {
            // The job's row first, as every write does: whoever locks in one order never waits in a circle.
            Job::held($session->job_id);
            $session = BalanceSession::query()->lockForUpdate()->findOrFail($session->id);
            $bench = $session->bench;
            if ($bench === null || $session->clock === null || !$session->isOpen()) {
                return;
            }
            $charger = BenchCharger::from($bench['charger']);
            $now = microtime(true);
            $ahead = min(self::LONGEST_S, max(0.0, $now - ($bench['at'] ?? $now - self::LONGEST_S / 2.0))) * $bench['speed'];
            if ($ahead < 1.0) {
                return;
            }
            $clock = $session->clock->addSeconds((int) round($ahead));
            $rows = $session->balanceBatteries()->get();
            $subjects = $states = [];
            foreach ($rows as $row) {
                if (isset($bench['states'][$row->part_uid], $bench['sheets'][$row->part_uid])) {
                    $subjects[$row->part_uid] = Subject::of(
                        $row->part_uid,
                        DataSheet::of(PartKind::Battery, $bench['sheets'][$row->part_uid]),
                        $session->protocol,
                    );
                    $states[$row->part_uid] = BenchBattery::fromArray($bench['states'][$row->part_uid])->advanced(
                        $subjects[$row->part_uid],
                        $row->step,
                        $ahead,
                        $charger,
                        $row->charger_a ?? 30.0,
                        (float) $session->clock->getTimestamp(),
                    );
                }
            }
            $joined = [];
            foreach ($rows as $row) {
                if ($row->step === BalanceStep::Joined && isset($states[$row->part_uid])) {
                    $joined[] = $row->part_uid;
                }
            }
            if (count($joined) > 1) {
                $states = [...$states, ...self::levelled($joined, $states, $subjects, $session->link_ohm, $ahead / 3600.0)];
            }
            foreach ($rows as $row) {
                if (isset($states[$row->part_uid])) {
                    $row->setRelation('session', $session);
                    $reading = $states[$row->part_uid]->read(
                        $subjects[$row->part_uid],
                        (float) $clock->getTimestamp(),
                        $session->protocol === Protocol::Cells,
                    );
                    ($this->log)($row, $subjects[$row->part_uid], $clock, $reading, 'bench', 'simulated bench');
                }
            }
            $session->forceFill([
                'clock' => $clock,
                'bench' => [
                    'speed' => $bench['speed'],
                    'charger' => $charger->value,
                    'at' => $now,
                    'states' => array_map(static fn(BenchBattery $b): array => $b->toArray(), $states),
                    'sheets' => $bench['sheets'],
                ],
            ])->save();
        });
    }

    /**
     * @param list<string>                $joined
     * @param array<string, BenchBattery> $states
     * @param array<string, Subject>      $subjects
     *
     * @return array<string, BenchBattery>
     */
    private static function levelled(array $joined, array $states, array $subjects, float $linkOhm, float $hours): array
    {
        $rows = array_map(
            static fn(string $uid): array => [
                'id' => $uid,
                'capacity_ah' => $subjects[$uid]->capacityAh,
                'r_ohm' => $subjects[$uid]->ohm,
                'soc_pct' => $states[$uid]->socPct(),
            ],
            $joined,
        );
        try {
            $course = Levelling::of($rows, $subjects[$joined[0]]->chemistry, $linkOhm, 0.01, $subjects[$joined[0]]->cells)->course;
        } catch (InvalidValue) {
            return [];
        }
        $at = $course[count($course) - 1][1];
        foreach ($course as [$h, $socs]) {
            if ($h >= $hours) {
                $at = $socs;
                break;
            }
        }

        return array_combine($joined, array_map(static fn(string $uid): BenchBattery => $states[$uid]->withCharge($at[$uid]), $joined));
    }
}
