<?php

declare(strict_types=1);

namespace App\Csv;

use App\Actions\Survey\AddParts;
use App\Models\Appliance;
use App\Models\Job;
use App\Models\Scenario;
use App\Record\Bounds;
use App\Words\HoursText;
use App\Words\Lexicon;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\ApplianceUse;

/** A job's loads as CSV, with a column of hours for each scenario ("hours: Usual day"). Rows read in are added to the job. */
final class ApplianceCsv
{
    private const COLUMNS = ['name', 'side', 'watts', 'quantity', 'duty_pct', 'standby_w', 'surge_w', 'circuit', 'fed_by'];

    public static function write(Job $job): string
    {
        $scenarios = $job->scenarios()->get();
        $rows = [[...self::COLUMNS, ...$scenarios->map(static fn(Scenario $s): string => 'hours: ' . $s->name)->all()]];
        foreach ($job->appliances()->get() as $a) {
            $rows[] = [
                $a->name, $a->side->value, $a->watts, $a->quantity, $a->duty_pct, $a->standby_w, $a->surge_w, $a->circuit, $a->fed_by,
                ...$scenarios->map(static fn(Scenario $s): string => HoursText::write($a->hours[$s->uid] ?? []))->all(),
            ];
        }

        return Csv::write($rows);
    }

    public static function read(Job $job, string $text): CsvResult
    {
        [$rows, $faults] = Csv::read($text, ['name', 'side', 'watts'], Bounds::most()['appliances'] - $job->appliances()->count());
        $scenarios = $job->scenarios()->get()->mapWithKeys(static fn(Scenario $s): array => ['hours: ' . $s->name => $s->uid])->all();
        $parts = array_values($job->parts()->pluck('uid')->map(strval(...))->all());
        $appliances = [];
        foreach ($rows as $row) {
            try {
                $appliances[] = self::appliance($row, $scenarios, $parts);
            } catch (InvalidValue $e) {
                $faults[] = ['path' => 'line ' . $row['#'] . ', ' . ltrim($e->path, '/'), 'message' => Lexicon::plain()->refusal($e)];
            }
        }
        if ($faults !== []) {
            return new CsvResult(0, $faults);
        }
        (new AddParts())->rows($job, Appliance::class, 'a', $appliances);

        return new CsvResult(count($appliances), []);
    }

    /**
     * @param array<string, string> $row
     * @param array<string, string> $scenarios uid by column
     * @param list<string>          $parts     uids of the job
     *
     * @return array<string, mixed> columns of the appliance
     */
    private static function appliance(array $row, array $scenarios, array $parts): array
    {
        $hours = [];
        foreach ($scenarios as $column => $uid) {
            $spans = HoursText::parse($row[$column] ?? '');
            if ($spans !== []) {
                $hours[$uid] = $spans;
            }
        }
        if ($row['name'] === '' || mb_strlen($row['name']) > 120) {
            throw InvalidValue::at('/name', 'needed-of-at-most', ['most' => '120']);
        }
        if (!in_array($row['side'], ['dc', 'ac'], true)) {
            throw InvalidValue::at('/side', 'dc-or-ac');
        }
        $appliance = [
            'name' => $row['name'],
            'side' => $row['side'],
            'watts' => Csv::number($row, 'watts') ?? throw InvalidValue::at('/watts', 'needed'),
            'quantity' => Csv::number($row, 'quantity') ?? 1.0,
            'duty_pct' => Csv::number($row, 'duty_pct') ?? 100.0,
            'standby_w' => Csv::number($row, 'standby_w') ?? 0.0,
            'surge_w' => Csv::number($row, 'surge_w'),
            'circuit' => mb_strlen($row['circuit'] ?? '') <= 120 ? $row['circuit'] ?? '' : throw InvalidValue::at(
                '/circuit',
                'at-most',
                ['most' => '120'],
            ),
            'fed_by' => self::part($row['fed_by'] ?? '', $parts),
            'hours' => $hours,
        ];
        // Core refuses what the trade cannot use.
        ApplianceUse::fromArray([...$appliance, 'uid' => 'new']);

        return $appliance;
    }

    /**
     * @param list<string> $parts uids of the job
     */
    private static function part(string $uid, array $parts): string
    {
        return $uid === '' || in_array($uid, $parts, true) ? $uid : throw InvalidValue::at(
            '/fed_by',
            'part-of-job',
        );
    }
}
