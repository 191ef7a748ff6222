<?php

declare(strict_types=1);

namespace App\View\Components;

use Illuminate\View\Component;

/** A component that is made of what the view hands it and of its own defaults: it asks the container for nothing. */
abstract class Made extends Component
{
    /**
     * @param array<string, mixed> $data what is no parameter becomes an attribute
     */
    public static function resolve($data): static
    {
        // A page holds dozens of fields: reflection for each is a tenth of its time.
        // @phpstan-ignore new.static
        return new static(...array_intersect_key($data, array_flip(static::extractConstructorParameters())));
    }
}
