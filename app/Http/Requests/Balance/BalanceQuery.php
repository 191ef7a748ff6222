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
     * @return array<int, float> V by the block's place
     */
    public function blocks(): array
    {
        return array_map(floatval(...), array_filter((array) $this->query('blocks', []), is_numeric(...)));
    }

    public function amps(): float
    {
        return is_numeric($this->query('amps')) ? (float) $this->query('amps') : 0.0;
    }
}
