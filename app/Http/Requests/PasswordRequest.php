<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Validation\Rules\Password;

final class PasswordRequest extends FormRequest
{
    /** Bytes that bcrypt looks at. */
    private const MOST_BYTES = 72;

    public function rules(): array
    {
        return [
            'current_password' => ['required', 'current_password'],
            'password' => ['required', 'confirmed', self::hashedWhole(...), 'different:current_password', Password::defaults()],
        ];
    }

    /** Refuses what is so long that the hash would cut it off without a word. */
    private static function hashedWhole(string $key, mixed $value, Closure $fail): void
    {
        if (is_string($value) && strlen($value) > self::MOST_BYTES) {
            $fail('A password holds ' . self::MOST_BYTES . ' bytes at most: so many plain letters, or half as many with accents.');
        }
    }

    /**
     * @return array<string, string>
     */
    public function messages(): array
    {
        return ['current_password.current_password' => 'That is not your password.', 'password.confirmed' => 'The two do not agree.'];
    }
}
