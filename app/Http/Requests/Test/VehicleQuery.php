<?php

declare(strict_types=1);

namespace App\Http\Requests\Test;

use App\Http\Requests\Query;

/** Practice on a whole simulated vehicle: which secret, what was read, and what was named. */
final class VehicleQuery extends Query
{
    public function rules(): array
    {
        return [
            'seed' => ['nullable', 'integer', 'between:1,99999999'],
            'r' => ['array', 'max:80'],
            'r.*' => ['string', 'max:60'],
            'read' => ['nullable', 'string', 'max:60'],
            'named' => ['nullable', 'string', 'regex:/^(none|sensor|\d{1,3})$/'],
        ];
    }

    public function seed(): ?int
    {
        return ctype_digit($this->asked('seed')) ? (int) $this->asked('seed') : null;
    }

    /**
     * @return list<string> steps of the proof, or "sensor", in the order in which they were read
     */
    public function read(): array
    {
        $read = array_filter(
            [...array_values((array) $this->query('r', [])), $this->asked('read')],
            static fn(mixed $s): bool => is_string($s) && $s !== '',
        );

        return array_values(array_unique($read));
    }
}
