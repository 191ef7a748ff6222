<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Job;
use App\Models\Workshop;
use Illuminate\Foundation\Http\FormRequest as BaseRequest;
use Pebblefell\Region\Units;

/** A form of this application. Who may send it is the route's business; here it is only read. */
abstract class FormRequest extends BaseRequest
{
    use GoesBack;

    public function authorize(): bool
    {
        return true;
    }

    /** Decimal commas are read as points. */
    protected function prepareForValidation(): void
    {
        $numeric = array_keys(array_filter($this->rules(), static fn($rule): bool => is_array($rule) && in_array('numeric', $rule, true)));
        foreach ($numeric as $key) {
            $value = $this->input($key);
            if (is_string($value) && preg_match('/^\s*[-−+]?\d*[.,]?\d+\s*$/u', $value) === 1) {
                $this->merge([$key => str_replace([',', '−', ' '], ['.', '-', ''], $value)]);
            }
        }
    }

    /**
     * @return array<string, mixed>
     */
    abstract public function rules(): array;

    /** The units in which this form was filled in. */
    protected function units(?Job $job = null): Units
    {
        return ($job?->effectiveRegion() ?? Workshop::current()->region)->units();
    }

    /** A number as typed, or null when the field is empty. */
    protected function number(string $key): ?float
    {
        $value = $this->input($key);

        return $value === null || $value === '' ? null : (float) $value;
    }

    /** A number typed in the region's unit, in the metric one. */
    protected function metric(string $key, string $unit, Units $units): ?float
    {
        $value = $this->number($key);

        return $value === null ? null : round($units->read($value, $unit), 6);
    }

    protected function text(string $key): string
    {
        return trim($this->string($key)->toString());
    }
}
