<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\FormRequest;
use App\Models\LibraryPart;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Pebblefell\Stage\Survey\Typed\TypedLine;
use Pebblefell\Stage\Survey\Typed\TypedLines;
use Pebblefell\System\Fate;
use Pebblefell\System\PartKind;

/** Parts as one notes them, a line each; read first, and kept when they are shown back and right. */
final class TypedRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'lines' => ['required', 'string', 'max:4000'],
            'fate' => ['nullable', Rule::in([Fate::Keep->value, Fate::Add->value])],
            'keep' => ['boolean'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['lines' => 'what is there'];
    }

    /**
     * @return list<TypedLine>
     */
    public function typed(): array
    {
        return once(fn(): array => TypedLines::read($this->text('lines'), LibraryPart::ofKinds(...PartKind::cases())));
    }

    /** Shown back first; kept only when every line could be read. */
    public function isToBeKept(): bool
    {
        return $this->boolean('keep') && array_filter($this->typed(), static fn(TypedLine $l): bool => $l->part === null) === [];
    }

    public function fate(): Fate
    {
        // Only planners buy; whoever else records, records what is there.
        return $this->user()?->can('plan', $this->route('job')) === true && $this->text('fate') !== ''
            ? Fate::from($this->text('fate'))
            : Fate::Keep;
    }

    protected function check(Validator $validator): void
    {
        if (preg_match_all('/\S.*/u', $this->text('lines')) > TypedLines::MOST) {
            $validator->errors()->add('lines', 'At most ' . TypedLines::MOST . ' lines at once.');
        }
    }
}
