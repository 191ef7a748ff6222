<?php

declare(strict_types=1);

namespace App\Csv;

use App\Actions\Balance\LogReading;
use App\Actions\Balance\ReadingIntake;
use App\Models\BalanceSession;
use App\Models\Workshop;
use Carbon\CarbonImmutable;
use Pebblefell\Balance\BatteryReading;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\System;
use Symfony\Component\Uid\Uuid;
use Throwable;

/**
 * Readings of a balance session as CSV: battery, time, volts, and where they were read amps, celsius and cell1, cell2 …; the
 * workshop's time where none is named. Read in whole or not at all. The same line read in again is known again, and kept once.
 */
final class ReadingsCsv
{
    /** Name space of the ids that are made from a line (RFC 4122, version 5). */
    private const IDS = '6f0d8f8e-5e0a-4c57-9a53-6f3f5f3f3b0e';

    public static function read(BalanceSession $session, System $system, string $text, string $by, bool $sure): CsvResult
    {
        [$rows, $faults] = Csv::read(
            $text,
            $session->balanceBatteries()->count() > 1 ? ['battery', 'time', 'volts'] : ['time', 'volts'],
            (int) config('pebblefell.most_rows.readings'),
        );
        if ($rows === [] && $faults === []) {
            $faults[] = ['path' => 'line 2', 'message' => 'there are no readings below the names of the columns'];
        }
        $intake = new ReadingIntake(new LogReading());

        return CsvResult::whole($rows, $faults, static function (array $row) use ($session, $system, $intake, $by, $sure): bool {
            $battery = ReadingIntake::battery($session, $system, $row['battery'] ?? '');
            $at = self::time($row['time']);
            $reading = self::reading($row, $at);
            $read = json_encode([$reading->volts, $reading->amps, $reading->celsius, $reading->cells]);
            $name = implode('|', [$session->id, $battery->id, $at->getTimestamp(), $read]);
            $id = Uuid::v5(Uuid::fromString(self::IDS), $name)->toRfc4122();

            return $intake->take($battery, $system, $at, $reading, 'file', $by, $id, $sure);
        });
    }

    public static function write(BalanceSession $session, System $system): string
    {
        $batteries = $session->balanceBatteries()->with('readings')->get();
        $cells = (int) $batteries->flatMap(static fn($b) => $b->readings)->map(static fn($r): int => count($r->cells ?? []))->max();
        $rows = [[
            'battery',
            'time',
            'volts',
            'amps',
            'celsius',
            ...array_map(static fn(int $i): string => "cell$i", $cells > 0 ? range(1, $cells) : []),
            'step',
            'source',
            'by',
        ]];
        foreach ($batteries as $k => $battery) {
            $serial = $system->parts[$battery->part_uid]->serial ?? '';
            foreach ($battery->readings as $r) {
                $rows[] = [
                    $serial !== '' && $serial !== '–' ? $serial : (string) ($k + 1),
                    $r->read_at->utc()->format('Y-m-d\TH:i:s\Z'),
                    $r->volts,
                    $r->amps,
                    $r->celsius,
                    ...array_pad($r->cells ?? [], $cells, null),
                    $r->step,
                    $r->source,
                    $r->by,
                ];
            }
        }

        return Csv::write($rows);
    }

    /**
     * @param array<string, string> $row
     */
    private static function reading(array $row, CarbonImmutable $at): BatteryReading
    {
        $cells = [];
        for ($i = 1; isset($row["cell$i"]); ++$i) {
            $cells[] = Csv::number($row, "cell$i");
        }
        $cells = array_values(array_filter($cells, static fn(?float $v): bool => $v !== null));

        return new BatteryReading(
            (float) $at->getTimestamp(),
            Csv::number($row, 'volts') ?? throw InvalidValue::at('/volts', 'needed'),
            Csv::number($row, 'amps'),
            Csv::number($row, 'celsius'),
            $cells === [] ? null : $cells,
        );
    }

    private static function time(string $text): CarbonImmutable
    {
        try {
            return $text === '' ? throw InvalidValue::at('/time', 'needed') : CarbonImmutable::parse(
                $text,
                Workshop::current()->timezone,
            )->utc();
        } catch (InvalidValue $e) {
            throw $e;
        } catch (Throwable) {
            throw InvalidValue::at('/time', 'no-moment', ['text' => $text]);
        }
    }
}
