<?php

declare(strict_types=1);

namespace App\Http\Requests\Balance;

use App\Http\Requests\FormRequest;
use App\Http\Requests\FromOutbox;
use App\Models\BalanceSession;
use App\Models\Job;
use Carbon\CarbonInterface;
use Closure;
use Illuminate\Validation\Validator;
use Pebblefell\Balance\BatteryReading;

/** A reading for the log of a battery. */
final class ReadingRequest extends FormRequest
{
    use FromOutbox;

    public function rules(): array
    {
        return [
            ...$this->outboxRules(),
            'volts' => ['required', 'numeric', 'between:-1000,1000'],
            'amps' => ['nullable', 'numeric', 'between:-100000,100000'],
            'celsius' => ['nullable', 'numeric', 'between:-100,250'],
            'cells' => ['nullable', 'string', 'max:400', static function (string $key, mixed $value, Closure $fail): void {
                if (self::cellList((string) $value) === null) {
                    $fail('Volts of each cell, with spaces between them: 3.412 3.409 3.420 3.398.');
                }
            }],
        ];
    }

    protected function check(Validator $validator): void
    {
        $this->checkClock($validator);
    }

    /** When it was read: by the device that noted it; on the simulated bench its clock goes before. */
    public function readAt(BalanceSession $session): CarbonInterface
    {
        return $this->filled('read_at') && $session->clock === null ? $this->at() : $session->time();
    }

    public function reading(Job $job, CarbonInterface $at): BatteryReading
    {
        $cells = self::cellList($this->text('cells'));

        return new BatteryReading(
            (float) $at->getTimestamp(),
            (float) $this->number('volts'),
            $this->number('amps'),
            $this->metric('celsius', '°C', $this->units($job)),
            $cells === [] ? null : $cells,
        );
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['read_at' => 'time', 'celsius' => 'temperature'];
    }

    /**
     * @return ?list<float> null: something in it is no number
     */
    private static function cellList(string $text): ?array
    {
        $cells = [];
        foreach (preg_split('/[\s;]+/', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $cell) {
            $cell = str_replace(',', '.', rtrim($cell, ','));
            if (!is_numeric($cell)) {
                return null;
            }
            $cells[] = (float) $cell;
        }

        return $cells;
    }
}
