<?php

declare(strict_types=1);

namespace App\Http\Requests\Balance;

use App\Http\Requests\Query;

/** Block by block: volts of one string at one moment, and what flows. */
final class BalanceQuery extends Query
{
    public function rules(): array
    {
        return [
            'blocks' => ['array', 'max:16'],
            'blocks.*' => ['nullable', 'numeric', 'between:0.5,70'],
            'amps' => ['nullable', 'numeric', 'between:-2000,2000'],
        ];
    }

    /**
     * @return list<float> none unless each was typed
     */
    public function blocks(): array
    {
        $typed = (array) $this->query('blocks', []);
        $read = array_values(array_filter($typed, static fn(mixed $v): bool => is_numeric($v)));

        return count($read) === count($typed) ? array_map(floatval(...), $read) : [];
    }

    public function amps(): float
    {
        return is_numeric($this->query('amps')) ? (float) $this->query('amps') : 0.0;
    }
}
