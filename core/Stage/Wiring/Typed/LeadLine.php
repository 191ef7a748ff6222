<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring\Typed;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Change;

/** One line about a lead as it was typed, and as it was read. */
final readonly class LeadLine
{
    /**
     * @param list<Change>  $changes what it does to the plan; none where it could not be read
     * @param ?InvalidValue $problem why not
     */
    public function __construct(public string $text, public array $changes, public ?InvalidValue $problem)
    {
    }
}
