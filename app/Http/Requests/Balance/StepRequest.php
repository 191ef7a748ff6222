<?php

declare(strict_types=1);

namespace App\Http\Requests\Balance;

use App\Http\Requests\FormRequest;
use App\Models\BalanceBattery;
use App\Models\BalanceSession;
use App\Models\Job;
use App\Record\Studies;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Pebblefell\Balance\BalanceStep;
use Pebblefell\Balance\Protocol;
use Pebblefell\Balance\Subject;

/** One battery's next step in its session, or an earlier one; joining is the session's, not a battery's. */
final class StepRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'step' => ['required', Rule::in(array_map(static fn(BalanceStep $s): string => $s->value, $this->allowed()))],
            'charger' => ['nullable', Rule::in(array_column($this->balance()->chargers, 'name'))],
        ];
    }

    public function step(): BalanceStep
    {
        return BalanceStep::from($this->text('step'));
    }

    /** A charger charges one battery, and none that it is too strong for. */
    protected function check(Validator $validator): void
    {
        $battery = $this->route('balanceBattery');
        $job = $this->route('job');
        if ($validator->errors()->isNotEmpty()
            || $this->step() !== BalanceStep::Charging
            || !$battery instanceof BalanceBattery
            || !$job instanceof Job) {
            return;
        }
        $session = $this->balance();
        $name = $this->filled('charger') ? $this->text('charger') : $battery->charger;
        $charger = collect($session->chargers)->firstWhere('name', $name);
        $data = Studies::of($job)->system->parts[$battery->part_uid]->data ?? null;
        $taken = $session->balanceBatteries->first(static fn(BalanceBattery $b): bool => !$b->is($battery)
            && $b->step->takesCurrent()
            && $b->charger === $name);
        $fault = match (true) {
            $charger === null => 'Choose the charger that it goes on.',
            $taken !== null && $session->protocol !== Protocol::Refresh => "$name is taken by another battery.",
            $data !== null && !Subject::of($battery->part_uid, $data, $session->protocol)->bears($charger['amps']) => sprintf(
                '%s gives %g A; by its data sheet this battery takes %g A at most.',
                $name,
                $charger['amps'],
                $data->number('charge_limit_a') ?? 0.0,
            ),
            default => null,
        };
        if ($fault !== null) {
            $validator->errors()->add('charger', $fault);
        }
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['step.in' => 'One step after the other.'];
    }

    /**
     * @return list<BalanceStep>
     */
    private function allowed(): array
    {
        $steps = $this->balance()->protocol->steps();
        $battery = $this->route('balanceBattery');
        $at = $battery instanceof BalanceBattery ? (int) array_search($battery->step, $steps, true) : 0;

        return $battery instanceof BalanceBattery && $battery->step !== BalanceStep::Joined ? array_values(array_filter(
            array_slice($steps, 0, $at + 2),
            static fn(BalanceStep $s): bool => $s !== BalanceStep::Joined && $s !== $battery->step,
        )) : [];
    }

    private function balance(): BalanceSession
    {
        $session = $this->route('balanceSession');

        return $session instanceof BalanceSession ? $session : new BalanceSession();
    }
}
