<?php

declare(strict_types=1);

namespace App\Support;

use App\Actions\LogReading;
use App\Models\BalanceSession;
use Illuminate\Support\Facades\DB;
use Pebblefell\Balance\BenchBattery;
use Pebblefell\Balance\Step;
use Pebblefell\Balance\Subject;
use Pebblefell\Bank\Levelling;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\System;

/**
 * The simulated bench: a battery monitor and a charger for every battery of a session, at a chosen speed. Its readings go the way of
 * all readings (LogReading), so that a real driver can take its place.
 */
final class Bench
{
    public const SPEEDS = [1.0, 60.0, 600.0, 3600.0];

    public function __construct(private readonly LogReading $log)
    {
    }

    /**
     * Sets the stand-ins up: hidden charges by the session's number, faults as chosen.
     *
     * @param array<string, string> $faults by part uid
     */
    public function start(BalanceSession $session, float $speed, array $faults): void
    {
        $states = [];
        foreach ($session->balanceBatteries()->get() as $i => $row) {
            $states[$row->part_uid] = $session->bench['states'][$row->part_uid] ?? BenchBattery::hidden(1009 * $session->id + 97 * $i + 11, $faults[$row->part_uid] ?? '')->toArray();
        }
        $session->forceFill(['clock' => $session->clock ?? now(), 'bench' => ['speed' => $speed, 'states' => $states]])->save();
    }

    /** So many real seconds on. */
    public function tick(BalanceSession $session, System $system, float $seconds): void
    {
        DB::transaction(function () use ($session, $system, $seconds): void {
            $session = BalanceSession::query()->lockForUpdate()->findOrFail($session->id);
            $bench = $session->bench;
            if ($bench === null || $session->clock === null || !$session->isOpen()) {
                return;
            }
            $ahead = $seconds * $bench['speed'];
            $clock = $session->clock->addSeconds((int) round($ahead));
            $rows = $session->balanceBatteries()->get();
            $subjects = $states = [];
            foreach ($rows as $row) {
                $part = $system->parts[$row->part_uid] ?? null;
                if ($part !== null && isset($bench['states'][$row->part_uid])) {
                    $subjects[$row->part_uid] = Subject::of($row->part_uid, $part->data);
                    $states[$row->part_uid] = BenchBattery::fromArray($bench['states'][$row->part_uid])->advanced($subjects[$row->part_uid], $row->step, $ahead, $row->charger_a ?? 30.0);
                }
            }
            $joined = [];
            foreach ($rows as $row) {
                if ($row->step === Step::Joined && isset($states[$row->part_uid])) {
                    $joined[] = $row->part_uid;
                }
            }
            if (count($joined) > 1) {
                $states = [...$states, ...self::levelled($joined, $states, $subjects, $session->link_ohm, $ahead / 3600.0)];
            }
            foreach ($rows as $row) {
                if (isset($states[$row->part_uid])) {
                    $row->setRelation('session', $session);
                    $reading = $states[$row->part_uid]->read($subjects[$row->part_uid], (float) $clock->getTimestamp());
                    ($this->log)($row, $subjects[$row->part_uid], $clock, $reading->volts, $reading->amps, $reading->celsius, 'bench', 'simulated bench');
                }
            }
            $session->forceFill(['clock' => $clock, 'bench' => ['speed' => $bench['speed'], 'states' => array_map(static fn(BenchBattery $b): array => $b->toArray(), $states)]])->save();
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
        $rows = array_map(static fn(string $uid): array => ['id' => $uid, 'capacity_ah' => $subjects[$uid]->capacityAh, 'r_ohm' => $subjects[$uid]->ohm, 'soc_pct' => $states[$uid]->socPct], $joined);
        try {
            $course = Levelling::of($rows, $subjects[$joined[0]]->chemistry, $linkOhm, 0.01)->course;
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
