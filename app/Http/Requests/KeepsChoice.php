<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A change of the plan that may be kept beside it as a choice, under a name. */
trait KeepsChoice
{
    /**
     * @return array<string, list<string>>
     */
    private static function asChoice(): array
    {
        return [
            'as' => ['nullable', 'in:plan,choice'],
            'choice' => ['required_if:as,choice', 'nullable', 'string', 'max:120'],
            'choice_group' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return ?array{name: string, group: string} null: it is to be the plan */
    public function choice(): ?array
    {
        return $this->text('as') === 'choice' ? ['name' => $this->text('choice'), 'group' => $this->text('choice_group')] : null;
    }
}
