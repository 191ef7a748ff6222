<?php

declare(strict_types=1);

namespace App\Csv;

use App\Models\Job;
use App\Models\Setting;
use App\Models\User;
use App\Record\Studies;
use App\Words\Lexicon;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;
use Pebblefell\System\Part;

/** The settings of a job as a table: a box a line, metric; what comes in is what was found, set and read back. */
final class SettingsCsv
{
    private const COLUMNS = ['part', 'device', 'box', 'unit', 'planned', 'found', 'as_set', 'read_back', 'by', 'at'];
    private const NOTED = ['found', 'as_set', 'read_back'];

    /** Boxes that one file holds. */
    private const MOST = 2000;

    public static function write(Job $job): string
    {
        $rows = [self::COLUMNS];
        foreach (Studies::of($job)->settings()->devices as ['part' => $part, 'rows' => $boxes]) {
            foreach ($boxes as $box) {
                $rows[] = [
                    $part->uid, $part->typedName(), $box->parameter->value, $box->parameter->unit(), $box->planned()->text(),
                    $box->entry?->found?->text(), $box->entry?->asSet?->text(), $box->entry?->readBack?->text(), $box->entry?->by,
                    $box->entry?->at,
                ];
            }
        }

        return Csv::write($rows);
    }

    /** All of it, or nothing. */
    public static function read(Job $job, string $text, User $by): CsvResult
    {
        $boxes = [];
        foreach (Studies::of($job)->settings()->devices as ['part' => $part, 'rows' => $rows]) {
            foreach ($rows as $row) {
                $boxes["$part->uid {$row->parameter->value}"] = $part;
            }
        }
        [$rows, $faults] = Csv::read($text, ['part', 'box'], self::MOST);
        $noted = [];
        foreach ($rows as $row) {
            try {
                $noted[] = self::row($row, $boxes);
            } catch (InvalidValue $e) {
                $faults[] = ['path' => 'line ' . $row['#'] . ', ' . ltrim($e->path, '/'), 'message' => Lexicon::plain()->refusal($e)];
            }
        }
        if ($faults !== []) {
            return new CsvResult(0, $faults);
        }
        foreach ($noted as [$uid, $parameter, $values]) {
            $setting = $job->settings()->where('part_uid', $uid)->where('parameter', $parameter)->first()
                ?? new Setting();
            $setting->job()->associate($job);
            $setting->fill(['part_uid' => $uid, 'parameter' => $parameter, ...$values]);
            if ($setting->isDirty(self::NOTED)) {
                $setting->changeTo(['entered_by' => $by->name, 'entered_at' => now()->toIso8601ZuluString()]);
            }
        }

        return new CsvResult(count($noted), []);
    }

    /**
     * @param array<string, string> $row
     * @param array<string, Part>   $boxes by "uid parameter"
     *
     * @return array{string, string, array<string, string>}
     */
    private static function row(array $row, array $boxes): array
    {
        $parameter = Parameter::tryFrom($row['box']);
        if ($parameter === null || !isset($boxes["{$row['part']} {$row['box']}"])) {
            throw InvalidValue::at('/box', 'not-in-job', ['name' => "{$row['part']} {$row['box']}"]);
        }
        $values = [];
        foreach (self::NOTED as $column) {
            // An empty cell says nothing: what somebody noted meanwhile stays.
            if (($row[$column] ?? '') === '') {
                continue;
            }
            try {
                $values[$column] = SetValue::parse($row[$column])->text();
            } catch (InvalidValue $e) {
                throw $e->under("/$column");
            }
        }

        return [$row['part'], $parameter->value, $values];
    }
}
