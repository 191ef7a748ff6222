<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\FormRequest;
use App\Models\Part;
use Illuminate\Validation\Rule;
use Pebblefell\System\Fate;

final class FateRequest extends FormRequest
{
    public function rules(): array
    {
        $part = $this->route('part');
        // A part that is only planned is bought or not; it cannot be kept.
        $wasThere = $part instanceof Part && $part->fate->isFound();

        return ['fate' => ['required', Rule::in(array_map(
            static fn(Fate $f): string => $f->value,
            array_filter(Fate::cases(), static fn(Fate $f): bool => $wasThere ? $f !== Fate::Add : $f === Fate::Add),
        ))]];
    }

    public function fate(): Fate
    {
        return Fate::from($this->text('fate'));
    }
}
