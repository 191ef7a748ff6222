<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\BalanceBattery;
use App\Models\BalanceReading;
use App\Models\BalanceSession;
use Pebblefell\Balance\Candidate;
use Pebblefell\Balance\Forecast;
use Pebblefell\Balance\Gate;
use Pebblefell\Balance\Reading;
use Pebblefell\Balance\Subject;
use Pebblefell\System\Part;
use Pebblefell\System\System;

/** A balance session laid out: each battery with its readings and forecast, and the gate's answer. */
final readonly class BalanceDesk
{
    /** Readings that a chart and a forecast are made of: thinned beyond. Chosen. */
    private const MOST = 600;

    /**
     * @param array<int, array{row: BalanceBattery, part: Part, subject: Subject, readings: list<Reading>, forecast: Forecast}> $batteries
     */
    private function __construct(public BalanceSession $session, public array $batteries, public Gate $gate)
    {
    }

    public static function of(BalanceSession $session, System $system): self
    {
        $batteries = $candidates = [];
        foreach ($session->balanceBatteries()->get() as $row) {
            $part = $system->parts[$row->part_uid] ?? null;
            if ($part === null) {
                continue;
            }
            $row->setRelation('session', $session);
            $subject = Subject::of($row->part_uid, $part->data);
            $readings = self::readings($row);
            $batteries[] = ['row' => $row, 'part' => $part, 'subject' => $subject, 'readings' => $readings, 'forecast' => Forecast::of($subject, $session->protocol, $row->step, $readings, (float) $row->since->getTimestamp(), $row->charger_a)];
            $candidates[] = new Candidate($subject, self::name($part, count($batteries)), $row->step, $readings, (float) $row->since->getTimestamp());
        }

        return new self($session, $batteries, Gate::judge($session->protocol, $candidates, (float) $session->time()->getTimestamp(), $session->link_ohm, $session->lead_a));
    }

    public static function name(Part $part, int $number): string
    {
        return $part->serial === '' || $part->serial === '–' ? 'battery ' . $number : $part->serial;
    }

    /**
     * @return list<Reading> oldest first
     */
    private static function readings(BalanceBattery $row): array
    {
        $all = array_values($row->readings()->get()->map(static fn(BalanceReading $r): Reading => $r->toReading())->all());
        $each = (int) ceil(count($all) / self::MOST);
        $last = count($all) - 1;

        return $each <= 1 ? $all : array_values(array_filter($all, static fn(int $i): bool => $i % $each === 0 || $i === $last, ARRAY_FILTER_USE_KEY));
    }
}
