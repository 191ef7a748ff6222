<?php

declare(strict_types=1);

namespace App\Http\Requests\Test;

use App\Http\Requests\Query;

/** On which way a joint is hunted: uid of the device at its end. */
final class TestQuery extends Query
{
    public function rules(): array
    {
        return ['way' => ['nullable', 'string', 'max:20']];
    }
}
