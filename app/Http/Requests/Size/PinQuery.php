<?php

declare(strict_types=1);

namespace App\Http\Requests\Size;

use App\Http\Requests\Query;
use App\Models\LibraryPart;
use Illuminate\Validation\Rule;
use Pebblefell\Stage\Size\ComesIn;
use Pebblefell\System\Kind\Family;

/** Where the pin on the endurance map stands, and what is asked there. */
final class PinQuery extends Query
{
    public function rules(): array
    {
        // A part that is planned and not in the library goes by its name in the job.
        $part = static fn(Family $family): array => ['nullable', 'string', static function (
            string $key,
            mixed $value,
            callable $fail,
        ) use ($family): void {
            $library = array_column(LibraryPart::ofKinds(...$family->kinds()), 'uid');
            if (!in_array($value, $library, true) && preg_match('/^p\d+$/', (string) $value) !== 1) {
                $fail(__('validation.exists', ['attribute' => $key]));
            }
        }];

        return [
            'battery' => $part(Family::Battery),
            'panel' => $part(Family::Panel),
            'month' => ['nullable', 'integer', 'between:0,12'],
            'in' => ['nullable', Rule::enum(ComesIn::class)],
            'strings' => ['nullable', 'integer', 'between:1,1000'],
            'panels' => ['nullable', 'integer', 'between:0,1000'],
        ];
    }

    public function whole(string $key): ?int
    {
        return $this->askedNumber($key) === null ? null : (int) $this->askedNumber($key);
    }
}
