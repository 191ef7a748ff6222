<?php

declare(strict_types=1);

namespace App\Http\Requests\Loads;

use App\Http\Requests\FormRequest;
use App\Models\Appliance;
use App\Models\ApplianceNames;
use App\Models\Job;
use App\Words\HoursText;
use App\Words\Lexicon;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Load\Does;
use Pebblefell\Load\LoadSide;
use Pebblefell\Load\UsualAppliances;

/** An appliance, with its hours in the scenario that is looked at. Watts may be given as amps at the system's volts. */
final class ApplianceRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'side' => ['required', Rule::enum(LoadSide::class)],
            'watts' => ['nullable', 'string', 'max:20'],
            'quantity' => ['nullable', 'numeric', 'between:1,1000'],
            'duty_pct' => ['nullable', 'numeric', 'between:0,100'],
            'standby_w' => ['nullable', 'numeric', 'between:0,10000'],
            'surge_w' => ['nullable', 'numeric', 'between:0,100000'],
            'circuit' => ['nullable', 'string', 'max:120'],
            'hours' => ['nullable', 'string', 'max:300'],
            'scenario' => ['nullable', 'string', 'max:20'],
            'does' => ['nullable', Rule::enum(Does::class)],
            'fed_by' => ['nullable', 'string', Rule::exists('parts', 'uid')->where('job_id', $this->job()->id)],
        ];
    }

    /** A new appliance of a usual name gets the usual figures where the form is empty. */
    protected function fillIn(): void
    {
        $usual = $this->isMethod('post') && !$this->filled('watts')
            ? UsualAppliances::find(ApplianceNames::usual($this->text('name')) ?? '')
            : null;
        if ($usual !== null) {
            $this->merge(['watts' => (string) $usual['watts'], 'side' => $usual['side']]);
            foreach (['duty_pct', 'standby_w', 'surge_w'] as $key) {
                if (!$this->filled($key) && $usual[$key] !== null) {
                    $this->merge([$key => (string) $usual[$key]]);
                }
            }
        }
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['duty_pct' => 'duty', 'standby_w' => 'standby', 'surge_w' => 'start surge', 'fed_by' => 'what it hangs on'];
    }

    protected function check(Validator $validator): void
    {
        try {
            HoursText::parse($this->text('hours'));
        } catch (InvalidValue $e) {
            $validator->errors()->add('hours', ucfirst(Lexicon::plain()->refusal($e)) . '.');
        }
        if ($this->watts() === null) {
            $validator->errors()->add('watts', 'Write watts as 45, or amps as 3.8 A.');
        }
    }

    /**
     * @return array<string, mixed> columns of the appliance
     */
    public function row(?Appliance $appliance): array
    {
        $row = ['name' => $this->text('name'), 'side' => $this->text('side'), 'watts' => $this->watts()];
        // A row's form shows its lesser figures only when they are open; what it does not show stays as it is.
        foreach (['quantity' => 1.0, 'duty_pct' => 100.0, 'standby_w' => 0.0, 'surge_w' => null] as $key => $otherwise) {
            if ($this->has($key) || $appliance === null) {
                $row[$key] = $this->number($key) ?? $otherwise;
            }
        }
        if ($this->filled('does')) {
            $row['does'] = $this->text('does');
        }
        foreach (['circuit', 'fed_by'] as $key) {
            if ($this->has($key)) {
                $row[$key] = $this->text($key);
            }
        }
        $scenario = $this->text('scenario');
        if ($scenario !== '' && $this->has('hours')) {
            $hours = array_filter([...$appliance->hours ?? [], $scenario => HoursText::parse($this->text('hours'))]);
            ksort($hours);
            $row['hours'] = $hours;
        }

        return $row;
    }

    private function job(): Job
    {
        $job = $this->route('job');
        assert($job instanceof Job);

        return $job;
    }

    private function watts(): ?float
    {
        $job = $this->job();
        if (preg_match('/^(\d+(?:[.,]\d+)?)\s*(W|A)?$/i', $this->text('watts'), $m) !== 1) {
            return null;
        }
        $number = (float) str_replace(',', '.', $m[1]);
        if (strtoupper($m[2] ?? 'W') !== 'A') {
            return $number;
        }
        $volts = $this->text('side') === 'ac' ? $job->effectiveRegion()->mainsV() : $job->system_v;

        return round($number * $volts, 3);
    }
}
