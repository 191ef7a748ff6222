<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class SignInRequest extends FormRequest
{
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'max:190'], 'password' => ['required', 'string', 'max:200'], 'remember' => ['boolean']];
    }
}
