<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey\Typed;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\Part;

/** One line as it was typed, and as it was read. */
final readonly class TypedLine
{
    /**
     * @param string        $text    as typed
     * @param ?Part         $part    one of them; null: it could not be read
     * @param ?InvalidValue $problem why not, at /KIND/LINE of the sheet, or at '' where not even the kind is known
     */
    public function __construct(public string $text, public int $count, public ?Part $part, public ?InvalidValue $problem)
    {
    }
}
