<?php

declare(strict_types=1);

namespace App\Http\Requests\Test;

use App\Csv\Csv;
use App\Http\Requests\FormRequest;
use App\Models\Job;
use App\Record\LiveDischarge;
use Illuminate\Validation\Validator;
use Pebblefell\Bank\CapacityTest;
use Pebblefell\Exception\InvalidValue;

/** A discharge as it was logged: time, volts and amps, as a table or a CSV file's text, and where it ends. */
final class CapacityRequest extends FormRequest
{
    /** Rows of a log. Chosen: a day at one every two seconds. */
    private const MOST = 45_000;

    private ?CapacityTest $test = null;

    public function rules(): array
    {
        return [
            'part' => ['required', 'string', 'max:20'],
            'end_v' => ['required', 'numeric', 'between:0.5,80'],
            'celsius' => ['nullable', 'numeric', 'between:-60,150'],
            'table' => ['required_without:live', 'nullable', 'string', 'max:2000000'],
            'live' => ['nullable', 'boolean'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['end_v' => 'end', 'table' => 'log', 'celsius' => 'temperature'];
    }

    protected function check(Validator $validator): void
    {
        if ($this->boolean('live')) {
            $this->checkLive($validator);

            return;
        }
        [$rows, $faults] = Csv::read($this->text('table'), ['minutes', 'volts', 'amps'], self::MOST);
        $readings = [];
        foreach ($rows as $row) {
            $values = [];
            foreach (['minutes', 'volts', 'amps'] as $key) {
                $number = str_replace([',', '−'], ['.', '-'], trim($row[$key] ?? ''));
                if (!is_numeric($number)) {
                    $faults[] = ['path' => 'line ' . $row['#'], 'message' => "$key is no number"];
                    break;
                }
                $values[$key] = (float) $number;
            }
            if (isset($values['minutes'], $values['volts'], $values['amps'])) {
                $readings[] = ['t_s' => $values['minutes'] * 60.0, 'volts' => $values['volts'], 'amps' => abs($values['amps'])];
            }
        }
        if ($faults !== []) {
            $validator->errors()->add('table', ucfirst($faults[0]['path']) . ' ' . $faults[0]['message'] . '.');

            return;
        }
        try {
            $this->test = CapacityTest::of($readings, (float) $this->number('end_v'));
        } catch (InvalidValue $e) {
            $validator->errors()->add('table', str_ends_with($e->path, 't_s')
                ? 'Line ' . (2 + (int) (explode('/', $e->path)[2] ?? 0)) . ' is not later than the one before.'
                : 'Two lines at least, with minutes, volts and amps.');

            return;
        }
        if (!$this->test->reachedEnd) {
            $validator->errors()->add('table', 'The volts never come down to the end: no capacity can be read off it.');
        }
    }

    /** As it was read while it ran. */
    private function checkLive(Validator $validator): void
    {
        $job = $this->route('job');
        $readings = $job instanceof Job ? LiveDischarge::readings($job, $this->text('part')) : [];
        $this->test = count($readings) < 2 ? null : CapacityTest::of($readings, (float) $this->number('end_v'));
        if ($this->test?->reachedEnd !== true) {
            $validator->errors()->add('part', 'It has not come down to its end yet.');
        }
    }

    public function result(): CapacityTest
    {
        assert($this->test !== null);

        return $this->test;
    }
}
