<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use App\Models\User;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

final class UserRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'email' => ['required', 'email', 'max:190', Rule::unique('users')->ignore($this->route('user'))],
            'roles' => ['required', 'array', 'min:1', 'max:3'],
            'roles.*' => [Rule::enum(Role::class), 'distinct'],
            'active' => ['boolean'],
            'new_password' => ['boolean'],
        ];
    }

    protected function check(Validator $validator): void
    {
        $user = $this->route('user');
        $stepsDown = $user instanceof User && $user->holds(Role::Office) && (!in_array(
            Role::Office->value,
            (array) $this->input('roles'),
            true,
        ) || !$this->boolean('active'));
        if ($stepsDown
            // Locked: two who step down at one time do not each count on the other.
            && User::query()->whereJsonContains('roles', Role::Office->value)->where('active', true)
                ->whereKeyNot($user->id)->lockForUpdate()->get(['id'])->isEmpty()) {
            $validator->errors()->add('roles', 'Someone must be left who can manage accounts.');
        }
    }

    /**
     * @return array<string, mixed> columns of the user
     */
    public function row(): array
    {
        return [
            'name' => $this->text('name'),
            'email' => mb_strtolower($this->text('email')),
            'roles' => array_values((array) $this->input('roles')),
            'active' => !$this->route('user') instanceof User || $this->boolean('active'),
        ];
    }
}
