<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Validator;

/**
 * A document with a number of its own: its form says which it will have, so that two presses do not make two.
 *
 * @phpstan-require-extends FormRequest
 */
trait MadeOnce
{
    /**
     * @return array<string, list<string>>
     */
    private function numberRules(): array
    {
        return ['number' => ['nullable', 'integer', 'between:1,65535']];
    }

    private function checkNumber(Validator $validator, string $what, int $last): void
    {
        if ($this->filled('number') && $this->integer('number') <= $last) {
            $validator->errors()->add(
                'form',
                ucfirst($what) . " $last is made already. Look at it; another one is made from this page as it is now.",
            );
        }
    }
}
