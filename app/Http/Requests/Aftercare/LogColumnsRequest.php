<?php

declare(strict_types=1);

namespace App\Http\Requests\Aftercare;

use App\Http\Requests\FormRequest;
use App\Models\LogFile;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** Which column of a log is which. */
final class LogColumnsRequest extends FormRequest
{
    public function rules(): array
    {
        $log = $this->route('logFile');
        $rules = ['out_is_positive' => ['nullable', 'boolean']];
        foreach (LogFile::MEANINGS as $meaning) {
            $rules[$meaning] = [
                $meaning === 'time' ? 'required' : 'nullable', 'string', Rule::in($log instanceof LogFile ? $log->header : []),
            ];
        }

        return $rules;
    }

    protected function check(Validator $validator): void
    {
        $chosen = array_filter($this->columns(), is_string(...));
        if (count($chosen) < 2) {
            $validator->errors()->add('volts', 'Say of one column more what it is: volts, amps or charge.');
        }
        if (count(array_unique($chosen)) < count($chosen)) {
            $validator->errors()->add('time', 'One column is named twice.');
        }
    }

    /**
     * @return array<string, string|bool>
     */
    public function columns(): array
    {
        $columns = [];
        foreach (LogFile::MEANINGS as $meaning) {
            if ($this->filled($meaning)) {
                $columns[$meaning] = $this->text($meaning);
            }
        }

        return [...$columns, 'out_is_positive' => $this->boolean('out_is_positive')];
    }
}
