<?php

declare(strict_types=1);

namespace App\Http\Requests\Balance;

use App\Http\Requests\FormRequest;
use App\Models\Job;
use App\Record\Studies;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Pebblefell\Balance\BalanceStep;
use Pebblefell\Balance\Protocol;
use Pebblefell\Stage\Bank\BankDrawing;
use Pebblefell\System\Part;

/** A new balance session: how, which batteries, with which leads and chargers. */
final class BalanceRequest extends FormRequest
{
    /** Rows for chargers on the form. Chosen. */
    public const CHARGERS = 4;

    public function rules(): array
    {
        return [
            'protocol' => ['required', Rule::enum(Protocol::class)],
            'parts' => ['required', 'array', 'min:1'],
            'parts.*' => [Rule::in($this->planned())],
            'mm2' => ['required', 'numeric', 'between:0.5,300'],
            'lead_m' => ['required', 'numeric', 'between:0.05,20'],
            'lead_a' => ['nullable', 'numeric', 'between:1,2000'],
            'charger' => ['array', 'max:' . self::CHARGERS],
            'charger.*' => ['nullable', 'string', 'max:60', 'distinct'],
            'charger_a' => ['array', 'max:' . self::CHARGERS],
            'charger_a.*' => ['nullable', 'numeric', 'between:0.1,1000'],
        ];
    }

    protected function check(Validator $validator): void
    {
        $protocol = Protocol::tryFrom($this->text('protocol'));
        if ($validator->errors()->isNotEmpty() || $protocol === null) {
            return;
        }
        if (in_array(BalanceStep::Charging, $protocol->steps(), true) && $this->chargers() === []) {
            $validator->errors()->add('charger.0', 'Name a charger and its amps: here every battery is charged.');
        }
        if (in_array(BalanceStep::Joined, $protocol->steps(), true) && count((array) $this->input('parts')) < 2) {
            $validator->errors()->add('parts', 'Choose two or more: one alone has nobody to be joined to.');
        }
    }

    /**
     * @return array<string, mixed> columns of the session
     */
    public function validated($key = null, $default = null): array
    {
        return [
            'protocol' => $this->text('protocol'),
            'link_ohm' => 2.0 * BankDrawing::ohm((float) $this->number('mm2'), (float) $this->number('lead_m')),
            'lead_a' => $this->number('lead_a'),
            'chargers' => $this->chargers(),
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return [
            'parts' => 'batteries',
            'mm2' => 'joining leads',
            'lead_m' => 'length',
            'lead_a' => 'what the leads bear',
            'charger_a.*' => 'charger’s current',
            'charger.*' => 'charger',
        ];
    }

    /**
     * @return list<array{name: string, amps: float}>
     */
    private function chargers(): array
    {
        $chargers = [];
        foreach ((array) $this->input('charger', []) as $i => $name) {
            $amps = $this->input("charger_a.$i");
            if (is_string($name) && trim($name) !== '' && is_numeric($amps)) {
                $chargers[] = ['name' => trim($name), 'amps' => (float) $amps];
            }
        }

        return $chargers;
    }

    /**
     * @return list<string>
     */
    private function planned(): array
    {
        $job = $this->route('job');

        return $job instanceof Job ? array_map(static fn(Part $p): string => $p->uid, Studies::of($job)->planned()->houseBatteries()) : [];
    }
}
