<?php

declare(strict_types=1);

namespace App\Http\Requests\Test;

use App\Http\Requests\Query;

/** Practice on a simulated vehicle: which way, which secret, where the meter was held, and what was named. */
final class TrainingQuery extends Query
{
    public function rules(): array
    {
        return [
            'way' => ['nullable', 'string', 'max:20'],
            'seed' => ['nullable', 'integer', 'between:1,99999999'],
            'm' => ['array', 'max:60'],
            'm.*' => ['string', 'regex:/^\d{1,2}-\d{1,2}$/'],
            'from' => ['nullable', 'integer', 'between:0,60'],
            'to' => ['nullable', 'integer', 'between:0,60'],
            'named' => ['nullable', 'string', 'regex:/^(none|\d{1,2})$/'],
        ];
    }

    public function seed(): ?int
    {
        return ctype_digit($this->asked('seed')) ? (int) $this->asked('seed') : null;
    }

    /**
     * @return list<array{int, int}> pairs of points, in the order in which they were measured
     */
    public function measured(): array
    {
        $pairs = [];
        [$from, $to] = [$this->asked('from'), $this->asked('to')];
        $new = $from === '' || $to === '' ? [] : [min((int) $from, (int) $to) . '-' . max((int) $from, (int) $to)];
        foreach (array_filter([...array_values((array) $this->query('m', [])), ...$new], is_string(...)) as $pair) {
            if (preg_match('/^(\d{1,2})-(\d{1,2})$/', $pair, $m) === 1 && (int) $m[1] < (int) $m[2]) {
                $pairs["$m[1]-$m[2]"] = [(int) $m[1], (int) $m[2]];
            }
        }

        return array_values($pairs);
    }
}
