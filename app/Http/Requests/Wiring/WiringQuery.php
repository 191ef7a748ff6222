<?php

declare(strict_types=1);

namespace App\Http\Requests\Wiring;

use App\Http\Requests\Query;

/** What is asked of the circuit on its screen: which parts are thought open, and what runs meanwhile. */
final class WiringQuery extends Query
{
    public function rules(): array
    {
        return [
            'open' => ['array', 'max:60'],
            'open.*' => ['string', 'max:20'],
            'sun' => ['nullable', 'boolean'],
            'engine' => ['nullable', 'boolean'],
            'shore' => ['nullable', 'boolean'],
            'generator' => ['nullable', 'boolean'],
        ];
    }

    /**
     * @return list<string> uids of parts that are thought open
     */
    public function open(): array
    {
        return array_values(array_filter((array) $this->query('open', []), is_string(...)));
    }

    /**
     * @return array{sun: bool, engine: bool, shore: bool, generator: bool}
     */
    public function running(): array
    {
        return [
            'sun' => $this->boolean('sun'),
            'engine' => $this->boolean('engine'),
            'shore' => $this->boolean('shore'),
            'generator' => $this->boolean('generator'),
        ];
    }
}
