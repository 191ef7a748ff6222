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
            'role' => ['required', Rule::enum(Role::class)],
            'active' => ['boolean'],
            'new_password' => ['boolean'],
        ];
    }

    /**
     * @return list<callable(Validator): void>
     */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $user = $this->route('user');
            $stepsDown = $user instanceof User && $user->isOffice() && ($this->text('role') !== Role::Office->value || !$this->boolean('active'));
            if ($stepsDown && User::query()->where('role', Role::Office->value)->where('active', true)->whereKeyNot($user->id)->doesntExist()) {
                $validator->errors()->add('role', 'Someone must be left who can manage accounts.');
            }
        }];
    }

    /**
     * @return array<string, mixed> columns of the user
     */
    public function row(): array
    {
        return [
            'name' => $this->text('name'),
            'email' => mb_strtolower($this->text('email')),
            'role' => $this->text('role'),
            'active' => !$this->route('user') instanceof User || $this->boolean('active'),
        ];
    }
}
