<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\BalanceBattery;
use App\Models\BalanceSession;
use Illuminate\Validation\Rule;
use Pebblefell\Balance\Step;

/** One battery's next step in its session, or an earlier one; joining is the session's, not a battery's. */
final class StepRequest extends FormRequest
{
    public function rules(): array
    {
        return ['step' => ['required', Rule::in(array_map(static fn(Step $s): string => $s->value, $this->allowed()))], 'charger' => ['nullable', Rule::in(array_column($this->balance()->chargers, 'name'))]];
    }

    public function step(): Step
    {
        return Step::from($this->text('step'));
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['step.in' => 'One step after the other.'];
    }

    /**
     * @return list<Step>
     */
    private function allowed(): array
    {
        $steps = $this->balance()->protocol->steps();
        $battery = $this->route('balanceBattery');
        $at = $battery instanceof BalanceBattery ? (int) array_search($battery->step, $steps, true) : 0;

        return $battery instanceof BalanceBattery && $battery->step !== Step::Joined ? array_values(array_filter(array_slice($steps, 0, $at + 2), static fn(Step $s): bool => $s !== Step::Joined && $s !== $battery->step)) : [];
    }

    private function balance(): BalanceSession
    {
        $session = $this->route('balanceSession');

        return $session instanceof BalanceSession ? $session : new BalanceSession();
    }
}
